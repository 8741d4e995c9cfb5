import { line, sampleContext, session } from '../examples';
import type { Line } from '../session';
import { layOut } from './lay-out';

const bench = line('barbell-bench-press', {
  scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } },
  reserve: { first: 2, last: 2 },
});
const rampsOf = (lines: Line[], patch: Parameters<typeof session>[1] = {}) =>
  layOut(session(lines, patch), sampleContext).lines.map((m) => m.ramps);
const counts = (lines: Line[]): number[] => rampsOf(lines).map((r) => r.length);

test('another angle of the same lift gets a step of its own, the same angle none', () => {
  const second = (rig: object) => line('barbell-bench-press', { id: 'second' }, rig);
  expect(counts([bench, second({})])[1]).toBe(0);
  expect(counts([bench, second({ benchDeg: 30 })])[1]).toBe(1);
  expect(counts([bench, second({})])[0]).toBeGreaterThan(2);
});

test('a later compound gets one step, isolation and bodyweight none', () => {
  const [first, overhead, fly, pushUp] = counts([
    bench,
    line('standing-barbell-press'),
    line('dumbbell-fly'),
    line('push-up'),
  ]);
  expect([first! > 1, overhead, fly, pushUp]).toEqual([true, 1, 0, 0]);
});

test('easy push-ups in the warm-up stand for the empty bar; pass-throughs do not', () => {
  const warm = (movement: string) => ({
    warmup: [{ id: 'w', movement, sets: 1, reps: 10, seconds: null, note: '' }],
  });
  const [plain] = rampsOf([bench]);
  const [easy] = rampsOf([bench], warm('easy-push-up'));
  const [mobile] = rampsOf([bench], warm('shoulder-pass-through'));
  expect(easy!.length).toBe(plain!.length - 1);
  expect(plain![0]!.kg).toBe(20);
  expect(easy![0]!.kg).toBeGreaterThan(20);
  expect(mobile).toEqual(plain);
});

test('ramp loads climb and stay below the first working load; two sets of many where the coach wants that', () => {
  for (const ramp of ['ladder', 'two sets'] as const) {
    const { lines } = layOut(session([bench], { ramp }), sampleContext);
    const kg = lines[0]!.ramps.map((r) => r.kg);
    expect(kg).toEqual([...kg].sort((a, b) => a - b));
    expect(Math.max(...kg)).toBeLessThan(lines[0]!.sets[0]!.kg!);
  }
  expect(rampsOf([bench], { ramp: 'two sets' })[0]!.map((r) => r.reps)).toEqual([15, 12]);
});
