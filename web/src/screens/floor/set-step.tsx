import { cuesFor } from '@drimbo/core/formats';
import { asDone, findingLoad, offeredFor } from '@drimbo/core/log';
import { faults } from '@drimbo/core/movements';
import { useState, type ReactNode } from 'react';
import type { Floor, SetStep as Step } from '../../state/use-floor';
import { Gear } from './gear';
import { Logging } from './logging';
import { Big, Plain } from './look';
import { Metronome } from './metronome';
import { adviceFor, loadWords } from './words';

/** One set: the load as plates or bells to take, the reps, what to leave, the cues. */
export function SetStep({
  floor,
  step,
  onPain,
}: {
  floor: Floor;
  step: Step;
  /** A set that was just logged hurt. */
  onPain: () => void;
}): ReactNode {
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
  const finding = findingLoad(line, step.setIndex, floor.sets.map(asDone), floor.context);
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
      {set.byHand && !isOther && !isLogging && advice?.reps != null && advice.reps < reps.lo && (
        <p role="note">
          {advice.reps === 0
            ? 'Your coach’s load, and more than is expected to go up once: ask before you lift it.'
            : `Your coach’s load. About ${advice.reps} ${advice.reps === 1 ? 'rep is' : 'reps are'} expected of it.`}
        </p>
      )}
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
        <Logging
          floor={floor}
          m={line}
          setIndex={step.setIndex}
          offered={{
            ...offeredFor(line, step.setIndex, advice),
            // Where the plan is kept its own figures are.
            ...(keepsPlan ? { loadKg: set.kg, reps: set.expectedReps ?? reps.lo, left: null } : {}),
          }}
          saves="Log"
          keep={async (told) => {
            await floor.log(step, told);
            if (told.some((t) => t.said.ended === 'pain')) onPain();
          }}
          back={() => setLogging(false)}
        />
      ) : (
        <>
          {finding && (
            <ol aria-label="How to find the load" style={{ display: 'grid', gap: 6 }}>
              {finding.says.map((s) => (
                <li key={s}>{s}</li>
              ))}
              {finding.tries.length > 0 && (
                <li>First tries: {finding.tries.map((t) => loadWords(t, step, unit)).join(', then ')}.</li>
              )}
            </ol>
          )}
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
