import { findEntry } from '../movements';
import { makeableLoads } from './fitting';
import { kitSchema } from './kit';
import { usualGym, usualGymIds } from './usual-gyms';

test.each(
  usualGymIds.flatMap((id) => [
    { id, unit: 'kg' as const },
    { id, unit: 'lb' as const },
  ]),
)('a $id gym in $unit is a kit, marked in its unit', ({ id, unit }) => {
  const kit = usualGym(id, unit, 'North Road');
  expect(kitSchema.safeParse(kit).error?.issues).toBeUndefined();
  expect([kit.name, kit.unit]).toEqual(['North Road', unit]);
});

test('loads are what the marks make: a 45 lb bar with its smallest plates, cables by their step', () => {
  const inPounds = (id: 'commercial' | 'small', entry: string) =>
    makeableLoads(usualGym(id, 'lb', 'x'), findEntry(entry)!.movement).map((l) =>
      Math.round(l.kg / 0.45359237),
    );
  // 45, with a pair of 2.5 lb plates 50, then in steps of 5.
  expect(inPounds('small', 'barbell-bench-press').slice(0, 3)).toEqual([45, 50, 55]);
  const small = usualGym('small', 'kg', 'x');
  expect(makeableLoads(small, findEntry('dumbbell-bench-press')!.movement).at(-1)!.kg).toBe(40);
  // Half of the plates at the hand: 2.5 kg of stack are 1.25 kg.
  expect(
    makeableLoads(small, findEntry('pushdown')!.movement)
      .slice(0, 2)
      .map((l) => l.kg),
  ).toEqual([1.25, 2.5]);
  expect(makeableLoads(usualGym('home', 'kg', 'x'), findEntry('barbell-bench-press')!.movement)).toEqual([]);
});
