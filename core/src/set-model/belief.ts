import type { FormulaChoice } from '../strength';
import { boundedCost, type Curve, curveOf } from './curve';
import { accrue, copyOfGaussian, type Gaussian, gaussian, renew, variance, varianceOfSum } from './gaussian';
import type { Lift } from './lift';
import { felt } from './stores';
import { setModelTable } from './table';
import { biasWeight } from './telling';

const { before, noise, drift, least } = setModelTable;

/** A figure with its standard deviation squared. */
export interface Known {
  mean: number;
  variance: number;
}

/** Where a lift is trained, as running means: repetitions to failure, weight of the bias, loss. */
export interface Zone {
  n: number;
  reps: number;
  weight: number;
  loss: number;
}

export type TrainingAge = keyof typeof before.growth;

/** Whom a belief is of. */
export interface Lifting {
  massKg: number;
  trainingAge: TrainingAge;
  formula?: FormulaChoice;
  /** What the coach says of how the client judges reserve, repetitions under-estimated; learnt from the log where left out. */
  bias?: number;
}

/**
 * What is known of a client's strength: every lift's max and growth, growth in all, the day's form; and beside it how
 * quickly they tire, how they judge reserve, and their own curve. Built by replaying what was done, never stored.
 */
export interface Belief {
  lifting: Lifting;
  curve: Curve;
  lifts: readonly Lift[];
  at: ReadonlyMap<string, number>;
  state: Gaussian;
  /** Logarithm of the client's own factor of tiring. */
  tiring: Known;
  /** Repetitions by which reserve is under-estimated, times the weight of how many are left. */
  bias: Known;
  /** Logarithm of the client's own repetitions beside the usual, and of each lift's. */
  ownCurve: Known;
  liftCurve: Known[];
  zones: Zone[];
  /** The day it began on and the one it stands at, counted from any day; null before anything was done. */
  since: number | null;
  day: number | null;
  /** The last day each lift was done on. */
  lastDone: (number | null)[];
}

export const growthIndex = (b: Pick<Belief, 'lifts'>): number => 2 * b.lifts.length;
export const formIndex = (b: Pick<Belief, 'lifts'>): number => 2 * b.lifts.length + 1;

/** What two lifts share before anything is known, on the logarithm of their maxima. */
function sharedBefore(a: Lift, b: Lift): number {
  const all = before.strengthSd ** 2;
  if (a.id === b.id) return all + a.spread ** 2 + before.ownLiftSd ** 2;
  const common = Math.min(a.spread, b.spread) ** 2;
  if (a.movement === b.movement) return all + common;
  return a.family === b.family ? all + before.familyShare * common : all;
}

/** Before anything was lifted: from body mass and training age, through each lift's ratio. */
export function beliefBefore(lifting: Lifting, lifts: readonly Lift[]): Belief {
  const n = lifts.length;
  const state = gaussian(2 * n + 2);
  const bench = Math.log(lifting.massKg * before.benchPerMass[lifting.trainingAge]);
  const growth = before.growth[lifting.trainingAge];
  for (const [i, a] of lifts.entries()) {
    state.mean[i] = bench + Math.log(a.ratio);
    for (const [j, b] of lifts.entries()) state.cov[i * state.n + j] = sharedBefore(a, b);
    state.cov[(n + i) * state.n + n + i] = before.ownGrowthSd ** 2;
  }
  state.mean[2 * n] = growth.mean;
  state.cov[2 * n * state.n + 2 * n] = growth.sd ** 2;
  const { telling } = setModelTable;
  return {
    lifting,
    curve: curveOf(lifting.formula ?? 'median'),
    lifts,
    at: new Map(lifts.map((l, i) => [l.id, i])),
    state,
    tiring: { mean: 0, variance: before.tiringSd ** 2 },
    bias:
      lifting.bias === undefined
        ? { mean: telling.bias, variance: telling.biasSd ** 2 }
        : { mean: lifting.bias, variance: least.biasSd ** 2 },
    ownCurve: { mean: 0, variance: before.curveSd ** 2 },
    liftCurve: lifts.map(() => ({ mean: 0, variance: before.liftCurveSd ** 2 })),
    zones: lifts.map(() => ({ n: 0, reps: 0, weight: 0, loss: 0 })),
    since: null,
    day: null,
    lastDone: lifts.map(() => null),
  };
}

/** A belief that can be gone on with, without the first knowing of it. */
export const copyOfBelief = (b: Belief): Belief => ({
  ...b,
  state: copyOfGaussian(b.state),
  tiring: { ...b.tiring },
  bias: { ...b.bias },
  ownCurve: { ...b.ownCurve },
  liftCurve: b.liftCurve.map((k) => ({ ...k })),
  zones: b.zones.map((z) => ({ ...z })),
  lastDone: [...b.lastDone],
});

