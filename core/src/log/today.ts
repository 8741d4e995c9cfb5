import { creditsOf } from '../mechanics';
import { dayNumber, movesIn, type Measured, type MeasuredLine, setUpOf } from '../measure';
import { movementOf } from '../movements';
import { repSeconds } from '../session';
import type { Surprise, Training } from '../set-model';
import { movedShare } from '../strength';
import { PAINFUL, type PerformedSet } from './performed-set';

/** A set as it was just done. Load in kg as the coach says it; what is left out is as the line has it. */
export type DoneSet = Pick<PerformedSet, 'lineId' | 'setIndex' | 'loadKg' | 'reps' | 'reserve'> &
  Partial<Pick<PerformedSet, 'movement' | 'kind' | 'ended' | 'comfort' | 'technique' | 'at'>>;

/** Ended by something else than strength: pain, a lost path, somebody who came by. */
export const isHeldUp = ({ ended, comfort }: DoneSet): boolean =>
  ((ended ?? null) !== null && ended !== 'too heavy') || (comfort != null && comfort <= PAINFUL);

/** Whether a set of a line tells of strength at all. */
export const tells = (set: DoneSet, m: MeasuredLine): boolean =>
  set.lineId === m.id &&
  (set.kind ?? 'set') === 'set' &&
  !isHeldUp(set) &&
  (set.movement === undefined || set.movement === m.movement.id) &&
  (set.reserve !== null || set.reps === 0 || set.ended === 'too heavy');

/** Whether a set ended because nothing more came. */
export const hasFailed = (set: DoneSet, m: MeasuredLine): boolean => {
  const target = m.sets[set.setIndex]?.target;
  return (
    set.reps === 0 ||
    set.ended === 'too heavy' ||
    target?.toFailure === true ||
    (set.reserve === 0 && target !== undefined && !target.open && set.reps < target.reps.lo)
  );
};

/** Where a session stands: what is known by now, how tired the client is, and when on its clock that is. */
export interface Today {
  training: Training;
  surprises: Surprise[];
  /** The last set that was done, by its line and place; null before any. */
  last: { line: MeasuredLine; setIndex: number } | null;
}

/** Sets in the order they were done, whatever order they are kept in: by their place in the session as it was run. */
export function inOrder(lines: readonly MeasuredLine[], done: readonly DoneSet[]): DoneSet[] {
  const byId = new Map(lines.map((m) => [m.id, m]));
  const placeOf = (d: DoneSet): number =>
    d.at ?? byId.get(d.lineId)?.places[d.setIndex]?.at ?? Number.MAX_SAFE_INTEGER;
  return done
    .map((set) => ({ set, place: placeOf(set) }))
    .sort((a, b) => a.place - b.place || a.set.setIndex - b.set.setIndex)
    .map(({ set }) => set);
}

/** Replays what was done of a session so far, in the order it was done, on top of what was known when it began. */
export function liveToday(
  { lines, context }: Pick<Measured, 'lines' | 'context'>,
  done: readonly DoneSet[],
): Today {
  const { knowledge } = lines[0]!.lift;
  const training = knowledge.training.knowing(lines.map((m) => m.lift.lift));
  training.open(dayNumber(context.onIso ?? context.todayIso));
  const byId = new Map(lines.map((m) => [m.id, m]));
  const surprises: Surprise[] = [];
  let last: Today['last'] = null;
  for (const d of done) {
    const m = byId.get(d.lineId);
    const set = m?.sets[d.setIndex];
    if (!m || !set) continue;
    if (last) training.rest(restBefore(last, m, d.setIndex));
    surprises.push(liveSetToday(training, m, d, context.client.massKg));
    last = { line: m, setIndex: d.setIndex };
  }
  return { training, surprises, last };
}

/** Seconds from one set to the next, as planned where they follow each other, else the rest of the line before. */
function restBefore({ line, setIndex }: NonNullable<Today['last']>, next: MeasuredLine, at: number): number {
  const [a, b] = [line.places[setIndex], next.places[at]];
  return a && b && b.at === a.at + 1 ? a.restS : line.line.restS;
}

function liveSetToday(training: Training, m: MeasuredLine, d: DoneSet, massKg: number): Surprise {
  const { target } = m.sets[d.setIndex]!;
  const movement = d.movement && d.movement !== m.movement.id ? movementOf(d.movement) : m.movement;
  const isOther = movement !== m.movement;
  const rig = isOther ? {} : target.rig ? { ...m.rig, ...target.rig } : m.rig;
  // Another movement in the place of this one tires, and says nothing of it.
  const setUp = isOther ? m.lift.setUp : { ...m.lift.setUp, offset: m.lift.offset };
  const same = target.rig && !isOther ? setUpOf(movement, rig) : setUp;
  return training.set({
    line: m.id,
    index: d.setIndex,
    lift: m.lift.lift.id,
    kg: d.loadKg,
    movesKg: movesIn(same, d.loadKg, movedShare(movement, rig) * massKg),
    reps: d.reps,
    pace: m.pace,
    repS: repSeconds(m.line.tempo) * (movement.oneSided ? 2 : 1),
    told: d.reserve,
    failed: hasFailed(d, m),
    asked: {
      lo: target.open ? 0 : target.reps.lo,
      hi: target.reps.hi,
      reserve: target.reserve,
      ...(target.toFailure ? { toFailure: true } : {}),
    },
    technique: d.technique ?? null,
    counts: !isOther && (d.kind ?? 'set') === 'set' && !isHeldUp(d) && !target.volumeOnly,
    credits: creditsOf(movement, rig),
    oneSided: movement.oneSided === true,
  });
}
