import { type Belief, beliefBefore, maxBelief, openDay } from './belief';
import { usualCurve } from './curve';
import { learnCurve, learnFrom } from './evidence';
import { withLift } from './extending';
import { type Lift } from './lift';
import { noRun } from './raising';
import { lossOf } from './stores';
import { noWatch, watched } from './alarm';
import { runKey, type TrainedSet } from './record';
import { Training } from './training';
import { known, lifts, lived, press, SOME } from '../testing/somebody';

test('told a lot may raise what is thought and never lowers it; said nothing, a set that went as expected says nothing', () => {
  const max = (reps: number, told: number | null, kg = 75): number => {
    const b = known();
    learnFrom(b, { lift: 0, movesKg: kg, reps, told, failed: false, loss: 0, index: 0 }, null);
    return Math.exp(maxBelief(b, 0).log);
  };
  const before = Math.exp(maxBelief(known(), 0).log);
  expect(max(12, 9)).toBeGreaterThan(before);
  expect(max(3, 8)).toBeCloseTo(before, 9);
  expect(max(8, null)).toBeCloseTo(before, 9);
  // More came than was expected to be possible: that was seen, whatever was said.
  expect(max(16, null)).toBeGreaterThan(before);
});

test('a set that broke form may lower by failing and never raises', () => {
  const off = (reps: number, failed: boolean): number => {
    const b = known();
    learnFrom(
      b,
      { lift: 0, movesKg: 80, reps, told: failed ? 0 : 3, failed, broke: true, loss: 0, index: 0 },
      null,
    );
    return maxBelief(b, 0).log - maxBelief(known(), 0).log;
  };
  expect(off(14, false)).toBe(0);
  expect(off(14, true)).toBe(0);
  expect(off(4, true)).toBeLessThan(0);
});

test('one bad day is taken for the day it was: the max hardly moves', () => {
  const b = lived(2);
  const before = maxBelief(b, 0).log;
  learnFrom(b, { lift: 0, movesKg: 75, reps: 2, told: 0, failed: true, loss: 0, index: 0 }, null);
  expect(maxBelief(b, 0).log).toBeGreaterThan(before - 0.03);
  expect(b.state.mean[2 * lifts.length + 1]!).toBeLessThan(-0.08);
});

test('a better set never counts for less, and what was lifted is believed', () => {
  const movedBy = (kg: number, failed: boolean): number => {
    const b = lived(6);
    const before = maxBelief(b, 0).log;
    learnFrom(b, { lift: 0, movesKg: kg, reps: 5, told: 0, failed, loss: 0, index: 0 }, null);
    return maxBelief(b, 0).log - before;
  };
  // Far below what was thought the day is opened, and the max moves by less: the rule holds from what was expected on.
  for (const failed of [true, false]) {
    const moved = Array.from({ length: 40 }, (_, i) => movedBy(96 + 2 * i, failed));
    expect(moved[0]!).toBeGreaterThan(-0.01);
    for (let i = 1; i < moved.length; i += 1) expect(moved[i]!).toBeGreaterThan(moved[i - 1]!);
    // Two fifths more than was expected of five repetitions moves the max by half of it at least.
    expect(movedBy(96 * 1.4, failed)).toBeGreaterThan(0.5 * Math.log(1.4));
  }
});

test('two sets to failure far apart say how the curve bends, shared between the client and the lift by what is unsure', () => {
  const b = known();
  // Twice the usual repetitions beyond the first: G is the same at 1 + 2 (R − 1).
  const over = (r: number): number => usualCurve.overAt(1 + (r - 1) / 2);
  learnCurve(b, { lift: 0, reps: [5, 21], log: [-over(5), -over(21)] });
  const all = b.ownCurve.mean + b.liftCurve[0]!.mean;
  expect(all).toBeGreaterThan(0.6 * Math.log(2));
  expect(all).toBeLessThan(Math.log(2));
  expect(b.ownCurve.mean / b.liftCurve[0]!.mean).toBeCloseTo(0.23 ** 2 / 0.13 ** 2, 6);
});

