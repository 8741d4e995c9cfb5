import fc from 'fast-check';
import { layOut } from '../measure';
import type { Line } from '../session';
import { maxOf, paceOf, repsAtLoad } from '../strength';
import { movementOf } from '../movements';
import { line, sampleClient, sampleContext, session } from '../examples';

const tempo = (lower: number, stretched = 1): Pick<Line, 'tempo'> => ({
  tempo: { lower, stretched, lift: 1, shortened: 0 },
});
const bench = (patch: Partial<Line>, context = sampleContext) =>
  layOut(session([line('barbell-bench-press', patch)]), context).lines[0]!;
const eights = {
  scheme: { kind: 'straight' as const, sets: 1, reps: { lo: 8, hi: 8 } },
  reserve: { first: 2, last: 2 },
};

test('an ordinary or quick repetition is one repetition, a slow one more in proportion', () => {
  expect([1, 2, 3.5, 4, 6, 8].map(paceOf)).toEqual([1, 1, 1, 1, 1.5, 2]);
});

/** Slow phases: 15 to 30 % lighter with three or four seconds down, pauses and holds (common practice). */
test('slow work is lighter toward what common practice has it, never past it', () => {
  const wish = (t: Pick<Line, 'tempo'>): number => bench({ ...eights, ...t }).sets[0]!.wishKg!;
  const lighter = (t: Pick<Line, 'tempo'>): number => 100 * (1 - wish(t) / wish(tempo(2)));
  expect(lighter(tempo(4))).toBeGreaterThan(7);
  expect(lighter(tempo(4, 3))).toBeGreaterThan(14);
  expect(lighter(tempo(4, 5))).toBeLessThan(30);
  expect(lighter(tempo(1, 0))).toBe(0);
});

test('for a fresh set slower is never heavier, and never brings more repetitions of the same load', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 8 }),
      fc.integer({ min: 0, max: 4 }),
      fc.integer({ min: 3, max: 15 }),
      (lower, longer, lo) => {
        const scheme = { kind: 'straight' as const, sets: 1, reps: { lo, hi: lo + 2 } };
        const fresh = (loadKg: number | null) =>
          [tempo(lower), tempo(lower + longer)].map((t) => bench({ scheme, loadKg, ...t }).sets[0]!);
        const [quick, slow] = fresh(null);
        expect(slow!.wishKg!).toBeLessThanOrEqual(quick!.wishKg! + 1e-9);
        const [easy, hard] = fresh(80);
        expect(hard!.expectedReps ?? 0).toBeLessThanOrEqual(easy!.expectedReps ?? Infinity);
      },
    ),
    { numRuns: 100 },
  );
});

test('sets logged at a tempo foretell sets at that tempo', () => {
  const done = { movement: 'barbell-press', rig: {}, date: '2026-11-23', kind: 'set' as const };
  const context = {
    massKg: 80,
    formula: 'median' as const,
    unit: 'kg' as const,
    todayIso: '2026-11-24',
    records: [{ ...done, loadKg: 70, reps: 8, reserve: 0, repS: 8 }],
  };
  const max = maxOf(movementOf('barbell-press'), {}, context);
  if (max.basis === 'calibrate') throw new Error('expected a max');
  expect(repsAtLoad(max.kg, 70) / paceOf(8)).toBeCloseTo(8, 6);
  expect(max.terms[0]!.says).toContain('8 s a rep');
});

test('a slow set too long for the formulas counts for nothing rather than for something wrong', () => {
  const record = {
    movement: 'barbell-press',
    rig: {},
    date: '2026-11-23',
    kind: 'set' as const,
    loadKg: 40,
    reps: 20,
    reserve: 0,
    repS: 10,
  };
  const client = { ...sampleClient, tests: [] };
  const m = bench({}, { ...sampleContext, client, logged: [record] });
  expect(m.max.basis).toBe('calibrate');
});

test('a slow set tires in proportion to its time', () => {
  const fly = line('dumbbell-fly', { scheme: { kind: 'straight', sets: 1, reps: { lo: 10, hi: 10 } } });
  const lossAfter = (t: Pick<Line, 'tempo'>): number =>
    layOut(session([{ ...fly, ...t }, line('barbell-bench-press')]), sampleContext).lines[1]!.sets[0]!.loss;
  expect(lossAfter(tempo(5))).toBeGreaterThan(lossAfter(tempo(2)));
});
