import { type Credits, type RegionId } from '../anatomy';
import { interpolate } from '../units';
import type { Chance } from './chance';

/**
 * A body that lifts by laws of its own, so that what the product says can be held against something it does not know:
 * repetitions by a table, tiredness that comes back slowly at first and never quite in a session, gains by steps, days
 * that are now and then far off, reserve judged wrong by a share and by an amount. All own estimates, from published
 * bench figures and set-by-set tables (from memory).
 */

/** Share of the max, and repetitions to failure of a usual client: straight lines between. */
const TABLE: readonly { at: number; value: number }[] = [
  [0.2, 95],
  [0.3, 62],
  [0.4, 44],
  [0.5, 32],
  [0.55, 27],
  [0.6, 22],
  [0.65, 18],
  [0.7, 15],
  [0.75, 11.8],
  [0.8, 9.2],
  [0.85, 6.8],
  [0.9, 4.6],
  [0.95, 2.6],
  [1, 1],
].map(([at, value]) => ({ at: at!, value: value! }));

/** Repetitions to failure at a share of what can be lifted once; `own`: beside a usual client's, beyond the first. */
export function repsByTable(share: number, own: number): number {
  if (share >= 1) return Math.max(0, 1 - (share - 1) / 0.03);
  return 1 + (interpolate(TABLE, Math.max(0.2, share)) - 1) * own;
}

/** The share of the max at which so many repetitions come. */
export function shareByTable(reps: number, own: number): number {
  let [low, high] = [0.2, 1.03];
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (repsByTable(middle, own) > reps) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** What a set to failure takes, as a share of the max; what is left of it after t seconds is 1 ÷ (1 + t ÷ HALF). */
const TAKES = 0.17;
const HALF_S = 60;
/** How much less a set takes for each repetition left, and how short sets take less. */
const EASES = 0.42;
const SHORT = 3.5;
/** Right after the last repetition nothing comes but what was left; that passes in seconds. */
const AT_ONCE_S = 13;

interface Effort {
  endS: number;
  amount: number;
  credits: Credits;
  lift: string;
  /** What was missing to one repetition more, beyond what lasts. */
  atOnce: number;
}

/** How tired somebody is, by what they did: the most tired muscle that a lift needs decides most of it. */
export class Tiredness {
  private efforts: Effort[] = [];
  nowS = 0;

  constructor(private readonly own: number) {}

  rest(seconds: number): void {
    this.nowS += Math.max(0, seconds);
  }

  private inRegion(region: RegionId): number {
    return this.efforts.reduce(
      (sum, e) => sum + ((e.credits[region] ?? 0) * e.amount) / (1 + (this.nowS - e.endS) / HALF_S),
      0,
    );
  }

  /** Share of the max that a lift has lost now. */
  lost(lift: string, credits: Credits): number {
    const all = Object.entries(credits) as [RegionId, number][];
    const squares = all.reduce((sum, [, c]) => sum + c ** 3, 0);
    if (squares === 0) return 0;
    const sum = all.reduce((s, [id, c]) => s + (c * this.inRegion(id)) ** 1.5, 0);
    const lasting = (sum / squares) ** (2 / 3);
    const last = this.efforts.findLast((e) => e.lift === lift);
    const moment = last ? last.atOnce * Math.exp(-(this.nowS - last.endS) / AT_ONCE_S) : 0;
    return Math.min(0.6, this.own * lasting + moment);
  }

  /** A set that was just done: the clock has run through it. */
  work(lift: string, credits: Credits, set: { done: number; able: number; share: number }): void {
    const left = Math.max(0, set.able - set.done);
    const amount =
      TAKES *
      Math.exp(-EASES * left) *
      (set.done / (set.done + SHORT)) *
      Math.min(1.1, 0.55 + 0.6 * set.share);
    this.efforts.push({ endS: this.nowS, amount, credits, lift, atOnce: 0 });
    const lasting = this.lost(lift, credits);
    const missing = 1 - set.share / Math.max(0.3, shareByTable(Math.max(0.5, left + 0.5), 1)) - lasting;
    this.efforts.at(-1)!.atOnce = Math.max(0, Math.min(0.5, missing));
  }
}

/** How somebody judges what is left: too low by a share and by an amount, and never twice alike. */
export interface Judging {
  share: number;
  amount: number;
  sd: number;
}

export const feltLeft = (left: number, { share, amount, sd }: Judging, chance: Chance): number =>
  left * (1 - share) -
  amount * Math.min(1, 0.3 + left / 4) +
  chance.normal(sd * (0.6 + 0.1 * Math.max(0, left)));

/** A day's form: mostly near its middle, now and then far off (a sum of two normals, one of them wide). */
export const formOfDay = (sd: number, chance: Chance): number =>
  chance.normal(chance.next() < 0.12 ? sd * 2.2 : sd * 0.75);

/** Gains by steps: nothing for weeks, then several weeks' worth at once; fades over `fadeWeeks`. */
export function gained(weeks: number, gainAWeek: number, stepWeeks: number, fadeWeeks: number): number {
  if (weeks <= 0) return 0;
  const stepped = Math.floor(weeks / stepWeeks) * stepWeeks;
  return gainAWeek * fadeWeeks * (1 - Math.exp(-stepped / fadeWeeks));
}

/** What somebody does who could do so many: until it feels like what was asked, within the range; up to one of the reserve for its lowest. */
export function doneWith(
  able: number,
  asked: { lo: number; hi: number; reserve: number; toFailure: boolean; open: boolean },
  judging: Judging,
  chance: Chance,
): { reps: number; told: number; failed: boolean } {
  const whole = Math.max(0, Math.floor(able));
  const most = asked.toFailure || asked.open ? 100 : asked.hi;
  // One view of the day's feeling for the whole set.
  const off = feltLeft(able, judging, chance) - able;
  const felt = (k: number): number => able - k + off * Math.min(1, (able - k) / Math.max(1, able) + 0.35);
  let reps = 0;
  while (reps < Math.min(most, whole)) {
    const after = felt(reps + 1);
    const needs = reps + 1 <= asked.lo ? Math.max(0, asked.reserve - 1) : asked.reserve;
    if (!asked.toFailure && after < needs - 0.5) break;
    reps += 1;
  }
  const failed = asked.toFailure || (reps >= whole && reps < asked.lo);
  return { reps, told: failed ? 0 : Math.max(0, Math.min(10, Math.round(felt(reps)))), failed };
}
