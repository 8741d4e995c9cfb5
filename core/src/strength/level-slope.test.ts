import fc from 'fast-check';
import { daysAfter, daysBetween } from '../units';
import { ahead, levelSlope, smoothed, wandering, type Reading } from './level-slope';

const START = '2026-06-01';
const BEFORE = { slope: 0.004, spread: 0.005 };

/** Solves a·x = b by elimination with row exchanges. */
function solved(a: number[][], b: number[]): number[] {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i]!]);
  for (let i = 0; i < n; i += 1) {
    const best = m
      .map((row, r) => [Math.abs(row[i]!), r] as const)
      .slice(i)
      .sort((x, y) => y[0] - x[0])[0]![1];
    [m[i], m[best]] = [m[best]!, m[i]!];
    for (let r = 0; r < n; r += 1) {
      if (r === i) continue;
      const share = m[r]![i]! / m[i]![i]!;
      for (let c = i; c <= n; c += 1) m[r]![c]! -= share * m[i]![c]!;
    }
  }
  return m.map((row, i) => row[n]! / row[i]!);
}

/**
 * The same question asked another way: level and slope on the last day as the conditional mean of a Gaussian process
 * with the covariances that the model of the states implies, all readings at once (textbook regression, no filter).
 */
function atOnce(
  readings: readonly Reading[],
  which = readings.length - 1,
): { level: number; slope: number; vLevel: number } {
  const t = readings.map((r) => daysBetween(readings[0]!.date, r.date) / 7);
  const end = t[which]!;
  const { level: ql, slope: qs } = wandering;
  const v0 = BEFORE.spread ** 2;
  // Cov of the level at two times: wandering level, slope known only so far, wandering slope (twice integrated).
  const levels = (a: number, b: number): number => {
    const [s, l] = [Math.min(a, b), Math.max(a, b)];
    return readings[0]!.variance + v0 * a * b + ql * s + qs * (s ** 3 / 3 + ((l - s) * s ** 2) / 2);
  };
  // Cov of the slope at the end with the level at a time: ∫ over the wandering both share.
  // Only the wandering up to the day asked about is shared with its slope.
  const slopes = (b: number): number => {
    const s = Math.min(b, end);
    return v0 * b + qs * (s ** 2 / 2 + (b - s) * s);
  };
  const noise = (i: number): number => (i === 0 ? 0 : readings[i]!.variance);
  const rest = readings.slice(1);
  if (rest.length === 0)
    return { level: readings[0]!.mean, slope: BEFORE.slope, vLevel: readings[0]!.variance };
  const k = rest.map((_, i) =>
    rest.map((_r, j) => levels(t[i + 1]!, t[j + 1]!) + (i === j ? noise(i + 1) : 0)),
  );
  const expected = (time: number): number => readings[0]!.mean + BEFORE.slope * time;
  const off = rest.map((r, i) => r.mean - expected(t[i + 1]!));
  const weights = solved(k, off);
  const sum = (cov: (i: number) => number): number => weights.reduce((n, w, i) => n + w * cov(i), 0);
  const mine = rest.map((_, i) => levels(end, t[i + 1]!));
  const known = solved(k, mine);
  return {
    level: expected(end) + sum((i) => mine[i]!),
    slope: BEFORE.slope + sum((i) => slopes(t[i + 1]!)),
    vLevel: levels(end, end) - known.reduce((n, w, i) => n + w * mine[i]!, 0),
  };
}

const anyReadings: fc.Arbitrary<Reading[]> = fc
  .array(
    fc.record({
      gap: fc.integer({ min: 1, max: 20 }),
      off: fc.double({ min: -0.1, max: 0.1, noNaN: true }),
      sd: fc.double({ min: 0.02, max: 0.1, noNaN: true }),
    }),
    { minLength: 1, maxLength: 9 },
  )
  .map((list) => {
    let day = START;
    return list.map(({ gap, off, sd }, i) => {
      if (i > 0) day = daysAfter(day, gap);
      return { date: day, mean: Math.log(100) + off, variance: sd ** 2 };
    });
  });

test('the filter gives what regression on all readings at once gives', () => {
  fc.assert(
    fc.property(anyReadings, (readings) => {
      const filtered = levelSlope(readings, BEFORE)!;
      const whole = atOnce(readings);
      expect(filtered.level).toBeCloseTo(whole.level, 8);
      expect(filtered.slope).toBeCloseTo(whole.slope, 8);
    }),
    { numRuns: 200 },
  );
});

test('smoothed, every day of the past is what regression on all readings says of it', () => {
  fc.assert(
    fc.property(anyReadings, (readings) => {
      smoothed(readings, BEFORE).forEach((state, i) => {
        const whole = atOnce(readings, i);
        expect(state.level).toBeCloseTo(whole.level, 8);
        expect(state.slope).toBeCloseTo(whole.slope, 8);
        expect(state.vLevel).toBeCloseTo(whole.vLevel, 8);
      });
    }),
    { numRuns: 100 },
  );
});

test('a rise of one per cent a week, read without much noise, is found', () => {
  const readings = Array.from({ length: 12 }, (_, i) => ({
    date: daysAfter(START, 7 * i),
    mean: Math.log(100) + 0.01 * i,
    variance: 0.01 ** 2,
  }));
  expect(levelSlope(readings, BEFORE)!.slope).toBeGreaterThan(0.008);
  expect(levelSlope([], BEFORE)).toBe(null);
});

test('what lies further ahead is never surer', () => {
  fc.assert(
    fc.property(
      anyReadings,
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0.1, max: 10, noNaN: true }),
      (readings, weeks, more) => {
        const state = levelSlope(readings, BEFORE)!;
        expect(ahead(state, weeks + more).spread).toBeGreaterThan(ahead(state, weeks).spread);
        expect(ahead(state, 0)).toEqual({ times: 1, spread: 0 });
      },
    ),
  );
});
