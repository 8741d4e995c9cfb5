import fc from 'fast-check';
import { chooseEach, chooseOne, tryLoad } from './choosing';
import { usualCurve } from './curve';
import { type AskedSet } from './expecting';
import { boundsOf, lighterLoad, lighterSets, nextLoad, noRun, type Run, runAfter } from './raising';
import { freshStores, recover, tire } from './stores';
import { press, lived, known, sets, line, bar } from '../testing/somebody';

const anyLine = fc.record({
  n: fc.integer({ min: 1, max: 5 }),
  lo: fc.integer({ min: 3, max: 20 }),
  wide: fc.integer({ min: 0, max: 5 }),
  first: fc.integer({ min: 0, max: 4 }),
  less: fc.integer({ min: 0, max: 2 }),
  restS: fc.integer({ min: 30, max: 240 }),
  kg: fc.integer({ min: 40, max: 150 }),
});
type AnyLine = typeof anyLine extends fc.Arbitrary<infer T> ? T : never;
const askedOf = ({ n, lo, wide, first, less, restS }: AnyLine): AskedSet[] =>
  sets(n, [lo, lo + wide], [first, Math.max(0, first - less)], restS);
const chosen = (a: AnyLine, change: Partial<AnyLine> = {}): number =>
  chooseOne(known({ ...a, ...change }.kg), line(askedOf({ ...a, ...change })), bar)!.kg;

test('the load found is the best of all loads, each of them tried', () => {
  fc.assert(
    fc.property(anyLine, (a) => {
      const [b, l] = [known(a.kg), line(askedOf(a))];
      const found = chooseOne(b, l, bar)!;
      const least = Math.min(...bar.map((kg) => tryLoad(b, l, kg).miss));
      expect(found.miss).toBeCloseTo(least, 9);
    }),
    { numRuns: 60 },
  );
});

test('a stronger client never gets less; half the rest, a set more, or more to be left never make it heavier', () => {
  fc.assert(
    fc.property(anyLine, (a) => {
      const kg = chosen(a);
      expect(chosen(a, { kg: a.kg + 10 })).toBeGreaterThanOrEqual(kg);
      expect(chosen(a, { restS: a.restS / 2 })).toBeLessThanOrEqual(kg);
      expect(chosen(a, { n: a.n + 1 })).toBeLessThanOrEqual(kg);
      expect(chosen(a, { first: a.first + 1 })).toBeLessThanOrEqual(kg);
    }),
    { numRuns: 80 },
  );
});

test('more tired is never heavier', () => {
  fc.assert(
    fc.property(anyLine, fc.integer({ min: 1, max: 4 }), (a, before) => {
      const stores = freshStores();
      for (let i = 0; i < before; i += 1) {
        tire(
          stores,
          { credits: press, done: 8, possible: 8, over: usualCurve.overAt(8), own: 0 },
          usualCurve,
        );
        recover(stores, 90);
      }
      const tired = chooseOne(known(a.kg), line(askedOf(a), stores), bar)!.kg;
      expect(tired).toBeLessThanOrEqual(chosen(a));
    }),
    { numRuns: 60 },
  );
});

test('held reps: loads come down from set to set, and each set comes nearer to what it asks', () => {
  const l = line(sets(4, [8, 10], [1, 1], 60));
  const each = chooseEach(known(), l, bar)!;
  const kgs = each.sets.map((s) => s.kg);
  expect([...kgs].sort((a, b) => b - a)).toEqual(kgs);
  expect(kgs[3]).toBeLessThan(kgs[0]!);
  expect(each.miss).toBeLessThan(chooseOne(known(), l, bar)!.miss);
});

test('to failure and leave none are the same work', () => {
  const after = (toFailure: boolean): number => {
    const asked = sets(3, [1, 60], [0, 0]).map((s) => (toFailure ? { ...s, toFailure: true } : s));
    return tryLoad(known(), line(asked), 75).sets[2]!.able;
  };
  expect(after(true)).toBeCloseTo(after(false), 9);
});

test('the other side’s half is rest: a one-sided line gets no lighter than both sides at once', () => {
  const both = sets(3, [10, 12], [1, 1], 45).map((s) => ({ ...s, repS: 6 }));
  const one = both.map((s) => ({ ...s, oneSided: true }));
  const able = (asked: AskedSet[]): number => tryLoad(known(), line(asked), 70).sets[2]!.able;
  expect(able(one)).toBeGreaterThan(able(both));
});

