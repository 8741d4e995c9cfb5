import { line, sampleContext, session } from '../examples';
import { layOut } from '../measure';

/** Sums beside the figures; seconds. Times of walking and setting up are common practice. */
const tempo = { lower: 2, stretched: 0, lift: 1, shortened: 1 };
const straight = (sets: number, reps: number) => ({
  scheme: { kind: 'straight' as const, sets, reps: { lo: reps, hi: reps } },
  tempo,
});
const totalOf = (lines: Parameters<typeof session>[0], patch = {}): number =>
  layOut(session(lines, patch), { ...sampleContext, kit: { ...sampleContext.kit, apart: [] } }).timeline
    .totalS;

test('bells: the way there, taking them, three sets of ten at four seconds, two rests', () => {
  // 30 to settle + 15 m at 1 m/s + 15 for the bells + 3 × 40 + 2 × 60
  expect(totalOf([line('dumbbell-lateral-raise', { ...straight(3, 10), restS: 60 })])).toBe(300);
});

test('the next movement waits out the rest that is owed: walking and setting the pin count toward it', () => {
  const first = line('dumbbell-lateral-raise', { ...straight(3, 10), restS: 60 });
  // 300, then the longer of 60 owed and 45 on the way + 5 for the pin, then 2 × 48 and 45 between
  expect(totalOf([first, line('pushdown', { ...straight(2, 12), restS: 45 })])).toBe(300 + 60 + 96 + 45);
  // 10 owed: the way and the pin take longer
  const hurried = line('dumbbell-lateral-raise', { ...straight(3, 10), restS: 10 });
  expect(totalOf([hurried, line('pushdown', { ...straight(2, 12), restS: 45 })])).toBe(200 + 50 + 96 + 45);
});

test('a warm-up of two sets of fifteen: two and a half seconds each, a quarter of a minute between', () => {
  const item = { id: 'w', movement: 'band-pull-apart', sets: 2, reps: 15, seconds: null, note: '' };
  const lines = [line('dumbbell-lateral-raise', { ...straight(3, 10), restS: 60 })];
  expect(totalOf(lines, { warmup: [item] }) - totalOf(lines)).toBe(2 * 15 * 2.5 + 15);
  const timed = { ...item, sets: 1, reps: null, seconds: 300 };
  expect(totalOf(lines, { warmup: [timed] }) - totalOf(lines)).toBe(300);
});
