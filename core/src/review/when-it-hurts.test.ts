import fc from 'fast-check';
import { limitIds } from '../session';
import { offersFor, people, work, wrongFor } from '../testing/kinder-walk';

test('any movement, any complaint, five people: each offer is kinder by the table, lighter, safe and in order', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.keys(people)),
      fc.constantFrom(...work),
      fc.constantFrom(...limitIds),
      (name, entry, limit) => expect(wrongFor(name, entry, limit)).toEqual([]),
    ),
    { numRuns: 2000 },
  );
});

const offered = (id: string, limit: (typeof limitIds)[number]): string[] =>
  offersFor(
    work.find((e) => e.id === id)!,
    people.ordinary!,
    limit,
  ).offers.map((o) => `${o.name}: ${o.says}`);

/** Read one by one, as a coach would sign them. */
test.each([
  ['barbell-bench-press', 'shoulder front', 'Barbell bench press: tuck 45°, 70 kg'],
  ['barbell-bench-press', 'wrist', 'Dumbbell bench press: flat, tuck 55°, 28 kg each'],
  [
    'incline-barbell-press',
    'shoulder front',
    'Incline dumbbell press: 30°, tuck 45°, neutral grip, 24 kg each',
  ],
  ['incline-dumbbell-press', 'shoulder front', 'Incline dumbbell press: tuck 45°, 24 kg each'],
  ['dumbbell-lateral-raise', 'lower back', 'Seated lateral raise: seated, 6 kg each'],
] as const)('%s, %s: first %s', (id, limit, first) => expect(offered(id, limit)[0]).toBe(first));

/** Nothing is surely easier: no guess, it is left out. */
test.each([
  ['barbell-bench-press', 'lower back'],
  ['neutral-overhead-dumbbell-press', 'shoulder front'],
  ['cable-lateral-raise', 'elbow'],
] as const)('%s, %s: nothing is offered', (id, limit) => expect(offered(id, limit)).toEqual([]));
