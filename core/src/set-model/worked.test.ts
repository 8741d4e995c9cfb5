import type { Credits } from '../anatomy';
import { beliefBefore, formIndex, maxBelief, openDay, passTime, ableAt } from './belief';
import { tryLoad } from './choosing';
import { atFailure, usualCurve } from './curve';
import { doneOf, missOf, stretchOf } from './doing';
import { learnFrom, type Surprise } from './evidence';
import type { Lift } from './lift';
import { standingOf, straightLine } from './standing';
import { felt, freshStores, lossOf, recover, tire } from './stores';
import { biasWeight, leftThought } from './telling';
import figures from './worked/figures.json' with { type: 'json' };

/**
 * Figures worked by another hand from the same written rules, in another program; to a ten-thousandth, absolute or
 * relative. They hold what the rules say; that the rules come true is asked by the simulated clients.
 */
function near(seen: number, wanted: number): void {
  expect(Math.abs(seen - wanted)).toBeLessThanOrEqual(Math.max(1.0001e-4, 1e-4 * Math.abs(wanted)));
}

const { overAt, repsAt } = usualCurve;
const bench = figures.lifts.bench.credits as Credits;
const pushdown = figures.lifts.pushdown.credits as Credits;
const liftsOf = (...ids: (keyof typeof figures.lifts)[]): Lift[] =>
  ids.map((id) => ({ id, movement: id, ...figures.lifts[id] }));
const SOME = { massKg: 80, trainingAge: '1 to 3 years' } as const;
const tested = (b: ReturnType<typeof beliefBefore>): Surprise =>
  learnFrom(b, { lift: 0, movesKg: 90, reps: 5, told: null, failed: true, loss: 0, index: 0 }, null);

test('repetitions and load follow one curve, and back', () => {
  for (const [reps, over] of figures.curve) near(overAt(reps!), over!);
  for (const [over, own, reps] of figures.repsAt) near(repsAt(over!, own), reps!);
  for (const [done, reps] of figures.failedAt) near(atFailure(done!), reps!);
});

test('set by set, to failure and with some left, at several rests, one side and both', () => {
  for (const row of figures.sets) {
    const stores = freshStores();
    const over = overAt(row.RM);
    const own = Math.log(row.mult ?? 1);
    for (const [possible, done, loss] of row.out) {
      const lost = felt(lossOf(stores, bench), own);
      near(lost, loss!);
      near(repsAt(over - lost), possible!);
      recover(stores, 3 * done!);
      tire(stores, { credits: bench, done: done!, possible: possible!, over, own }, usualCurve);
      recover(stores, row.rest + (row.oneSided ? 3 * done! : 0));
    }
  }
});

test('four times ten at shares of the max: an empty bar tires nobody, and what a lift after it meets', () => {
  for (const row of figures.byHand) {
    const stores = freshStores();
    const over = Math.log(100 / row.kg);
    row.possible.forEach((possible, i) => {
      near(repsAt(over - lossOf(stores, bench)), possible);
      const done = Math.min(10, possible);
      recover(stores, 3 * done);
      tire(stores, { credits: bench, done, possible, over, own: 0 }, usualCurve);
      recover(stores, i === row.possible.length - 1 ? 120 : 90);
    });
    near(lossOf(stores, bench), row.lossAfter);
  }
});

test('triceps work to failure first costs the bench; the bench first costs the triceps', () => {
  const after = (first: Credits, repS: number, then: Credits): number => {
    const stores = freshStores();
    const over = overAt(10);
    for (let i = 0; i < 3; i += 1) {
      const possible = repsAt(over - lossOf(stores, first));
      recover(stores, repS * possible);
      tire(stores, { credits: first, done: possible, possible, over, own: 0 }, usualCurve);
      recover(stores, 120);
    }
    return repsAt(over - lossOf(stores, then));
  };
  near(after(pushdown, 2.5, bench), figures.preExhaust.bench);
  near(after(bench, 3, pushdown), figures.preExhaust.pushdownAfterBench);
});

