import fc from 'fast-check';
import { pressingRegions, segmentsOf } from '../anatomy';
import { entries, findEntry } from '../movements';
import { seenBy } from './body-figure';
import { figureOf } from './figure';
import { armFrame } from './muscles/arm-frame';
import { armsOf } from './muscles/arms';
import { courseOf } from './muscles/courses';
import { girdleAt } from './muscles/girdle';
import { muscles } from './muscles/muscles';
import { pullsOf } from './pulls';
import { length, minus, unit, type Vec } from './vector';

const body = { statureM: 1.75, massKg: 80 };
const direction = fc
  .tuple(...Array.from({ length: 3 }, () => fc.double({ min: -1, max: 1, noNaN: true })))
  .filter((v) => Math.hypot(...v) > 0.2)
  .map((v) => unit(v as unknown as Vec));

test('a drawn line is as long as the one the arms are computed from', () => {
  fc.assert(
    fc.property(direction, direction, fc.double({ min: 0, max: 1, noNaN: true }), (upper, fore, pin) => {
      const frame = armFrame(upper, fore, [0, 0, 1]);
      const girdle = girdleAt(upper, pin);
      const { lengthM } = armsOf(upper, frame, 0, pin);
      let worst = 0;
      muscles.forEach((m, i) => {
        if (!m.line) return;
        const [from, over, to] = courseOf(m.line, frame, girdle);
        const drawn = length(minus(from, over)) + length(minus(over, to));
        worst = Math.max(worst, Math.abs(drawn - lengthM[i]!));
      });
      expect(worst).toBeLessThan(1e-9);
    }),
    { numRuns: 150 },
  );
});

test('every movement with an arm path has strands of all nine regions at every moment it is drawn at', () => {
  for (const { movement, rig, name } of entries) {
    const figure = figureOf(movement, rig, body, 5);
    const pulls = pullsOf(movement, rig, body, 20, 5);
    expect([name, pulls.length]).toEqual([name, figure.moments.length]);
    for (const at of pulls) {
      expect(new Set(at.map((p) => p.region))).toEqual(new Set(pressingRegions));
      const odd = at.filter(
        (p) => !p.course.flat().every(Number.isFinite) || p.level < 0 || p.level > 1 + 1e-9 || p.length < 0.2,
      );
      expect([name, odd]).toEqual([name, []]);
    }
  }
});

const levelOf = (id: string, region: string, rig = {}): number => {
  const { movement, rig: own } = findEntry(id)!;
  const at = pullsOf(movement, { ...own, ...rig }, body, 20, 9)
    .flat()
    .filter((p) => p.region === region);
  return at.reduce((t, p) => t + p.level, 0) / at.length;
};

test('turning a notch moves the work from fan to fan', () => {
  expect(levelOf('dumbbell-bench-press', 'pecLower', { benchDeg: 45 })).toBeLessThan(
    levelOf('dumbbell-bench-press', 'pecLower', { benchDeg: 0 }),
  );
  expect(levelOf('dumbbell-bench-press', 'deltFront', { benchDeg: 75 })).toBeGreaterThan(
    levelOf('dumbbell-bench-press', 'pecMiddle', { benchDeg: 75 }),
  );
});

test('the chest is drawn longer at the bottom of a fly than at its top', () => {
  const { movement, rig } = findEntry('dumbbell-fly')!;
  const pulls = pullsOf(movement, rig, body, 12, 9);
  const mean = (at: (typeof pulls)[number]): number => {
    const chest = at.filter((p) => p.region === 'pecMiddle');
    return chest.reduce((t, p) => t + p.length, 0) / chest.length;
  };
  expect(mean(pulls[0]!)).toBeGreaterThan(mean(pulls[8]!) + 0.2);
});

test('a strand ends on the arm that is drawn, in a side view and from the front', () => {
  for (const id of ['incline-dumbbell-press', 'dumbbell-lateral-raise', 'push-up']) {
    const { movement, rig } = findEntry(id)!;
    const figure = figureOf(movement, rig, body, 5);
    pullsOf(movement, rig, body, 20, 5).forEach((at, n) => {
      const { arm, eye } = figure.moments[n]!;
      for (const p of at.filter((q) => q.region.startsWith('tri'))) {
        const end = seenBy(eye, p.course[2]);
        expect(Math.hypot(end.x - arm.elbow.x, end.y - arm.elbow.y)).toBeLessThan(
          0.08 * segmentsOf(body).upperArmM + 0.02,
        );
      }
    });
  }
});

test('in a push press the knees are bent where it begins and straight where the bar has left', () => {
  const { movement, rig } = findEntry('push-press')!;
  const { moments, handsStay } = figureOf(movement, rig, body);
  const strict = figureOf(findEntry('standing-barbell-press')!.movement, rig, body);
  expect(handsStay).toBe(false);
  expect(moments[0]!.body!.hip.y).toBeLessThan(strict.body!.hip.y - 0.05);
  expect(moments.at(-1)!.body).toBeNull();
  expect(moments[0]!.arm.grip.y).toBeLessThan(strict.moments[0]!.arm.grip.y);
});
