import { choicesOf } from '@drimbo/core/loads/prescribe';
import type { FloorStep } from '@drimbo/core/log/floor';
import { techniques, type Technique } from '@drimbo/core/log/performed-set';
import { cuesFor } from '@drimbo/core/formats/cues';
import { teachingOf } from '@drimbo/core/movements/teaching/book';
import { faults } from '@drimbo/core/movements/faults';
import { fromKg, toKg } from '@drimbo/core/units/mass';
import { useState, type ReactNode } from 'react';
import { Disclosure } from '../../parts/disclosure';
import { RadioGroup } from '../../parts/radio-group';
import { Select } from '../../parts/select';
import { Stepper } from '../../parts/stepper';
import { nothingSaid, type Said } from '../../data/said';
import type { Floor } from '../../state/use-floor';
import { Big, Plain } from './look';
import { Gear } from './gear';
import { Metronome } from './metronome';
import { adviceFor, loadWords } from './words';

type SetStep = Extract<FloorStep, { is: 'set' }>;

const techniqueWords: Record<Technique, string> = {
  clean: 'clean to the last rep',
  slipping: 'slipping at the end',
  broke: 'broke: it counts for volume only',
};

/** How it was, when somebody wants to say it. */
function How({
  said,
  say,
  faultIds,
}: {
  said: Said;
  say: (said: Said) => void;
  /** What goes wrong in this movement. */
  faultIds: readonly string[];
}): ReactNode {
  const grades = (list: readonly string[], from = 0) =>
    list.map((words, i) => ({ value: String(i + from), words }));
  return (
    <Disclosure says="How was it">
      <RadioGroup
        label="Technique"
        value={said.technique ?? ('' as Technique)}
        options={techniques.map((t) => ({ value: t, words: techniqueWords[t] }))}
        onChange={(technique) =>
          say({ ...said, technique, fault: technique === 'clean' ? null : said.fault })
        }
      />
      {(said.technique === 'slipping' || said.technique === 'broke') && faultIds.length > 0 && (
        <Select
          label="What was seen"
          value={said.fault}
          none="nothing in particular"
          options={faultIds.map((id) => [id, faults[id]!.seen])}
          onChange={(fault) => say({ ...said, fault })}
        />
      )}
      <RadioGroup
        label="Felt where it should be"
        isRow
        value={said.felt === null ? '' : String(said.felt)}
        options={grades(['not', 'little', 'well', 'only there'])}
        onChange={(felt) => say({ ...said, felt: Number(felt) })}
      />
      <Stepper
        label="Comfort, 0 hurts to 10"
        value={said.comfort ?? 8}
        lo={0}
        hi={10}
        onChange={(comfort) => say({ ...said, comfort })}
      />
    </Disclosure>
  );
}

/** What was done, to be logged: as planned in two touches, or with other figures. */
function Logging({
  floor,
  step,
  kg,
  done,
}: {
  floor: Floor;
  step: SetStep;
  kg: number;
  done: () => void;
}): ReactNode {
  const { unit } = floor.context.client;
  const { target } = step.line.sets[step.setIndex]!;
  const advice = adviceFor(floor, step);
  const [loadKg, setLoad] = useState(kg);
  const [reps, setReps] = useState(
    advice?.reps ?? step.line.sets[step.setIndex]!.expectedReps ?? target.reps.lo,
  );
  const [reserve, setReserve] = useState(Math.round(target.toFailure ? 0 : target.reserve));
  const [said, say] = useState<Said>(nothingSaid);
  const choices = (choicesOf(floor.context.kit, step.line.movement) ?? [])
    .map((c) => c.kg)
    .sort((a, b) => a - b);
  const next = (by: 1 | -1): void => {
    const found =
      by > 0 ? choices.find((c) => c > loadKg + 1e-6) : choices.filter((c) => c < loadKg - 1e-6).at(-1);
    if (found !== undefined) setLoad(found);
  };
  return (
    <>
      <Stepper
        label={`Load in ${unit}`}
        value={Number(fromKg(loadKg, unit).toFixed(2))}
        lo={0}
        hi={1300}
        onChange={(n) => setLoad(toKg(n, unit))}
        onStep={next}
      />
      <div className="two">
        <Stepper
          label={target.holdS === undefined ? 'Reps' : 'Holds'}
          value={reps}
          lo={0}
          hi={100}
          onChange={setReps}
        />
        <Stepper label="Left" value={reserve} lo={0} hi={10} onChange={setReserve} />
      </div>
      <How said={said} say={say} faultIds={teachingOf(step.line.movement, step.line.rig).faultIds} />
      <div className="foot">
        <Big
          kind="strong"
          onPress={() => {
            floor.log(step, { loadKg, reps, reserve }, said);
            done();
          }}
        >
          Log {reps} reps, {reserve} left
        </Big>
        <Plain kind="quiet" onPress={done}>
          Back
        </Plain>
      </div>
    </>
  );
}

/** One set: the load as plates or bells to take, the reps, what to leave, the cues. */
export function SetStep({ floor, step }: { floor: Floor; step: SetStep }): ReactNode {
  const { line } = step;
  const [isLogging, setLogging] = useState(false);
  const [keepsPlan, setKeepsPlan] = useState(false);
  const set = line.sets[step.setIndex]!;
  const { target } = set;
  const advice = adviceFor(floor, step);
  const isOther = advice?.why != null && !keepsPlan;
  const kg = isOther ? advice.kg : (set.kg ?? advice?.kg ?? null);
  const { unit } = floor.context.client;
  const { reps } = target;
  const range = reps.lo === reps.hi ? String(reps.lo) : `${reps.lo}–${reps.hi}`;
  const left = target.toFailure
    ? 'until the form goes'
    : target.reserve === 0
      ? 'none left in you'
      : `leave ${Math.round(target.reserve * 2) / 2} in you`;
  const start = kg ?? (choicesOf(floor.context.kit, line.movement) ?? [])[0]?.kg ?? 0;
  const seen = floor.sets.filter((s) => s.lineId === line.id && s.fault !== null).at(-1)?.fault;
  return (
    <>
      <p className="soft">
        Set {step.set} of {step.of}
        {step.stage > 0 && `, stage ${step.stage + 1}`}
        {line.movement.oneSided && ', each side'}
      </p>
      <h2>{line.name}</h2>
      <p className="soft">{line.detail}</p>
      <p className="load">{kg === null ? 'Find the load' : loadWords(kg, step, unit)}</p>
      <Gear floor={floor} step={step} kg={kg} />
      <p>
        <b>
          {target.holdS === undefined ? `${range} reps` : `hold ${target.holdS} s`}, {left}
        </b>
      </p>
      {isOther && (
        <div role="status">
          <p>
            {advice.why}: {advice.kg !== null && loadWords(advice.kg, step, unit)} instead.
          </p>
          <Plain kind="quiet" onPress={() => setKeepsPlan(true)}>
            Keep the plan
          </Plain>
        </div>
      )}
      {isLogging ? (
        <Logging floor={floor} step={step} kg={start} done={() => setLogging(false)} />
      ) : (
        <>
          {seen && faults[seen] && (
            <p>
              Last time: {faults[seen].seen.toLowerCase()}. {faults[seen].fix}.
            </p>
          )}
          <ul>
            {cuesFor(line, floor.context).map((cue) => (
              <li key={cue}>{cue}</li>
            ))}
          </ul>
          {target.holdS === undefined && <Metronome tempo={line.line.tempo} />}
          <div className="foot">
            <Big kind="strong" onPress={() => setLogging(true)}>
              Set done
            </Big>
          </div>
        </>
      )}
    </>
  );
}
