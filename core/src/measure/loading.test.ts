import { line, sampleClient, sampleContext, sampleKit, session } from '../examples';
import type { Line } from '../session';
import { dressLine } from './dress';
import { layOut } from './lay-out';

const bench = line('barbell-bench-press', {
  scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } },
  reserve: { first: 2, last: 2 },
});
const loaded = (l = bench, context = sampleContext, before: Line[] = []) =>
  layOut(session([...before, l]), context).lines.at(-1)!;

test('a client who has lost a tenth wishes for a tenth less', () => {
  const hard = line('dumbbell-bench-press', {
    scheme: { kind: 'straight', sets: 5, reps: { lo: 8, hi: 8 } },
    reserve: { first: 0, last: 0 },
    restS: 60,
  });
  const one = { ...bench, scheme: { kind: 'straight' as const, sets: 1, reps: { lo: 8, hi: 8 } } };
  const [fresh, tired] = [loaded(one).sets[0]!, loaded(one, sampleContext, [hard]).sets[0]!];
  expect(tired.loss).toBeGreaterThan(0.04);
  expect(tired.wishKg! / fresh.wishKg!).toBeCloseTo(1 - tired.loss, 6);
});

test('what a fix was tried with changes nothing of the line as it stood', () => {
  const before = loaded();
  for (let i = 0; i < 40; i += 1) loaded({ ...bench, restS: 60 + i });
  expect(loaded().sets).toEqual(before.sets);
});

test('held reps come down in load from set to set, a held load falls in reps', () => {
  const tight = {
    ...bench,
    restS: 45,
    reserve: { first: 1, last: 1 },
    scheme: { kind: 'straight' as const, sets: 4, reps: { lo: 8, hi: 10 } },
  };
  const kgs = (loads: 'one' | 'down' | undefined) =>
    loaded({ ...tight, ...(loads ? { loads } : {}) }).sets.map((s) => s.kg!);
  expect(new Set(kgs(undefined)).size).toBe(1);
  expect(kgs('one')).toEqual(kgs(undefined));
  const down = kgs('down');
  expect([...down].sort((a, b) => b - a)).toEqual(down);
  expect(down[3]).toBeLessThan(down[0]!);
});

test('a lighter week takes its load from the one before; the model says what it is beside it', () => {
  const light = loaded(bench, { ...sampleContext, isLight: true });
  expect(light.step).toBe('lighter week');
  expect(loaded().step).toBe('first');
  const logged = [0, 1, 2].map((index) => ({
    movement: 'barbell-press',
    rig: {},
    date: '2026-11-20',
    loadKg: 87.5,
    reps: 8,
    reserve: 1,
    kind: 'set' as const,
    session: 's',
    line: 'a',
    index,
    at: index,
    asked: { lo: 8, hi: 8, reserve: 2, restS: 120 },
  }));
  const after = { ...sampleContext, logged };
  expect(loaded(bench, after)).toMatchObject({ step: 'stays', sets: [{ kg: 87.5 }, {}, {}] });
  const kg = loaded(bench, { ...after, isLight: true }).sets[0]!.kg!;
  expect(kg / 87.5).toBeLessThanOrEqual(0.95);
  expect(kg / 87.5).toBeGreaterThanOrEqual(0.85);
});

test('a share of another lift: 80 % of the bench’s max, half of it in each hand', () => {
  const share = (id: string) =>
    loaded(line(id, { percentOf: { lift: 'barbell-bench-press', percent: 80 } })).sets[0]!.wishKg!;
  const { max } = dressLine(bench, 'b', sampleContext);
  expect(max.basis === 'calibrate').toBe(false);
  const maxKg = max.basis === 'calibrate' ? 0 : max.kg;
  expect(share('barbell-bench-press')).toBeCloseTo(0.8 * maxKg, 6);
  expect(share('dumbbell-bench-press')).toBeCloseTo(0.4 * maxKg, 6);
});

test('without a test nothing is asked of the kit; what the gym lacks is said', () => {
  const untested = { ...sampleContext, client: { ...sampleClient, tests: [] } };
  expect(loaded(bench, untested)).toMatchObject({ calibrate: true, missing: null });
  const bare = { ...sampleContext, kit: { ...sampleKit, bars: [] } };
  expect(loaded(bench, bare).missing).toBe('a barbell');
});

test('a landmine is loaded on one end: bar plus what hangs there, and both plates of a pair fit', () => {
  const context = {
    ...sampleContext,
    kit: { ...sampleKit, places: [...sampleKit.places, 'landmine' as const] },
  };
  const m = layOut(session([line('kneeling-landmine-press', { loadKg: 50 })]), context).lines[0]!;
  const { kg, perSide, oneEnd } = m.sets[0]!;
  expect(kg).toBe(50);
  expect(oneEnd).toBe(true);
  expect(20 + perSide!.reduce((t, p) => t + p.kg * p.count, 0)).toBe(50);
});
