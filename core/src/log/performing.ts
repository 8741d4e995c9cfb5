import type { MeasuredLine } from '../measure';
import { repSeconds, type SetTarget } from '../session';
import type { PerformedKind, PerformedSet, Said } from './performed-set';

/** The figures of a set as they are told: what was not counted is left out, what nobody said is null. */
export type Figures = Pick<PerformedSet, 'loadKg' | 'reps' | 'reserve' | 'heldS'>;

/** What a bout is when it is done as it was meant. */
export const kindOf = (target: Pick<SetTarget, 'holdS' | 'volumeOnly'>): PerformedKind =>
  target.holdS !== undefined ? 'hold' : target.volumeOnly ? 'stage' : 'set';

/** What a set is asked, as it is kept with it. */
function askedOf(
  m: Pick<MeasuredLine, 'sets' | 'places' | 'isLight'>,
  setIndex: number,
): NonNullable<PerformedSet['asked']> {
  const { target } = m.sets[setIndex]!;
  return {
    lo: target.open ? 0 : target.reps.lo,
    hi: target.reps.hi,
    reserve: target.reserve,
    ...(target.toFailure ? { toFailure: true as const } : {}),
    ...(m.isLight ? { light: true as const } : {}),
    restS: Math.min(1800, m.places[setIndex]?.restS ?? 0),
  };
}

/** The set somebody did of a line, as it is logged: everything but whose it is and when. */
export function performed(
  m: Pick<MeasuredLine, 'id' | 'movement' | 'rig' | 'line' | 'sets' | 'places' | 'isLight'>,
  setIndex: number,
  { loadKg, reps, reserve, heldS }: Figures,
  said: Said,
): Omit<PerformedSet, 'id' | 'clientId' | 'sessionId' | 'doneOn'> {
  const set = m.sets[setIndex]!;
  const kind = kindOf(set.target);
  return {
    ...said,
    lineId: m.id,
    setIndex,
    kind,
    movement: m.movement.id,
    rig: set.target.rig ? { ...m.rig, ...set.target.rig } : m.rig,
    loadKg: Number(loadKg.toFixed(3)),
    reps: kind === 'hold' ? 0 : reps,
    // Done until nothing more came, nothing was left, whoever says so.
    reserve: kind === 'hold' ? null : set.target.toFailure ? (reserve ?? 0) : reserve,
    heldS: kind === 'hold' ? (heldS ?? set.target.holdS ?? 1) : null,
    tired: Number(Math.min(0.6, set.loss).toFixed(3)),
    repS: Math.min(60, Math.max(0.5, repSeconds(m.line.tempo))),
    asked: askedOf(m, setIndex),
    at: m.places[setIndex]?.at ?? null,
  };
}

/** Whose a set is, by which id it is known, and the day its session began on. */
export type Whose = Pick<PerformedSet, 'id' | 'clientId' | 'sessionId' | 'doneOn'>;

/** A set as it is corrected: a new one in the place of the old, of the movement and the tiredness it was done with. */
export const corrected = (
  set: PerformedSet,
  m: Parameters<typeof performed>[0],
  { figures, said }: { figures: Figures; said: Said },
  id: string,
): PerformedSet => ({
  ...set,
  ...performed(m, set.setIndex, figures, said),
  rig: set.rig,
  movement: set.movement,
  tired: set.tired,
  asked: set.asked,
  at: set.at,
  id,
});
