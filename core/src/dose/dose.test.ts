import { measure } from '../measure';
import { schools } from '../schools';
import { line, sampleClient, sampleContext, session } from '../examples';
import { countDose } from './dose';
import { doseValue, effortWorth, nextSetWorth } from './value';

const { evidence } = schools;

test('direct, indirect, fractional, and hard sets only', () => {
  const press = { pecMiddle: 1, pecUpper: 0.5, deltFront: 0.5, triLateral: 0.5 };
  const sets = [
    { credits: press, reserve: 2 },
    { credits: press, reserve: 2 },
    { credits: press, reserve: 7 },
    { credits: { deltFront: 1 }, reserve: 1 },
  ];
  const { groups, regions } = countDose(sets, evidence, 'chest', 1);
  expect(groups.chest).toMatchObject({ direct: 2, indirect: 0, fractional: 2, prescribed: 3 });
  expect(groups.deltFront).toMatchObject({ direct: 1, indirect: 2, fractional: 2 });
  expect(regions.pecUpper.fractional).toBe(1);
});

test('a group is its best head, never the sum of its heads', () => {
  const { groups } = countDose(
    [{ credits: { triLong: 1, triLateral: 0.75, triMedial: 1 }, reserve: 1 }],
    evidence,
    null,
    1,
  );
  expect(groups.triceps.fractional).toBe(1);
});

test('bands follow the school, what the session is for, and the training age', () => {
  expect(countDose([], evidence, 'chest', 1).groups.chest.band).toEqual({ lo: 9, hi: 16 });
  expect(countDose([], evidence, null, 1).groups.chest.band).toEqual({ lo: 5, hi: 15 });
  const novice = { ...sampleContext, client: { ...sampleClient, trainingAge: 'under 1 year' as const } };
  expect(measure(session([line('push-up')], { emphasis: 'triceps' }), novice).dose.groups.chest.band).toEqual(
    { lo: 3, hi: 9 },
  );
});

/** Direction: Schoenfeld et al. 2017, J Sports Sci 35:1073-1082; Remmert et al. 2025, preprint (from memory). */
test('each further set is worth less, and little past a dozen', () => {
  for (let s = 0; s < 20; s++) expect(nextSetWorth(s + 1, 4.5)).toBeLessThan(nextSetWorth(s, 4.5));
  expect(doseValue(12, 4.5)).toBeGreaterThan(0.9);
  expect(nextSetWorth(12, 4.5)).toBeLessThan(0.02);
});

/** Direction: Robinson et al. 2024, Sports Med 54:2209-2231 (from memory). */
test('nearer failure is worth somewhat more', () => {
  expect([0, 1, 2, 3, 4, 5].map(effortWorth)).toEqual([1, 0.97, 0.93, 0.88, 0.8, 0.65]);
});
