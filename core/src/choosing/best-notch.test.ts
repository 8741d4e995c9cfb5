import { pressingRegions } from '../anatomy';
import { entries, findEntry } from '../movements';
import { body } from '../testing/working';
import { atNotches, bestNotch, sweepCatalogue } from './best-notch';

const press = findEntry('dumbbell-bench-press')!;
const notches = [0, 15, 30, 45, 60, 75];

/** Direction: Rodríguez-Ridao et al. 2020 (from memory); a fit of the model, no validation. */
test('the best notch for the upper chest is an incline, for the middle chest flat, for the front delt steep', () => {
  const rows = atNotches(press.movement, press.rig, notches, body);
  expect(rows.map((r) => r.benchDeg)).toEqual(notches);
  expect([15, 30, 45]).toContain(bestNotch(rows, 'pecUpper')!.benchDeg);
  expect(bestNotch(rows, 'pecMiddle')!.benchDeg).toBe(0);
  expect(bestNotch(rows, 'deltFront')!.benchDeg).toBeGreaterThanOrEqual(30);
});

test('no other notch counts for more, and none that counts the same works the region clearly harder', () => {
  const rows = atNotches(press.movement, press.rig, notches, body);
  for (const region of pressingRegions) {
    const best = bestNotch(rows, region)!;
    const counts = (r: (typeof rows)[number]): number => r.credits[region] ?? 0;
    for (const r of rows) {
      expect(counts(r)).toBeLessThanOrEqual(counts(best));
      if (counts(r) === counts(best))
        expect(r.effort.get(region) ?? 0).toBeLessThanOrEqual((best.effort.get(region) ?? 0) + 0.1);
    }
  }
});

test('a movement without a bench has one row, a notch out of its reach none', () => {
  const fly = findEntry('machine-fly')!;
  expect(atNotches(fly.movement, fly.rig, notches, body).map((r) => r.benchDeg)).toEqual([null]);
  const bell = findEntry('dumbbell-fly')!;
  expect(atNotches(bell.movement, bell.rig, [0, 75, 85], body).map((r) => r.benchDeg)).toEqual([0]);
});

test('the sweep passes every name once', () => {
  const seen = [...sweepCatalogue(entries, [0, 30], body)];
  expect(seen.map((s) => s.entry.id)).toEqual(entries.map((e) => e.id));
  const rowsOf = (id: string) => seen.find((s) => s.entry.id === id)!.rows.map((r) => r.benchDeg);
  expect(rowsOf('dumbbell-bench-press')).toEqual([0]);
  expect(rowsOf('incline-dumbbell-press')).toEqual([30]);
  expect(rowsOf('machine-fly')).toEqual([null]);
});
