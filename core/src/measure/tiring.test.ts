import { line, sampleContext, session } from '../examples';
import type { Line } from '../session';
import { layOut } from './lay-out';
import { boutCredits, freshnessIn } from './tiring';

const bench = line('barbell-bench-press', {
  scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } },
  reserve: { first: 2, last: 2 },
});
const lost = (lines: Line[], id: string): number[] =>
  layOut(session(lines), sampleContext)
    .byId.get(id)!
    .sets.map((s) => s.loss);

test('nothing is lost before the first set, and more before each further one', () => {
  const losses = lost([bench], bench.id);
  expect(losses[0]).toBe(0);
  expect(losses[1]).toBeGreaterThan(0.01);
  expect(losses[2]).toBeGreaterThan(losses[1]!);
});

test('a longer rest leaves less lost', () => {
  const [short, long] = [60, 240].map((restS) => lost([{ ...bench, restS }], bench.id)[2]!);
  expect(long).toBeLessThan(short!);
});

test('what is done before counts by what it works: triceps cost the bench, a rear raise next to nothing', () => {
  const after = (before: Line): number => lost([before, bench], bench.id)[0]!;
  const hard = { reserve: { first: 0, last: 0 } };
  const [triceps, rear] = [line('pushdown', hard), line('incline-rear-raise', hard)].map(after);
  expect(triceps).toBeGreaterThan(0.01);
  expect(rear).toBeLessThan(triceps! / 3);
});

test('a hold of thirty seconds tires like ten repetitions', () => {
  const scheme = (kind: 'hold' | 'straight') =>
    kind === 'hold' ? { kind, sets: 2, seconds: 30 } : { kind, sets: 2, reps: { lo: 10, hi: 10 } };
  const [held, lifted] = (['hold', 'straight'] as const).map(
    (kind) =>
      lost(
        [
          line('cable-fly-high-to-low', {
            scheme: scheme(kind),
            reserve: { first: 1, last: 1 },
            tempo: { lower: 1, stretched: 0, lift: 2, shortened: 0 },
          }),
        ],
        'cable-fly-high-to-low',
      )[1]!,
  );
  expect(held! / lifted!).toBeCloseTo(1, 1);
});

test('each stage of a mechanical drop is credited at its own setting', () => {
  const ladder = line(
    'push-up',
    {
      scheme: {
        kind: 'mechanical drop',
        sets: 1,
        reps: { lo: 8, hi: 10 },
        knob: 'gripBiacromial',
        easier: [2],
      },
    },
    { gripBiacromial: 0.8 },
  );
  const [m] = layOut(session([ladder]), sampleContext).lines;
  const [narrow, wide] = m!.sets.map((set) => boutCredits(m!, set.target));
  expect(narrow).toBe(m!.credits);
  expect(wide!.triLateral).toBeLessThan(narrow!.triLateral!);
  expect(wide!.pecMiddle).toBeGreaterThanOrEqual(narrow!.pecMiddle!);
});

test('freshness begins whole, stays between nothing and whole, and falls most where the work is', () => {
  const { timeline, byId } = layOut(session([bench, line('pushdown')]), sampleContext);
  const curve = freshnessIn(timeline, byId);
  expect(curve[0]!.fresh).toMatchObject({ chest: 1, triceps: 1, shoulders: 1 });
  for (const { fresh } of curve)
    for (const value of Object.values(fresh)) {
      expect(value).toBeGreaterThan(0);
      expect(value).toBeLessThanOrEqual(1);
    }
  const lowest = (voice: 'chest' | 'helpers'): number => Math.min(...curve.map((p) => p.fresh[voice]));
  expect(lowest('chest')).toBeLessThan(lowest('helpers'));
});
