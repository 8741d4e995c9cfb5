import { segmentsOf } from '../anatomy';
import { entries, findEntry } from '../movements';
import { armPath } from './paths/arm-path';
import { figureOf, type Figure } from './figure';
import { dot, length, turn, unit, type Vec } from './vector';

const body = { statureM: 1.78, massKg: 80 };
const seg = segmentsOf(body);

/** Segment lengths: Drillis & Contini 1966, in Winter (from memory). */
test('segments are the published shares of stature', () => {
  expect(seg.upperArmM).toBeCloseTo(0.186 * 1.78, 9);
  expect(seg.forearmM).toBeCloseTo(0.146 * 1.78, 9);
});

test('turning a vector keeps its length and comes back', () => {
  const v: Vec = [1, 2, 3];
  const axis = unit([0.2, -1, 0.4]);
  expect(length(turn(v, axis, 1.1))).toBeCloseTo(length(v), 9);
  expect(dot(turn(turn(v, axis, 1.1), axis, -1.1), [1, 0, 0])).toBeCloseTo(1, 9);
});

test.each(entries.map((e) => [e.id, e] as const))('%s is drawn with limbs of the right length', (_, e) => {
  for (const pose of armPath(e.movement, e.rig, body).poses) {
    expect(length(pose.upper)).toBeCloseTo(1, 6);
    expect(length(pose.fore)).toBeCloseTo(1, 4);
  }
  const figure = figureOf(e.movement, e.rig, body);
  for (const p of everyPoint(figure)) {
    expect(Number.isFinite(p.x) && Number.isFinite(p.y)).toBe(true);
    expect(p.y).toBeGreaterThan(-0.16);
    expect(p.y).toBeLessThan(2.6);
  }
});

function everyPoint(f: Figure) {
  return [
    ...f.moments.flatMap((m) => [...Object.values(m.arm), ...Object.values(m.body ?? {})]),
    ...Object.values(f.body ?? {}),
    ...Object.values(f.front ?? {}),
    ...f.path,
  ];
}

const bench = findEntry('barbell-bench-press')!;
const travel = (rig: object): number => figureOf(bench.movement, { ...bench.rig, ...rig }, body).travelM;

test('a wider grip shortens the way of the bar, the floor shortens it more', () => {
  expect(travel({ gripBiacromial: 2 })).toBeLessThan(travel({ gripBiacromial: 1.5 }));
  expect(travel({ gripBiacromial: 1.5 })).toBeLessThan(travel({ gripBiacromial: 1 }));
  expect(travel({ stance: 'floor' })).toBeLessThan(travel({}));
});

test('the drawing moves smoothly as the bench turns', () => {
  const grip = (deg: number) => figureOf(bench.movement, { benchDeg: deg }, body).moments[0]!.arm.grip;
  for (let deg = -15; deg < 85; deg++) {
    const a = grip(deg);
    const b = grip(deg + 1);
    expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeLessThan(0.04);
  }
});

test('a bar stays over the grip it was given: index fingers apart, the middle of the hand half a hand further out', () => {
  const { above } = figureOf(bench.movement, { gripBiacromial: 1.5 }, body);
  const hands = 1.5 * seg.biacromialM + 2 * 0.025 * body.statureM;
  expect(Math.abs(2 * (above!.arms.at(-1)!.grip.x + above!.jointX) - hands)).toBeLessThan(0.04);
});
