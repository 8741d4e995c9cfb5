import { line, sampleClient, sampleContext, sampleKit, session } from '../examples';
import { dressLine } from './dress';
import { layOut } from './lay-out';
import { loadLine } from './loading';

const bench = line('barbell-bench-press', {
  scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } },
  reserve: { first: 2, last: 2 },
});
const loaded = (l = bench, losses = [0, 0, 0], context = sampleContext) =>
  loadLine(dressLine(l, 'b', context), losses, context);

test('a client who has lost a tenth gets a tenth less', () => {
  const [fresh, tired] = [loaded(), loaded(bench, [0.1, 0.1, 0.1])];
  expect(tired.sets[0]!.wishKg! / fresh.sets[0]!.wishKg!).toBeCloseTo(0.9, 6);
});

test('what is kept is kept for each tiredness, and for this context alone', () => {
  const [fresh, tired] = [loaded(), loaded(bench, [0.1, 0.1, 0.1])];
  expect(loaded()).toBe(fresh);
  expect(loaded(bench, [0.1, 0.1, 0.1])).toBe(tired);
  expect(loaded(bench, [0.1, 0.1, 0.1 + 1e-12])).not.toBe(tired);
  expect(loaded(bench, [0, 0, 0], { ...sampleContext })).not.toBe(fresh);
  expect(loaded({ ...bench })).not.toBe(fresh);
});

test('of many tirednesses the oldest is forgotten, and comes out the same when asked again', () => {
  const first = loaded(bench, [0.2, 0.2, 0.2]);
  for (let i = 0; i < 40; i++) loaded(bench, [i / 1000, 0, 0]);
  const again = loaded(bench, [0.2, 0.2, 0.2]);
  expect(again).not.toBe(first);
  expect(again).toEqual(first);
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
  expect(loaded(bench, [0, 0, 0], untested)).toMatchObject({ calibrate: true, missing: null });
  const bare = { ...sampleContext, kit: { ...sampleKit, bars: [] } };
  expect(loaded(bench, [0, 0, 0], bare).missing).toBe('a barbell');
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
