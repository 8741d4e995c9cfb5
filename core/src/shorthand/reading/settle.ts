import { type Entry, type Rig, variantOf } from '../../movements';
import { toKg } from '../../units';
import type { Scheme, Line as SessionLine, Tempo } from '../../session';
import type { Reading, Said } from './reading';

/** What a typed line changes in a line of a session. */
export type Patch = Partial<
  Pick<SessionLine, 'scheme' | 'reserve' | 'tempo' | 'restS' | 'loadKg' | 'squeezeS' | 'percentOf'>
>;

/** What could not be said as a whole: the rest comes from how the movement is begun. */
export interface Partly {
  sets?: number;
  reps?: { lo: number; hi: number };
  /** Seconds in single parts of the repetition. */
  tempo?: Partial<Tempo>;
  lastReserve?: number;
  toFailure?: true;
}

export interface Settled {
  patch: Patch;
  rig: Rig;
  partly: Partly;
  /** Readings that make no sense with this movement; their words are kept. */
  refused: Reading[];
}

const gathered = (readings: readonly Reading[]): Said => {
  const said: Said = {};
  for (const { says } of readings) Object.assign(said, says, { rig: { ...said.rig, ...says.rig } });
  return said;
};

/** Sets, repetitions and what goes with them as one scheme; null where nothing whole was said. */
function schemeOf(said: Said): Scheme | null {
  const { technique, sets, reps, list } = said;
  if (said.scheme) return said.scheme;
  if (list) {
    if (technique?.kind === 'each its own') return { kind: 'list', reps: list };
    const same = list.every((r) => r.lo === list[0]!.lo && r.hi === list[0]!.hi);
    if (same && !technique) return { kind: 'straight', sets: list.length, reps: list[0]! };
    if (list.some((r) => r.lo !== r.hi)) return { kind: 'list', reps: list };
    const counts = list.map((r) => r.lo);
    const falls = counts.every((n, i) => i === 0 || n <= counts[i - 1]!);
    const rises = counts.every((n, i) => i === 0 || n >= counts[i - 1]!);
    if (!falls && !rises) return { kind: 'list', reps: list };
    return counts.length < 2
      ? { kind: 'list', reps: list }
      : { kind: falls ? 'ascending' : 'descending', reps: counts };
  }
  if (technique?.kind === 'failure' && sets !== undefined && !reps)
    return { kind: 'to failure', sets, about: 12, until: 'form' };
  if (sets === undefined || !reps) return null;
  if (technique?.kind === 'drop') {
    const { drops, lighter, on, then } = technique;
    return { kind: 'drop', sets, reps, drops, lighter, on, ...(then ? { then } : {}) };
  }
  if (technique?.kind === 'rest-pause') {
    const { bouts, pauseS, on } = technique;
    return { kind: 'rest-pause', sets, reps, bouts, pauseS, on };
  }
  return { kind: 'straight', sets, reps };
}

/** The half of the repetition in which the muscle is long: below, but for what is pushed down. */
const isLongAtTop = (entry: Entry): boolean => entry.movement.pattern === 'elbow down';

/** What the readings come to on this movement; without one everything is taken as it was said. */
export function settled(readings: readonly Reading[], entry: Entry | null): Settled {
  const refused: Reading[] = [];
  const kept = readings.filter((r) => {
    const ok = makesSense(r, entry, readings);
    if (!ok) refused.push(r);
    return ok;
  });
  const said = gathered(kept);
  const patch: Patch = {};
  const partly: Partly = {};
  const scheme = schemeOf(said);
  if (scheme) patch.scheme = scheme;
  else {
    if (said.sets !== undefined) partly.sets = said.sets;
    if (said.reps) partly.reps = said.reps;
  }
  if (said.reserve) patch.reserve = said.reserve;
  if (said.lastReserve !== undefined) partly.lastReserve = said.lastReserve;
  if (said.technique?.kind === 'failure') {
    partly.toFailure = true;
    if (scheme?.kind === 'to failure' || !scheme) patch.reserve = { first: 0, last: 0 };
  }
  if (said.tempo) patch.tempo = said.tempo;
  const parts: Partial<Tempo> = {};
  if (said.lowerS !== undefined) parts.lower = said.lowerS;
  if (said.pause) {
    const { at, seconds } = said.pause;
    const isLong =
      at === 'stretch' ||
      (at === 'bottom' && !(entry && isLongAtTop(entry))) ||
      (at === 'top' && entry !== null && isLongAtTop(entry));
    parts[isLong ? 'stretched' : 'shortened'] = seconds;
  }
  if (Object.keys(parts).length > 0) partly.tempo = parts;
  if (said.restS !== undefined) patch.restS = said.restS;
  if (said.squeezeS !== undefined) patch.squeezeS = said.squeezeS;
  if (said.load) {
    const kgs = said.load.values.map((v) => Number(toKg(v, said.load!.unit).toFixed(3)));
    patch.loadKg = kgs.length === 1 ? kgs[0]! : kgs;
  }
  if (said.percent) {
    const lift = said.percent.lift ?? entry?.id;
    if (lift) patch.percentOf = { lift, percent: said.percent.percent };
  }
  const rig: Rig = { ...said.rig };
  if (said.benchDeg !== undefined) {
    const isDecline = entry?.rig.benchDeg !== undefined && entry.rig.benchDeg < 0;
    rig.benchDeg = isDecline ? -Math.abs(said.benchDeg) : said.benchDeg;
  }
  return { patch, rig, partly, refused };
}

function makesSense(r: Reading, entry: Entry | null, all: readonly Reading[]): boolean {
  const { says } = r;
  if (says.load?.isAdded && entry && entry.movement.load.kind !== 'bodyweight') return false;
  // Loads set by set need as many sets.
  const sets = all.find((o) => o.says.sets !== undefined)?.says.sets;
  if (says.load && says.load.values.length > 1 && sets !== undefined && sets !== says.load.values.length)
    return false;
  if (!entry) return true;
  const { knobs } = entry.movement;
  if (says.rig?.range !== undefined) return knobs.range?.options.includes(says.rig.range) ?? false;
  if (says.benchDeg !== undefined) return knobs.benchDeg !== undefined;
  if (says.rig?.gripBiacromial !== undefined) return knobs.gripBiacromial !== undefined;
  if (says.rig?.tuckDeg !== undefined) return knobs.tuckDeg !== undefined;
  return true;
}

/** The name a movement goes by once it is set up as it was said. */
export function entrySetUp(entry: Entry, rig: Rig, pool: readonly Entry[]): Entry {
  if (Object.keys(rig).length === 0 || entry.own !== undefined) return entry;
  const variant = variantOf(entry.movement, { ...entry.rig, ...rig });
  return pool.find((e) => e.id === variant.id && e.movement === entry.movement) ?? entry;
}
