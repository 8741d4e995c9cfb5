import fc from 'fast-check';
import { add, cross, dot, length, minus, scale, squareTo, turn, unit, type Vec } from '../vector';
import { armFrame } from './arm-frame';
import { armsOf, restingLengths } from './arms';
import { disturbedLines } from './disturbed';
import { muscles } from './muscles';

const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const degrees = (deg: number): number => (deg * Math.PI) / 180;

/** An arm between the trunk's side and overhead, before or beside the body, with its elbow bent some way. */
const anyArm = fc
  .record({ up: within(10, 150), ahead: within(-20, 90), hinge: within(0, 360), bend: within(25, 120) })
  .map(({ up, ahead, hinge, bend }) => {
    const [u, a] = [degrees(up), degrees(ahead)];
    const upper: Vec = [Math.sin(u) * Math.sin(a), -Math.cos(u), Math.sin(u) * Math.cos(a)];
    const aside = unit(squareTo(Math.abs(upper[1]) > 0.9 ? [1, 0, 0] : [0, 1, 0], upper));
    return { upper, axis: turn(aside, upper, degrees(hinge)), bend: degrees(bend) };
  });

const posed = (upper: Vec, hinge: Vec, bend: number) => {
  const frame = armFrame(upper, turn(upper, hinge, bend), hinge);
  return { frame, arms: armsOf(upper, frame, bend, 0) };
};

/** Virtual work: what a muscle gives a turn is how much it shortens by it (An et al. 1984, tendon excursion). */
test('about the arm’s own axis a straight line turns by what it shortens', () => {
  let seen = 0;
  fc.assert(
    fc.property(anyArm, ({ upper, axis, bend }) => {
      const small = 1e-5;
      const here = posed(upper, axis, bend);
      const [less, more] = [-small, small].map((by) => posed(upper, turn(axis, upper, by), bend).arms);
      muscles.forEach((muscle, i) => {
        if (!muscle.line || muscle.line.bone !== 'trunk') return;
        const three = (of: Float64Array): Vec => [of[3 * i]!, of[3 * i + 1]!, of[3 * i + 2]!];
        const [a, b, c] = muscle.line.insertion;
        const { x, y, z } = here.frame;
        const insertion = add(add(scale(x, a), scale(y, b)), scale(z, c));
        const moment = three(here.arms.moment);
        // Lines pushed out round the joint follow a rounded way; the law is exact for straight ones.
        const straight = length(minus(cross(insertion, three(here.arms.along)), moment)) < 1e-9;
        if (!straight) return;
        seen += 1;
        const shortening = -(more!.lengthM[i]! - less!.lengthM[i]!) / (2 * small);
        expect(dot(moment, upper)).toBeCloseTo(shortening, 5);
      });
    }),
    { numRuns: 540 },
  );
  expect(seen).toBeGreaterThan(80);
});

test('no line has a longer arm about the shoulder than the upper arm’s head and its muscles are broad', () => {
  fc.assert(
    fc.property(anyArm, ({ upper, axis, bend }) => {
      const { arms } = posed(upper, axis, bend);
      muscles.forEach((muscle, i) => {
        const arm = Math.hypot(arms.moment[3 * i]!, arms.moment[3 * i + 1]!, arms.moment[3 * i + 2]!);
        // Published arms of the shoulder's muscles stay below about nine centimetres (Ackland et al. 2008, from memory).
        expect([muscle.id, arm < 0.1]).toEqual([muscle.id, true]);
      });
    }),
  );
});

test('triceps straighten and the rest bend; what they lengthen by a bend is what they pull with', () => {
  const { arms } = posed([0, -1, 0], [0, 0, 1], degrees(90));
  muscles.forEach((muscle, i) => {
    if (!muscle.elbow) expect(arms.elbow[i]).toBe(0);
    else if (muscle.elbow === 'triceps') expect(arms.elbow[i]).toBeLessThan(-0.015);
    else expect(arms.elbow[i]).toBeGreaterThan(0.01);
  });
  const long = muscles.findIndex((m) => m.elbow === 'triceps');
  const at = (deg: number) => posed([0, -1, 0], [0, 0, 1], degrees(deg)).arms;
  let excursion = 0;
  for (let deg = 5; deg < 115; deg += 10) excursion += -at(deg + 5).elbow[long]! * degrees(10);
  const grown = at(115).lengthM[long]! - at(5).lengthM[long]!;
  expect(grown / excursion).toBeGreaterThan(0.9);
  expect(grown / excursion).toBeLessThan(1.1);
});

test('the long head is the only one of the triceps that the raised arm lengthens', () => {
  const rest = restingLengths();
  const raised = posed(unit([0.3, 0.95, 0.1]), [0, 0, 1], degrees(90)).arms;
  muscles.forEach((muscle, i) => {
    if (muscle.elbow !== 'triceps') return;
    const grows = raised.lengthM[i]! - rest[i]! > 0.01;
    expect([muscle.region, grows]).toEqual([muscle.region, muscle.region === 'triLong']);
  });
});

test('disturbed lines are moved by millimetres, the same each time, and nothing else about the muscles is', () => {
  const sets = disturbedLines();
  expect(disturbedLines()).toEqual(sets);
  for (const set of sets)
    set.forEach((moved, i) => {
      const { line, ...rest } = muscles[i]!;
      const { line: there, ...same } = moved;
      expect(same).toEqual(rest);
      if (!line) return;
      const by = length(minus(there!.origin, line.origin));
      expect(by).toBeGreaterThan(0);
      expect(by).toBeLessThan(0.02);
    });
});
