import { type Caution, fullRig, type LimitId, type Movement, type Rig } from '../movements';
import { type Line, promisedReps, setTargets } from '../session';
import type { Doing } from './limit-questions';
import { effortRows, rows } from './limit-table';

/** A caution, and whether it is only worth knowing. */
export interface Met extends Caution {
  isNote: boolean;
}

/** How hard a line is meant to be, as the table of limits asks. */
export function doingOf(line: Line): Doing {
  const targets = setTargets(line);
  const reps = promisedReps(line);
  return {
    reserve: Math.min(...targets.map((t) => (t.toFailure ? 0 : t.reserve))),
    fewest: reps.length > 0 ? Math.min(...reps.map((r) => r.lo)) : null,
    holdS: Math.max(line.squeezeS ?? 0, ...targets.map((t) => t.holdS ?? 0)),
  };
}

/** Everything a limit has against a movement at a rig and, where it is known, how it is done; the louder first. */
export function metBy(movement: Movement, rig: Rig, limit: LimitId, doing?: Doing): Met[] {
  const setting = { movement, rig: fullRig(movement, rig) };
  const met = [
    ...rows.filter((row) => row.limit === limit && row.when(setting)),
    ...(doing ? effortRows.filter((row) => row.limit === limit && row.when(setting, doing)) : []),
  ];
  return met
    .map(({ say, isNote }) => ({ limit, say, isNote: isNote ?? false }))
    .sort((a, b) => Number(a.isNote) - Number(b.isNote));
}

/** The caution of a movement that a limit meets at a rig; null where there is none. */
export const cautionFor = (movement: Movement, rig: Rig, limit: LimitId, doing?: Doing): Met | null =>
  metBy(movement, rig, limit, doing)[0] ?? null;

/** Limits of a client that a movement at a rig would meet. */
export const limitsMet = (movement: Movement, rig: Rig, limits: readonly { limit: LimitId }[]): LimitId[] =>
  limits.map((l) => l.limit).filter((limit) => cautionFor(movement, rig, limit) !== null);

const every: readonly LimitId[] = [
  'shoulder front',
  'shoulder unstable',
  'elbow',
  'wrist',
  'lower back',
  'blood pressure',
  'pec strain',
];

/** What a movement's page warns of: the first caution of each limit it meets as it is set up. */
export const cautionsOf = (movement: Movement, rig: Rig): Met[] =>
  every.flatMap((limit) => cautionFor(movement, rig, limit) ?? []);
