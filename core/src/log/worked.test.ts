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
/** Of a bench of which nothing is known the first set says nearly all: by Epley, log(max / load) = log(1 + R / 30). */
const able = (maxKg: number, loss: number, kg: number): number => 30 * ((maxKg * (1 - loss)) / kg - 1);

test('a set that failed at five of six to eight: a load that brings six again, not the lightest there is', () => {
  // Five and a half were possible: 80 × (1 + 5.5/30) = 94.67 kg; half a minute later some of it is gone.
  const next = after(80, 5, 0);
  expect(next.kg!).toBeLessThan(80);
  expect(next.kg!).toBeGreaterThan(62);
  const loss = m!.sets[1]!.loss;
  expect(Math.abs(next.able!.reps - able(94.67, loss, next.kg!))).toBeLessThan(2.5);
  expect(next.why).toMatch(/^80 kg would end short of 6–8 leaving 2 today$/);
});

test('a set of eight with five left: up by a tenth at most, however much more there was', () => {
  // 60 × 1.1 = 66; the bar makes 65.
  const next = after(60, 8, 5);
  expect(next.kg).toBe(choices.filter((kg) => kg <= 66).at(-1));
  expect(next.why).toMatch(/^60 kg would be too easy for 6–8 leaving 2 today$/);
});

test('a set that went as it was meant stays; what comes is told to the half repetition', () => {
  const next = after(70, 7, 2);
  expect([next.kg, next.why]).toEqual([70, null]);
  expect(Number.isInteger(2 * next.left!)).toBe(true);
  expect(Math.abs(next.able!.reps - next.reps! - next.left!)).toBeLessThanOrEqual(0.25 + 1e-9);
});
