import { line, sampleContext, session } from '../examples';
import { choicesOf } from '../loads';
import { measure } from '../measure';
import { fromHere } from './next-set';

/** Nothing is known of the client, so all that follows comes from the set that was done; maxes by Epley 1985. */
const context = {
  ...sampleContext,
  client: { ...sampleContext.client, tests: [], formula: 'epley' as const },
  logged: [],
};
const bench = line('barbell-bench-press', {
  id: 'bench',
  scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } },
  reserve: { first: 2, last: 2 },
  tempo: { lower: 2, stretched: 0, lift: 1, shortened: 1 },
});
const measured = measure(session([bench]), context);
const [m] = measured.lines;
const choices = choicesOf(context.kit, m!.movement)!
  .map((c) => c.kg)
  .sort((a, b) => a - b);
const after = (loadKg: number, reps: number, reserve: number) =>
  fromHere(measured, [{ lineId: 'bench', setIndex: 0, loadKg, reps, reserve }]).next.get('bench')![0]!;
/** The heaviest load here of which, with the max and the tiredness of the second set, so many come with two left. */
const heaviest = (max: number, reps: number): number =>
  choices.filter((kg) => kg <= (max * (1 - m!.sets[1]!.loss)) / (1 + (reps + 2) / 30)).at(-1)!;

test('a set that failed at five of six to eight: the heaviest load that brings six again, not the lightest there is', () => {
  // 80 × (1 + 5/30) = 93.33 kg; a quarter of a repetition short of six is six
  const next = after(80, 5, 0);
  expect(next.kg).toBe(heaviest((80 * 35) / 30, 5.75));
  expect(next.kg).toBeGreaterThan(60);
  expect(next.why).toMatch(/^80 kg would end short of 6–8 today$/);
});

test('a set of eight with five left: up by a tenth at most, however much more there was', () => {
  // 60 × (1 + 13/30) = 86 kg would allow 65 for eight; a tenth over 60 is 66
  const next = after(60, 8, 5);
  const most = Math.max(...choices.filter((kg) => kg <= 66));
  expect(next.kg).toBe(Math.min(most, choices.filter((kg) => kg <= heaviest(86, 6)).at(-1)!));
  expect(next.why).toMatch(/would go past 6–8 today$/);
});

test('a set that went as it was meant stays; what comes is told to the half repetition', () => {
  // 70 × (1 + 9/30) = 91 kg
  const next = after(70, 7, 2);
  expect([next.kg, next.why]).toEqual([70, null]);
  const able = 30 * ((91 * (1 - m!.sets[1]!.loss)) / 70 - 1);
  expect(next.reps).toBe(Math.min(8, Math.floor(able - 2 + 0.25)));
  expect(next.left).toBe(Math.round(2 * (able - next.reps!)) / 2);
});