test('what was left, from what was expected and told', () => {
  for (const [left, weight] of figures.weights) near(biasWeight(left!), weight!);
  for (const [expected, told, bias, sd, left] of figures.left)
    near(leftThought({ left: expected!, sd: sd! }, told!, bias!), left!);
});

test('what somebody does who could do so many, and how far that misses', () => {
  for (const [possible, lo, hi, reserve, stretch, done, miss] of figures.does) {
    const asked = { lo: lo!, hi: hi!, reserve: reserve! };
    near(stretchOf(hi!), stretch!);
    near(doneOf(possible!, asked), done!);
    near(missOf(possible!, asked), miss!);
  }
});

test('a test moves every lift, sets move the max by little, tiring is learnt; a week makes less sure', () => {
  const b = beliefBefore(SOME, liftsOf('bench', 'incline-db', 'pushdown'));
  const asTold = (rows: readonly number[][]): void =>
    rows.forEach(([kg, sd], i) => {
      const max = maxBelief(b, i);
      near(Math.exp(max.log), kg!);
      near(max.sd, sd!);
    });
  asTold(figures.belief.before);
  openDay(b, 0);
  tested(b);
  asTold(figures.belief.afterTest);
  openDay(b, 4);
  let first: Surprise | null = null;
  figures.belief.sets.forEach((s, index) => {
    const { kg: movesKg, reps, told, L0: loss } = s;
    const seen = learnFrom(b, { lift: 0, movesKg, reps, told, failed: false, loss, index }, first);
    first ??= seen;
    near(seen.off!, s.surprise);
    near(Math.exp(maxBelief(b, 0).log), s.max);
    near(maxBelief(b, 0).ownSd, s.ownSd);
    near(b.state.mean[formIndex(b)]!, s.form);
    near(b.tiring.mean, s.fatigue);
    near(Math.exp(maxBelief(b, 1).log), s.incline);
  });
  passTime(b, 11);
  const [kg, sd, working] = figures.belief.weekLater;
  const later = maxBelief(b, 0);
  near(Math.exp(later.log), kg!);
  near(later.sd, sd!);
  near(later.workingSd, working!);
});

test('what a load brings to four sets, and how far it misses what they ask', () => {
  const b = beliefBefore(SOME, liftsOf('bench', 'incline-db', 'pushdown', 'raise'));
  openDay(b, 0);
  tested(b);
  openDay(b, 4);
  let first: Surprise | null = null;
  for (const index of [0, 1, 2]) {
    const set = { lift: 3, movesKg: 7, reps: 14, told: 2, failed: false, loss: 0, index };
    const seen = learnFrom(b, set, first);
    first ??= seen;
  }
  openDay(b, 7);
  b.tiring.mean = 0;
  const sets = [0, 1, 2, 3].map((i) => ({
    lo: 6,
    hi: 8,
    reserve: 3 - (2 * i) / 3,
    pace: 1,
    repS: 3,
    restS: 120,
    credits: bench,
  }));
  for (const row of figures.choice) {
    const tried = tryLoad(b, { lift: 0, bodyKg: 0, stores: freshStores(), sets }, row.kg);
    near(tried.miss, row.loss);
    row.exp.forEach(([able, done, left], i) => {
      near(tried.sets[i]!.able, able!);
      near(tried.sets[i]!.reps, done!);
      near(tried.sets[i]!.left, left!);
    });
  }
  for (const row of figures.raise) {
    near(ableAt(b, 3, row.kg).reps, row.possible);
    near(ableAt(b, 3, row.kg).reps - 15, row.leftAt15);
  }
});

test('a straight line through sessions, and what it says', () => {
  const readings = figures.line.points.map(([day, log, weight, light]) => ({
    day: day as number,
    log: log as number,
    weight: weight as number,
    isLight: light as boolean,
  }));
  const line = straightLine(
    readings.filter((r) => !r.isLight),
    49,
  );
  near(line.mean, figures.line.out.b);
  near(line.se, figures.line.out.se);
  expect(line.df).toBe(figures.line.out.df);
  expect(standingOf(readings, 49).standing).toBe(figures.line.standing);
});
