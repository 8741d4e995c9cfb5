import fc from 'fast-check';
import { movementOf } from '../movements';
import type { LiftRecord } from './evidence';
import { repsAtLoad } from './formulas';
import { maxOf, type StrengthContext } from './max';
import { movedShare } from './ratios';

const bench = (patch: Partial<LiftRecord> = {}): LiftRecord => ({
  movement: 'barbell-press',
  rig: {},
  date: '2026-11-20',
  loadKg: 100,
  reps: 5,
  reserve: 0,
  kind: 'test',
  ...patch,
});
const context = (...records: LiftRecord[]): StrengthContext => ({
  massKg: 80,
  records,
  todayIso: '2026-11-24',
  formula: 'median',
  unit: 'kg',
});
const known = (estimate: ReturnType<typeof maxOf>) => {
  if (estimate.basis === 'calibrate') throw new Error('expected a max');
  return estimate;
};

test('a test is the max, said to be tested', () => {
  const max = known(maxOf(movementOf('barbell-press'), {}, context(bench())));
  expect(max.basis).toBe('tested');
  expect(max.kg).toBeCloseTo(116.7, 0);
});

test('an incline without sets of its own borrows from the bench (ratio .36 a hand at 30°, common practice)', () => {
  const max = known(maxOf(movementOf('dumbbell-press'), { benchDeg: 30 }, context(bench())));
  expect(max.basis).toBe('borrowed');
  expect(max.kg / 116.7).toBeCloseTo(0.36, 2);
});

test('the strict press lies at .62 of the bench (common practice)', () => {
  const max = known(maxOf(movementOf('standing-barbell-press'), {}, context(bench())));
  expect(max.kg / 116.7).toBeCloseTo(0.62, 2);
});

test('cables have nothing honest to borrow from', () => {
  expect(maxOf(movementOf('cable-fly'), {}, context(bench())).basis).toBe('calibrate');
});

test("the client's own sets outweigh the borrowed guess", () => {
  const own = [22, 22, 22].map((loadKg) =>
    bench({ movement: 'dumbbell-press', rig: { benchDeg: 30 }, loadKg, reps: 8, reserve: 1, kind: 'set' }),
  );
  const max = known(maxOf(movementOf('dumbbell-press'), { benchDeg: 30 }, context(bench(), ...own)));
  expect(max.basis).toBe('from sets');
  expect(Math.abs(max.kg - 28.4)).toBeLessThan(1.2);
});

test('more evidence never widens the spread', () => {
  const record = fc.record({
    loadKg: fc.integer({ min: 40, max: 140 }),
    reps: fc.integer({ min: 1, max: 15 }),
    reserve: fc.integer({ min: 0, max: 4 }),
  });
  fc.assert(
    fc.property(fc.array(record, { minLength: 1, maxLength: 8 }), record, (sets, more) => {
      const records = sets.map((s) => bench({ ...s, kind: 'set' }));
      const before = known(maxOf(movementOf('barbell-press'), {}, context(...records)));
      const after = known(
        maxOf(movementOf('barbell-press'), {}, context(...records, bench({ ...more, kind: 'set' }))),
      );
      expect(after.spread).toBeLessThanOrEqual(before.spread + 1e-9);
    }),
  );
});

test('turning the bench never makes the max jump by more than the degree is worth', () => {
  for (const id of ['dumbbell-press', 'barbell-press', 'guided-bar-press']) {
    let last: number | null = null;
    for (let deg = -15; deg <= 84; deg += 1) {
      const { kg } = known(
        maxOf(
          movementOf(id),
          { benchDeg: deg },
          context(bench(), bench({ movement: 'standing-barbell-press', loadKg: 62, reps: 5 })),
        ),
      );
      if (last !== null) expect(Math.abs(kg / last - 1)).toBeLessThan(0.025);
      last = kg;
    }
  }
});

