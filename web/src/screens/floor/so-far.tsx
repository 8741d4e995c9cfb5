import { otherNameOf, type PerformedSet } from '@drimbo/core/log';
import { leftOut } from '@drimbo/core/session';
import type { MeasuredLine } from '@drimbo/core/measure';
import { A_LOT } from '@drimbo/core/set-model';
import { massText } from '@drimbo/core/units';
import { useState, type ReactNode } from 'react';
import { Dialog } from '../../parts/dialog';
import { TextField } from '../../parts/text-field';
import type { Floor } from '../../state/use-floor';
import { Logging } from './logging';
import { Plain, Words } from './look';

/** "80 kg × 8, 2 left", "15 s", "40 kg × 7, left not said". */
export function setWords(s: PerformedSet, unit: 'kg' | 'lb'): string {
  const load = s.loadKg > 0 ? massText(s.loadKg, unit) : 'body';
  const side = s.side ? ` ${s.side}` : '';
  if (s.kind === 'hold') return `${load}, ${s.heldS} s${side}`;
  const left =
    s.kind === 'stage'
      ? ''
      : s.reserve === null
        ? ', left not said'
        : `, ${s.reserve >= A_LOT ? 'many' : s.reserve} left`;
  return `${load} × ${s.reps}${side}${left}`;
}

/** The same of a line; named where it was another movement than the line has by now. */
export function setWordsIn(m: MeasuredLine, s: PerformedSet, unit: 'kg' | 'lb'): string {
  const other = otherNameOf(s, m);
  return other === null ? setWords(s, unit) : `${other}, ${setWords(s, unit)}`;
}

/** A set that was logged, to be put right or taken back. */
function Correcting({
  floor,
  m,
  set,
  done,
}: {
  floor: Floor;
  m: MeasuredLine;
  set: PerformedSet;
  done: () => void;
}): ReactNode {
  const [wrong, setWrong] = useState('');
  return (
    <>
      <h3>
        {m.name}, set {set.setIndex + 1}
      </h3>
      <Logging
        floor={floor}
        m={m}
        setIndex={set.setIndex}
        offered={{ loadKg: set.loadKg, reps: set.reps, left: null, heldS: set.heldS }}
        began={{ reserve: set.reserve, said: set }}
        saves="Keep"
        keep={async ([told]) => {
          await floor.correct(set, m, told!);
          done();
        }}
        back={done}
      />
      <Plain
        kind="quiet"
        onPress={() => {
          floor.takeBack([set]).then(done, (error: Error) => setWrong(error.message));
        }}
      >
        Take this set back
      </Plain>
      {wrong && <p role="alert">{wrong}</p>}
    </>
  );
}

/** One movement: its sets, and what may be done about it. */
function Movement({
  floor,
  m,
  correct,
  mayChange,
}: {
  floor: Floor;
  m: MeasuredLine;
  correct: (set: PerformedSet) => void;
  mayChange: boolean;
}): ReactNode {
  const [why, setWhy] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const { unit } = floor.context.client;
  const sets = floor.sets.filter((s) => s.lineId === m.id).sort((a, b) => a.setIndex - b.setIndex);
  const out = leftOut(floor.session, () => m.sets.length);
  const open = m.sets.filter(
    (_, i) => !sets.some((s) => s.setIndex === i) && !out.has(`${m.id} ${i}`),
  ).length;
  const outHere = m.sets.flatMap((_, i) => out.get(`${m.id} ${i}`) ?? []);
  const step = floor.steps[floor.at];
  const isNow = step !== undefined && step.is !== 'warm-up' && step.line.id === m.id;
  const does = (work: Promise<void>): void => {
    work.then(
      () => setWhy(null),
      (error: Error) => setWrong(error.message),
    );
  };
  return (
    <li style={{ display: 'grid', gap: 6 }}>
      <b>{m.name}</b>
      {sets.length > 0 && (
        <ul style={{ display: 'grid', gap: 6 }}>
          {sets.map((s) => (
            <li key={s.id}>
              {mayChange ? (
                <Plain onPress={() => correct(s)}>
                  {s.setIndex + 1}: {setWordsIn(m, s, unit)}
                </Plain>
              ) : (
                `${s.setIndex + 1}: ${setWordsIn(m, s, unit)}`
              )}
            </li>
          ))}
        </ul>
      )}
      {outHere.length > 0 && (
        <p className="soft">
          {outHere.length} left out{outHere[0] ? `: ${outHere[0]}` : ''}
        </p>
      )}
      {open > 0 && <p className="soft">{open} to do</p>}
      {mayChange && open > 0 && why === null && (
        <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
          {!isNow && <Plain onPress={() => does(floor.doNext(m.id))}>Do it next</Plain>}
          {isNow && step?.is === 'set' && (
            <Plain onPress={() => does(floor.leaveOut(m.id, [step.setIndex], ''))}>Leave this set out</Plain>
          )}
          <Plain kind="quiet" onPress={() => setWhy('')}>
            Leave the rest of it out
          </Plain>
        </div>
      )}
      {why !== null && (
        <>
          <TextField label="Why" value={why} maxLength={160} onChange={setWhy} />
          <Plain onPress={() => does(floor.leaveOut(m.id, null, why.trim()))}>Leave it out</Plain>
        </>
      )}
      {wrong && <p role="alert">This phone could not keep it: {wrong}</p>}
    </li>
  );
}

/** Everything that was done, to be put right; and what is still to do, in another order or left out. */
export function SoFar({
  floor,
  mayChange,
  close,
}: {
  floor: Floor;
  mayChange: boolean;
  close: () => void;
}): ReactNode {
  const [correcting, setCorrecting] = useState<PerformedSet | null>(null);
  const line = floor.measured.lines.find((m) => m.id === correcting?.lineId);
  return (
    <Dialog title="So far" isOpen onClose={close}>
      {() => (
        <Words>
          {correcting && line && correcting.setIndex < line.sets.length ? (
            <Correcting
              key={correcting.id}
              floor={floor}
              m={line}
              set={correcting}
              done={() => setCorrecting(null)}
            />
          ) : (
            <>
              <ul aria-label="Movements" style={{ display: 'grid', gap: 18 }}>
                {floor.measured.lines.map((m) => (
                  <Movement key={m.id} floor={floor} m={m} correct={setCorrecting} mayChange={mayChange} />
                ))}
              </ul>
              <Plain kind="strong" onPress={close}>
                Back to the session
              </Plain>
            </>
          )}
        </Words>
      )}
    </Dialog>
  );
}
