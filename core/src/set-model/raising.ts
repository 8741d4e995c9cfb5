import { type Belief, maxBelief } from './belief';
import { type Bounds, chooseOne, type LineAsked, type Tried, tryLoad } from './choosing';
import { stretchOf } from './doing';
import { setModelTable } from './table';

const { sureSd, mostUp, down, stayAfterDown, sayEasy, freeSessions } = setModelTable.raising;
const { otherThanLast } = setModelTable.missing;
const { most: lighterMost, least: lighterLeast } = setModelTable.lighterWeek;

/** A set of a session that is over, beside what was asked of it. */
export interface SessionSet {
  kg: number;
  reps: number;
  lo: number;
  /** How it looked, where somebody said; the last set's decides. */
  unclean?: boolean;
}

/** What the sessions of a lift, of one range, come to: what the next may do with the load. */
export interface Run {
  /** Ordinary sessions so far, and what the latest began with; null before any. */
  sessions: number;
  lastKg: number | null;
  /** Sessions running that were bad, and short; answered by a step down they begin anew. */
  bad: number;
  short: number;
  /** Ordinary sessions in which no step up is taken, after one down. */
  staying: number;
  /** The last set of the last session was not clean. */
  unclean: boolean;
}

export const noRun: Run = { sessions: 0, lastKg: null, bad: 0, short: 0, staying: 0, unclean: false };

/** Goes on with a session that is over. Lighter weeks are not told of here. */
export function runAfter(run: Run, sets: readonly SessionSet[]): Run {
  const [first] = sets;
  if (!first) return run;
  const missing = (n: number): number => sets.filter((s) => s.lo - s.reps >= n).length;
  const isBad = first.reps < first.lo || missing(2) * 2 >= sets.length;
  const isShort = missing(1) >= 2;
  const wentDown = run.lastKg !== null && first.kg < run.lastKg - 1e-6;
  return {
    sessions: run.sessions + 1,
    lastKg: first.kg,
    bad: isBad ? (wentDown ? 1 : run.bad + 1) : 0,
    short: isShort ? (wentDown ? 1 : run.short + 1) : 0,
    staying: wentDown ? stayAfterDown : Math.max(0, run.staying - 1),
    unclean: sets.at(-1)!.unclean === true,
  };
}

/** Why a load is what it is beside the last one. */
export type Step = 'first' | 'stays' | 'up' | 'down' | 'lighter week';

export interface NextLoad extends Tried {
  step: Step;
}

/** The next load down: the heaviest 5–10 % lower, else one step; kg of all that moves decide. */
function takenOff(kgs: readonly number[], lastKg: number, bodyKg: number): number {
  const part = (kg: number): number => 1 - (kg + bodyKg) / (lastKg + bodyKg);
  const within = kgs.filter((kg) => part(kg) >= down.least - 1e-9 && part(kg) <= down.most + 1e-9);
  return within.at(-1) ?? kgs.findLast((kg) => kg < lastKg - 1e-6) ?? lastKg;
}

/** How far up one session may go: a tenth, or a step of the kit; over a tenth only once the reps have run up. */
function upTo(b: Belief, line: LineAsked, kgs: readonly number[], lastKg: number): number {
  const above = kgs.find((kg) => kg > lastKg + 1e-6);
  if (above === undefined) return lastKg;
  const tenth = (lastKg + line.bodyKg) * (1 + mostUp) - line.bodyKg;
  if (above <= tenth + 1e-9) return tenth;
  const [asked] = line.sets;
  const [first] = tryLoad(b, line, lastKg).sets;
  if (!asked || !first) return above;
  return first.reps >= asked.hi + stretchOf(asked.hi) - 1e-6 ? above : lastKg;
}

/** What may be taken in one step from the last session, and the load that answers two bad ones. */
export function boundsOf(
  b: Belief,
  line: LineAsked,
  kgs: readonly number[],
  run: Run,
): Bounds & { answer?: number } {
  const { lastKg } = run;
  if (lastKg === null || kgs.length === 0) return {};
  const keep = { kg: lastKg, worth: otherThanLast };
  const standing = kgs.reduce((best, kg) => (Math.abs(kg - lastKg) < Math.abs(best - lastKg) ? kg : best));
  const tooEasy = (kg: number): boolean => {
    const [first] = tryLoad(b, line, kg).sets;
    return first !== undefined && first.left - line.sets[0]!.reserve > sayEasy;
  };
  if (run.bad >= 2) {
    const answer = takenOff(kgs, lastKg, line.bodyKg);
    return tooEasy(answer) ? { keep, most: lastKg } : { keep, answer };
  }
  if (maxBelief(b, line.lift).ownSd >= sureSd) return { keep };
  const bounds: Bounds = { keep };
  if (run.short === 1) bounds.least = kgs.findLast((kg) => kg < lastKg - 1e-6) ?? standing;
  else if (run.short === 0 && run.sessions >= freeSessions) bounds.least = standing;
  const stays = run.unclean || (run.staying > 0 && !tooEasy(standing));
  bounds.most = stays ? Math.max(standing, lastKg) : upTo(b, line, kgs, lastKg);
  return bounds;
}

/**
 * The load of the next session: the best one, within what may be taken in one step. A step up is kept until it was short
 * twice; one bad day brings nothing down; after a step down the load stays a while. `kgs` ascending.
 */
export function nextLoad(b: Belief, line: LineAsked, kgs: readonly number[], run: Run): NextLoad | null {
  const { answer, ...bounds } = boundsOf(b, line, kgs, run);
  const found = answer === undefined ? chooseOne(b, line, kgs, bounds) : tryLoad(b, line, answer);
  return found && { ...found, step: stepTo(found.kg, run) };
}

export function stepTo(kg: number, { lastKg }: Run): Step {
  if (lastKg === null) return 'first';
  if (Math.abs(kg - lastKg) < 1e-6) return 'stays';
  return kg > lastKg ? 'up' : 'down';
}

/** What a lighter week asks of a line: fewer sets, more left. */
export const lighterSets = (n: number): number => Math.max(1, Math.round(n * setModelTable.lighterWeek.sets));

/** The load of a lighter week: 5–15 % below the last where the kit has it, what comes nearest to what is asked then. */
export function lighterLoad(
  b: Belief,
  line: LineAsked,
  kgs: readonly number[],
  { lastKg }: Run,
): NextLoad | null {
  if (lastKg === null) {
    const found = chooseOne(b, line, kgs);
    return found && { ...found, step: 'lighter week' };
  }
  const share = (part: number): number => (lastKg + line.bodyKg) * part - line.bodyKg;
  const within = kgs.filter((kg) => kg <= share(lighterMost) + 1e-6 && kg >= share(lighterLeast) - 1e-6);
  const below = kgs.findLast((kg) => kg < lastKg - 1e-6) ?? kgs[0];
  const open = within.length > 0 ? within : below === undefined ? [] : [below];
  const found = chooseOne(b, line, open);
  return found && { ...found, step: 'lighter week' };
}