/** Lets time pass up to a day, in place: maxima grow by what is thought, and are less sure. */
export function passTime(b: Belief, day: number): void {
  b.since ??= day;
  b.day ??= day;
  const weeks = (day - b.day) / 7;
  if (weeks <= 0) return;
  const { state, lifts } = b;
  const n = lifts.length;
  for (let i = 0; i < n; i += 1) {
    accrue(state, i, growthIndex(b), weeks);
    accrue(state, i, n + i, weeks);
  }
  const add = (i: number, j: number, what: number): void => {
    state.cov[i * state.n + j]! += what;
  };
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j < n; j += 1) add(i, j, drift.common ** 2 * weeks);
    const since = b.lastDone[i];
    const beyond = since == null ? 0 : Math.max(0, Math.min(weeks, (day - since) / 7 - drift.idleWeeks));
    add(i, i, drift.own ** 2 * (weeks - beyond) + (drift.own * drift.idleTimes) ** 2 * beyond);
    add(n + i, n + i, drift.ownGrowth ** 2 * weeks);
  }
  add(growthIndex(b), growthIndex(b), drift.growth ** 2 * weeks);
  b.day = day;
}

/** A session begins: time passes, and the day's form is open again. In place. */
export function openDay(b: Belief, day: number): void {
  passTime(b, day);
  renew(b.state, formIndex(b), before.formSd ** 2);
}

/** The client's own repetitions in a lift, beside the usual. */
export const ownReps = (b: Belief, i: number): number => Math.exp(b.ownCurve.mean + b.liftCurve[i]!.mean);

/** Repetitions to failure at which a lift is trained, and what goes with them. */
export function zoneOf(b: Belief, i: number): { reps: number; weight: number; loss: number } {
  const zone = b.zones[i]!;
  return zone.n > 0 ? zone : { reps: b.curve.repsAt(before.zone, ownReps(b, i)), weight: 0, loss: 0 };
}

/**
 * What does not average out however many sets there are, as it shows at R repetitions: the client's own curve between
 * there and where they train, their judgement, their tiring.
 */
export function sharedVariance(b: Belief, i: number, reps: number): number {
  const own = ownReps(b, i);
  const zone = zoneOf(b, i);
  const between = setModelTable.curve.power * (b.curve.overAt(zone.reps, own) - b.curve.overAt(reps, own));
  const curve = between ** 2 * (b.ownCurve.variance + b.liftCurve[i]!.variance);
  if (b.zones[i]!.n === 0) return curve;
  const bias = (boundedCost(b.curve, zone.reps, own) * zone.weight) ** 2 * b.bias.variance;
  return curve + bias + zone.loss ** 2 * b.tiring.variance;
}

/** What a lift can do now at a load. */
export interface Able {
  /** Repetitions possible, ordinary ones, with one standard deviation. */
  reps: number;
  sd: number;
  /** log(today's fresh max ÷ load). */
  over: number;
  /** The same less what was lost to sets before. */
  overNow: number;
  /** Variance of the logarithm, all of it; and without the half repetition that counting takes. */
  variance: number;
  uncounted: number;
  /** Loss as it is felt. */
  loss: number;
}

/**
 * Repetitions possible with everything that moves weighing `movesKg`, after sets that took `loss` (before the client's
 * own factor). `isFirst`: nothing of its line was done yet. A model's estimate.
 */
export function ableAt(b: Belief, i: number, movesKg: number, loss = 0, isFirst = true): Able {
  const own = ownReps(b, i);
  const feltLoss = felt(loss, b.tiring.mean);
  const over = b.state.mean[i]! + b.state.mean[formIndex(b)]! - Math.log(movesKg);
  const overNow = over - feltLoss;
  const reps = b.curve.repsAt(overNow, own);
  const cost = boundedCost(b.curve, reps, own);
  const v =
    varianceOfSum(b.state, i, formIndex(b)) +
    sharedVariance(b, i, reps) +
    (noise.tired * feltLoss) ** 2 +
    noise.set ** 2 +
    (isFirst ? noise.liftDay ** 2 : 0);
  const variance = v + (noise.halfRep * cost) ** 2;
  return { reps, sd: Math.sqrt(variance) / cost, over, overNow, variance, uncounted: v, loss: feltLoss };
}

/** A max on the logarithm with its standard deviation: of a true single, and as it is read where the client trains. */
export interface MaxBelief {
  log: number;
  sd: number;
  workingSd: number;
  /** Without what does not average out. */
  ownSd: number;
}

export function maxBelief(b: Belief, i: number): MaxBelief {
  const own = variance(b.state, i);
  const all = (reps: number): number => Math.sqrt(own + sharedVariance(b, i, reps) + noise.shared ** 2);
  return { log: b.state.mean[i]!, sd: all(1), workingSd: all(zoneOf(b, i).reps), ownSd: Math.sqrt(own) };
}

/** Growth of a lift a week, on the logarithm, with its standard deviation. */
export function growthOf(b: Belief, i: number): { mean: number; sd: number } {
  const [s, g] = [b.lifts.length + i, growthIndex(b)];
  return { mean: b.state.mean[s]! + b.state.mean[g]!, sd: Math.sqrt(varianceOfSum(b.state, s, g)) };
}

/** Sets a running mean forward by one. */
export function intoZone(zone: Zone, reps: number, left: number | null, loss: number): void {
  zone.n += 1;
  const w = Math.max(1 / zone.n, least.zoneWeight);
  const weight = left === null ? 0 : biasWeight(left);
  zone.reps += w * (reps - zone.reps);
  zone.weight += w * (weight - zone.weight);
  zone.loss += w * (loss - zone.loss);
}