test('a lift that was left out and comes later is thought of as if it had been there, to a per cent', () => {
  const learn = (all: Lift[]): Belief => {
    const b = beliefBefore(SOME, all);
    for (const [day, kg] of [
      [0, 75],
      [4, 77.5],
      [20, 80],
      [60, 82.5],
    ] as const) {
      openDay(b, day);
      for (const id of ['bench', 'bells'])
        learnFrom(
          b,
          {
            lift: b.at.get(id)!,
            movesKg: id === 'bench' ? kg : kg * 0.42,
            reps: 9,
            told: 2,
            failed: false,
            loss: 0,
            index: 0,
          },
          null,
        );
    }
    return b;
  };
  const whole = learn(lifts);
  const later = withLift(learn(lifts.slice(0, 2)), lifts[2]!);
  const [a, b] = [maxBelief(whole, 2), maxBelief(later, 2)];
  expect(Math.abs(a.log - b.log)).toBeLessThan(0.01);
  expect(Math.abs(a.sd / b.sd - 1)).toBeLessThan(0.01);
});

test('idle for months a lift is less sure, more so than one that was done', () => {
  const of = (day: number): number => {
    const b = known();
    openDay(b, day);
    return maxBelief(b, 0).ownSd;
  };
  expect(of(120) ** 2 - of(60) ** 2).toBeGreaterThan(1.2 * (of(18) ** 2 - of(3) ** 2) * (60 / 15));
});

test('falling behind session after session is told once, then it is quiet; chance is not', () => {
  let watch = noWatch;
  const said: boolean[] = [];
  const off = [
    ...Array.from({ length: 10 }, (_, i) => (i % 2 ? 0.01 : -0.01)),
    -0.02,
    -0.05,
    -0.07,
    -0.09,
    -0.11,
  ];
  for (const x of off) {
    const next = watched(watch, x);
    watch = next.watch;
    said.push(next.alarm);
  }
  expect(said.slice(0, 10)).not.toContain(true);
  expect(said.filter(Boolean)).toHaveLength(1);
});

const session = (
  t: Training,
  day: number,
  kg: number,
  reps: number[],
  patch: Partial<TrainedSet> = {},
): void => {
  t.open(day);
  reps.forEach((n, index) => {
    t.set({
      line: 'a',
      index,
      lift: 'bench',
      kg,
      movesKg: kg,
      reps: n,
      pace: 1,
      repS: 3,
      told: 2,
      failed: false,
      asked: { lo: 8, hi: 10, reserve: 2 },
      counts: true,
      credits: press,
      ...patch,
    });
    t.rest(120);
  });
  t.close();
};

test('a replay keeps a run by lift and range; work that counts for nothing tires all the same', () => {
  const t = new Training(SOME, lifts);
  t.test(0, { lift: 'bench', movesKg: 90, reps: 5 });
  session(t, 4, 75, [9, 9, 8]);
  session(t, 8, 75, [7, 6, 6]);
  expect(t.run(runKey('bench', { lo: 8, hi: 10 }))).toMatchObject({
    sessions: 2,
    lastKg: 75,
    bad: 1,
    short: 1,
  });
  expect(t.run(runKey('bench', { lo: 4, hi: 6 }))).toEqual(noRun);
  const max = maxBelief(t.belief, 0).log;
  t.open(12);
  t.set({
    line: 'a',
    index: 0,
    lift: 'bench',
    kg: 75,
    movesKg: 75,
    reps: 9,
    pace: 1,
    repS: 3,
    told: null,
    failed: false,
    asked: null,
    counts: false,
    credits: press,
  });
  expect(lossOf(t.stores, press)).toBeGreaterThan(0.02);
  expect(maxBelief(t.belief, 0).log).toBeCloseTo(max + (4 / 7) * 0.0035, 2);
});

test('a copy goes on by itself', () => {
  const t = new Training(SOME, lifts);
  session(t, 0, 75, [9, 9, 8]);
  const copy = t.copy();
  session(copy, 4, 100, [9, 9, 9]);
  expect(t.readings('bench')).toHaveLength(1);
  expect(copy.readings('bench')).toHaveLength(2);
  expect(maxBelief(copy.belief, 0).log).toBeGreaterThan(maxBelief(t.belief, 0).log);
});