const run = (patch: Partial<Run>): Run => ({ ...noRun, sessions: 4, lastKg: 75, ...patch });
const three = sets(3, [8, 10], [2, 1]);

test('a step up is at most a tenth or one step of the kit; over a tenth the reps run up first', () => {
  const strong = lived(7);
  const up = nextLoad(strong, line(three), bar, run({}))!;
  expect(up).toMatchObject({ step: 'up', kg: 82.5 });
  // 13 % at once: only once ten and the stretch of three are expected at the load that stands.
  const coarse = [60, 75, 85];
  for (const left of [2, 3, 4, 5, 7]) {
    const b = lived(left);
    const runs = tryLoad(b, line(three), 75).sets[0]!.reps >= 13 - 1e-6;
    expect([left, boundsOf(b, line(three), coarse, run({})).most]).toEqual([left, runs ? 85 : 75]);
  }
  expect(nextLoad(strong, line(three), coarse, run({}))!.kg).toBe(85);
});

test('one bad day brings nothing down; two bad sessions five to ten per cent; two short ones what is best', () => {
  const weak = lived(0, 6);
  expect(nextLoad(weak, line(three), bar, run({ bad: 1 }))!.kg).toBe(75);
  const down = nextLoad(weak, line(three), bar, run({ bad: 2 }))!;
  expect(down).toMatchObject({ step: 'down', kg: 70 });
  expect(nextLoad(weak, line(three), bar, run({ short: 1 }))!.kg).toBeGreaterThanOrEqual(72.5);
  expect(nextLoad(weak, line(three), bar, run({ short: 2 }))!.kg).toBeLessThanOrEqual(72.5);
  // A stack whose next load down would be far too easy: chosen freely, not halved by a rule.
  const freely = nextLoad(lived(2), line(three), [40, 75], run({ bad: 2 }))!;
  expect(freely.kg).toBe(75);
});

test('from a set that slipped or broke nothing goes up; after a step down the load stays, but not far too easy', () => {
  expect(nextLoad(lived(4), line(three), bar, run({}))!.step).toBe('up');
  expect(nextLoad(lived(4), line(three), bar, run({ unclean: true }))!.kg).toBe(75);
  expect(nextLoad(lived(3), line(three), bar, run({ staying: 2 }))!.kg).toBe(75);
  expect(nextLoad(lived(7), line(three), bar, run({ staying: 2 }))!.step).toBe('up');
  expect(boundsOf(lived(3), line(three), bar, noRun)).toEqual({});
});

test('sessions become bad and short by their sets, and a step down is remembered for three', () => {
  const of = (kg: number, ...reps: number[]) => reps.map((n) => ({ kg, reps: n, lo: 8 }));
  const good = runAfter(noRun, of(75, 9, 8, 8));
  expect(good).toEqual({ sessions: 1, lastKg: 75, bad: 0, short: 0, staying: 0, unclean: false });
  expect(runAfter(good, of(75, 7, 8, 8))).toMatchObject({ bad: 1, short: 0 });
  expect(runAfter(good, of(75, 9, 6, 6))).toMatchObject({ bad: 1, short: 1 });
  expect(runAfter(good, of(75, 9, 7, 7))).toMatchObject({ bad: 0, short: 1 });
  const twice = runAfter(runAfter(good, of(75, 7, 6, 6)), of(75, 7, 6, 6));
  expect(twice).toMatchObject({ bad: 2, short: 2 });
  const down = runAfter(twice, of(70, 9, 8, 8));
  expect(down).toMatchObject({ bad: 0, staying: 3, lastKg: 70 });
  expect(runAfter(down, of(70, 9, 9, 9)).staying).toBe(2);
});

test('a lighter week: six tenths of the sets, five to fifteen per cent off, or the next load down', () => {
  expect([1, 2, 3, 4, 5].map(lighterSets)).toEqual([1, 1, 2, 2, 3]);
  const light = line(sets(2, [8, 10], [4, 3]));
  const kg = lighterLoad(lived(2), light, bar, run({}))!.kg;
  expect(kg).toBeLessThanOrEqual(75 * 0.95);
  expect(kg).toBeGreaterThanOrEqual(75 * 0.85);
  expect(lighterLoad(lived(2), light, [40, 60, 75, 90], run({}))!.kg).toBe(60);
});
