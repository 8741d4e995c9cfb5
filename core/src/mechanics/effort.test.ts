import { pressingRegions } from '../anatomy';
import { entries, findEntry } from '../movements';
import { body } from '../testing/working';
import { effortsOf, effortValues, levelOf, type Efforts } from './effort';

const effort = (id: string, rig = {}): Efforts => {
  const e = findEntry(id)!;
  return effortsOf(e.movement, { ...e.rig, ...rig }, body, 30)!;
};

test('the hardest-working region that is told stands at one, every other below, each inside its range', () => {
  for (const e of entries) {
    const found = effortsOf(e.movement, e.rig, body, 30)!;
    const told = pressingRegions.filter((id) => found[id].value !== null);
    if (told.length === 0) continue;
    expect(Math.max(...told.map((id) => found[id].value!))).toBeCloseTo(1, 9);
    for (const id of told) {
      const { value, range, level } = found[id];
      expect(range![0]).toBeLessThanOrEqual(value! + 1e-9);
      expect(range![1]).toBeGreaterThanOrEqual(value! - 1e-9);
      expect(level).toBe(levelOf(value!));
    }
  }
});

test('levels begin at three quarters, two fifths and three twentieths', () => {
  expect([1, 0.75, 0.74, 0.4, 0.39, 0.15, 0.14, 0].map(levelOf)).toEqual([
    'high',
    'high',
    'medium',
    'medium',
    'low',
    'low',
    'none',
    'none',
  ]);
});

test('what the model cannot tell is not told, and why stands beside it', () => {
  const pushdown = effort('pushdown');
  expect(pushdown.deltRear).toMatchObject({ value: null, level: null, range: null });
  expect(pushdown.deltRear.why).toMatch(/elbow work/);
  expect(pushdown.triLateral.value).toBeCloseTo(1, 9);
  expect(pushdown.triLong.with).toEqual(['triLateral', 'triMedial']);
  expect(effort('kickback').triLateral.level).toBe('high');
  expect(effort('decline-barbell-press').pecUpper.value).toBeNull();
  expect(effort('face-pull').deltRear.value).toBeNull();
});

test('regions told as one have one figure', () => {
  const push = effort('push-up');
  expect(push.pecUpper.value).toBe(push.pecMiddle.value);
  expect(push.pecUpper.with).toContain('pecLower');
  const press = effort('standing-barbell-press');
  expect(press.deltFront.value).toBe(press.deltSide.value);
});

/** Common practice. */
test('presses and raises are told as a coach would tell them', () => {
  const bench = effort('barbell-bench-press');
  expect([bench.pecMiddle.level, bench.triLateral.level, bench.deltSide.level]).toEqual([
    'high',
    'high',
    'none',
  ]);
  const incline = effort('incline-barbell-press');
  expect(incline.pecUpper.level).toBe('high');
  expect(incline.pecLower.level).toBe('none');
  expect(effort('dumbbell-bench-press').triLateral.value!).toBeLessThan(bench.triLateral.value!);
  const raise = effort('dumbbell-lateral-raise');
  expect(raise.deltSide.value).toBeCloseTo(1, 9);
  expect(raise.pecMiddle.level).toBe('none');
});

test('the figures for comparing many are those told one by one', () => {
  for (const id of ['barbell-bench-press', 'pushdown', 'push-up']) {
    const e = findEntry(id)!;
    const values = effortValues(e.movement, e.rig, body, 30);
    for (const region of pressingRegions) expect(values.get(region) ?? null).toBe(effort(id)[region].value);
  }
});

test('the range says how much hangs on the lines: wider where they matter, kept from load to load', () => {
  const e = findEntry('incline-barbell-press')!;
  const [a, b] = [30, 90].map((kg) => effortsOf(e.movement, e.rig, body, kg)!);
  const width = (of: Efforts) => of.pecMiddle.range![1] - of.pecMiddle.range![0];
  expect(width(a!)).toBeGreaterThan(0.01);
  expect(Math.abs(width(a!) - width(b!))).toBeLessThan(0.02);
});
