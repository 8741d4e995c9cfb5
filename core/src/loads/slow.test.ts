import fc from 'fast-check';
import { layOut } from '../measure';
import type { Line } from '../session';
import { paceOf } from '../strength';
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

test('sets logged at a tempo foretell sets at that tempo, and slow ones no more than they are', () => {
  const done = {
    movement: 'barbell-press',
    rig: {},
    date: '2026-11-23',
    kind: 'set' as const,
    loadKg: 70,
    reps: 8,
  };
  const client = { ...sampleClient, tests: [] };
  const eight = (repS: number, t: Pick<Line, 'tempo'>): number => {
    const logged = [0, 1, 2].map((index) => ({
      ...done,
      reserve: 0,
      repS,
      line: 'a',
      index,
      failed: true as const,
    }));
    return bench({ ...eights, loadKg: 70, ...t }, { ...sampleContext, client, logged }).sets[0]!.able!;
  };
  expect(Math.abs(eight(8, tempo(4, 3)) - 8.5)).toBeLessThan(1.2);
  expect(eight(8, tempo(2))).toBeGreaterThan(14);
  expect(eight(4, tempo(4, 3))).toBeLessThan(6);
});
