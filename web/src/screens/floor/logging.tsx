import { choicesOf } from '@drimbo/core/loads';
import {
  asksWhy,
  type Ending,
  endings,
  kindOf,
  nothingSaid,
  type Offered,
  type Said,
  unlikely,
} from '@drimbo/core/log';
import type { MeasuredLine } from '@drimbo/core/measure';
import { teachingOf } from '@drimbo/core/movements/teaching';
import { A_LOT } from '@drimbo/core/set-model';
import { fromKg, toKg } from '@drimbo/core/units';
import { useState, type ReactNode } from 'react';
import { CheckBox } from '../../parts/check-box';
import { RadioGroup } from '../../parts/radio-group';
import { Stepper } from '../../parts/stepper';
import type { Floor, Told } from '../../state/use-floor';
import { How } from './how';
import { Big, Plain } from './look';

const endingWords: Record<Ending, string> = {
  'too heavy': 'it was too heavy',
  'lost the path': 'lost the path or the balance',
  pain: 'something hurt',
  interrupted: 'something else: interrupted, another load on it',
};

const lefts = ['0', '1', '2', '3', '4', '5', 'more'] as const;
type Left = (typeof lefts)[number];
const leftOf = (left: Left): number => (left === 'more' ? A_LOT : Number(left));
const asLeft = (reserve: number | null): Left | null =>
  reserve === null ? null : reserve > 5 ? 'more' : (String(Math.round(reserve)) as Left);

/** "2½". */
const half = (n: number): string => `${n >= 1 || n === 0 ? Math.floor(n) : ''}${n % 1 === 0 ? '' : '½'}`;

/** What was done, as planned in two touches or with other figures; what nobody says stays unsaid. */
export function Logging({
  floor,
  m,
  setIndex,
  offered,
  began = { reserve: null, said: nothingSaid },
  saves,
  keep,
  back,
}: {
  floor: Floor;
  m: MeasuredLine;
  setIndex: number;
  offered: Offered;
  /** What was said before, of a set that is corrected. */
  began?: { reserve: number | null; said: Said };
  /** "Log" or "Keep": the first word of the button. */
  saves: string;
  /** Rejects where this device cannot keep it. */
  keep: (told: readonly Told[]) => Promise<void>;
  back: () => void;
}): ReactNode {
  const { unit } = floor.context.client;
  const { target } = m.sets[setIndex]!;
  const kind = kindOf(target);
  const [loadKg, setLoad] = useState(offered.loadKg);
  const [reps, setReps] = useState(offered.reps);
  const [otherReps, setOtherReps] = useState<number | null>(null);
  const [heldS, setHeld] = useState(offered.heldS);
  const [left, setLeft] = useState<Left | null>(asLeft(began.reserve));
  const [said, say] = useState<Said>(began.said);
  const [asked, setAsked] = useState<{ of: string; says: string } | null>(null);
  const [wrong, setWrong] = useState('');
  const [isBusy, setBusy] = useState(false);
  const choices = (choicesOf(floor.context.kit, m.movement) ?? []).map((c) => c.kg).sort((a, b) => a - b);
  const step = (by: 1 | -1): void => {
    const from = loadKg ?? 0;
    const found = by > 0 ? choices.find((c) => c > from + 1e-6) : choices.findLast((c) => c < from - 1e-6);
    if (found !== undefined) setLoad(found);
  };
  const why = asksWhy(m, setIndex, Math.min(reps, otherReps ?? reps));
  const isLoaded =
    m.movement.load.kind === 'external' || (m.movement.load.kind === 'bodyweight' && choices.length > 1);
  const needs =
    isLoaded && loadKg === null
      ? 'Say the load first.'
      : why && said.ended === null
        ? 'Say what happened first.'
        : '';
  const reserve = left === null ? null : leftOf(left);
  const log = (): void => {
    const figures = { loadKg: loadKg ?? 0, reps, reserve, heldS };
    const question = unlikely(figures, m, setIndex, floor.context);
    const of = JSON.stringify(figures);
    if (question && asked?.of !== of) {
      setAsked({ of, says: question });
      return;
    }
    const plain = { ...said, ended: why ? said.ended : null };
    const told: Told[] =
      otherReps === null
        ? [{ figures, said: plain }]
        : [
            { figures, said: { ...plain, side: 'left' } },
            { figures: { ...figures, reps: otherReps }, said: { ...plain, side: 'right' } },
          ];
    setBusy(true);
    keep(told).catch((error: Error) => {
      setBusy(false);
      setWrong(
        `This phone could not keep the set (${error.message}). Press again; if it stays so, write it down.`,
      );
    });
  };
  const sides = otherReps !== null;
  return (
    <>
      {isLoaded && (
        <Stepper
          label={`Load in ${unit}`}
          value={loadKg === null ? null : Number(fromKg(loadKg, unit).toFixed(2))}
          lo={0}
          hi={1300}
          onChange={(n) => setLoad(toKg(n, unit))}
          onStep={step}
        />
      )}
      {kind === 'hold' ? (
        <Stepper label="Seconds held" value={heldS} lo={1} hi={600} onChange={setHeld} />
      ) : (
        <div className={sides ? 'two' : undefined}>
          <Stepper label={sides ? 'Left side' : 'Reps'} value={reps} lo={0} hi={100} onChange={setReps} />
          {sides && <Stepper label="Right side" value={otherReps} lo={0} hi={100} onChange={setOtherReps} />}
        </div>
      )}
      {m.movement.oneSided && kind !== 'hold' && (
        <CheckBox isOn={sides} onChange={(is) => setOtherReps(is ? reps : null)}>
          The sides were not alike
        </CheckBox>
      )}
      {kind === 'set' && !target.toFailure && (
        <RadioGroup
          label={
            left === null && offered.left !== null
              ? `Left in you: nobody said yet, about ${half(offered.left)} expected`
              : 'Left in you'
          }
          isRow
          value={left}
          options={lefts.map((l) => ({ value: l, words: l }))}
          onChange={setLeft}
        />
      )}
      {why && (
        <RadioGroup
          label="It ended early. What happened?"
          value={said.ended}
          options={endings.map((e) => ({ value: e, words: endingWords[e] }))}
          onChange={(ended) => say({ ...said, ended })}
        />
      )}
      <How said={said} say={say} faultIds={teachingOf(m.movement, m.rig).faultIds} />
      {asked && <p role="alert">{asked.says}</p>}
      {wrong && <p role="alert">{wrong}</p>}
      <div className="foot">
        {needs && <p className="soft">{needs}</p>}
        <Big kind="strong" isDisabled={needs !== '' || isBusy} onPress={log}>
          {asked
            ? 'It is so'
            : kind === 'hold'
              ? `${saves} ${heldS} s`
              : `${saves} ${sides ? `${reps} and ${otherReps}` : reps} reps${left === null ? '' : `, ${left} left`}`}
        </Big>
        <Plain kind="quiet" onPress={back}>
          Back
        </Plain>
      </div>
    </>
  );
}