/** Ebben et al. 2011, J Strength Cond Res 25:2891-2894 (from memory). */
test.each([
  [0, 0.64],
  [0.3, 0.7],
  [0.6, 0.74],
  [-0.3, 0.55],
  [-0.6, 0.41],
])('a push-up at %p m moves %p of bodyweight', (elevationM, share) => {
  expect(movedShare(movementOf('push-up'), { elevationM })).toBeCloseTo(share, 6);
});

test('the sum is told in the unit of the client, and long sets are said to be rough', () => {
  const pounds = { ...context(bench({ loadKg: 45.359237, reps: 25, kind: 'set' })), unit: 'lb' as const };
  expect(known(maxOf(movementOf('barbell-press'), {}, pounds)).terms[0]!.says).toBe(
    'set 4 days ago: 100 lb × 25, rough',
  );
  expect(known(maxOf(movementOf('dumbbell-press'), {}, pounds)).terms[0]!.says).toMatch(
    /lb bench press × 0\.4[12]$/,
  );
});

/**
 * Somebody whose true ratio to the bench differs from the borrowed one, doing what the product says and
 * logging it honestly, tired sets as tired: the estimate finds their own ratio.
 */
test('a consistent client comes to their own ratio within four sessions, and more sets never widen the spread', () => {
  const press = movementOf('dumbbell-press');
  for (const [truth, borrowed] of [
    [0.31, 0.36],
    [0.41, 0.36],
  ] as const) {
    const fresh = 116.7 * truth;
    const records: LiftRecord[] = [bench()];
    let spread = Infinity;
    for (let session = 0; session < 4; session++) {
      const date = `2026-11-${String(8 + session * 4).padStart(2, '0')}`;
      for (const tired of [0, 0.04, 0.07]) {
        const loadKg = Math.round(fresh * 0.74);
        const toFailure = repsAtLoad(fresh * (1 - tired), loadKg, 'median');
        const reps = Math.max(1, Math.floor(toFailure - 1));
        records.push({
          movement: 'dumbbell-press',
          rig: { benchDeg: 30 },
          date,
          loadKg,
          reps,
          reserve: Math.round((toFailure - reps) * 2) / 2,
          kind: 'set',
          tired,
        });
        const now = known(maxOf(press, { benchDeg: 30 }, { ...context(...records), todayIso: '2026-11-24' }));
        expect(now.spread).toBeLessThanOrEqual(spread + 1e-9);
        spread = now.spread;
      }
    }
    const found = known(maxOf(press, { benchDeg: 30 }, context(...records)));
    expect(Math.abs(found.kg / fresh - 1)).toBeLessThan(0.05);
    expect(Math.abs(found.kg / fresh - 1)).toBeLessThan(Math.abs(borrowed / truth - 1) / 2);
  }
});

test('a tired set is read as what was left, so that tiredness is not taken off twice', () => {
  const set = { ...bench({ reps: 5, kind: 'set' }), tired: 0.1 };
  const rested = known(maxOf(movementOf('barbell-press'), {}, context(bench({ reps: 5, kind: 'set' }))));
  const tired = known(maxOf(movementOf('barbell-press'), {}, context(set)));
  expect(tired.kg / rested.kg).toBeCloseTo(1 / 0.9, 2);
  expect(tired.terms[0]!.says).toContain('10 % tired');
});

test('another setting of the lift widens the spread: feet up, hands wide, palms facing', () => {
  const spread = (id: string, rig: object, ...records: LiftRecord[]): number =>
    known(maxOf(movementOf(id), rig, context(...records))).spread;
  const plain = spread('barbell-press', {}, bench());
  for (const rig of [{ stance: 'feet up' }, { gripBiacromial: 1.75 }, { range: 'pins' }])
    expect(spread('barbell-press', rig, bench())).toBeGreaterThan(plain);
  const bells = spread('dumbbell-press', {}, bench());
  expect(spread('dumbbell-press', { forearm: 'neutral' }, bench())).toBeGreaterThan(bells);
});
