import fc from 'fast-check';
import { segmentsOf } from '../../anatomy';
import { landmineBar } from '../loads/changing-loads';
import { add, dot, length, minus, radians, scale, squareTo, turn, unit, type Vec } from '../vector';
import { landminePath } from './landmine';
import { elbowAtFlare, elbowToward, poleOf, poseAt, withinReach } from './two-links';

const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyBody = fc.record({ statureM: within(1.45, 2.05), massKg: within(45, 140) });
const shares = Array.from({ length: 21 }, (_, i) => i / 20);

/** A hand within the arm's reach, not at the shoulder itself. */
const anyHand = fc.tuple(within(0.25, 0.95), within(0, Math.PI), within(-Math.PI, Math.PI));
const handAt = ([share, polar, round]: readonly [number, number, number], reach: number): Vec =>
  scale(
    [Math.sin(polar) * Math.cos(round), Math.cos(polar), Math.sin(polar) * Math.sin(round)],
    share * reach,
  );

test('two links end at the hand, whatever it is and wherever the elbow points', () => {
  fc.assert(
    fc.property(anyBody, anyHand, within(0, 2 * Math.PI), (body, drawn, round) => {
      const links = segmentsOf(body);
      const hand = handAt(drawn, links.upperArmM + links.elbowToGripM);
      const level: Vec = Math.abs(unit(hand)[1]) > 0.9 ? [1, 0, 0] : [0, 1, 0];
      const pole = turn(squareTo(level, unit(hand)), unit(hand), round);
      const elbow = elbowToward(hand, pole, links);
      expect(length(elbow)).toBeCloseTo(links.upperArmM, 3);
      expect(length(minus(hand, elbow))).toBeCloseTo(links.elbowToGripM, 3);
      const { upper, fore } = poseAt(elbow, hand, links);
      const there = add(scale(upper, links.upperArmM), scale(fore, links.elbowToGripM));
      expect(length(minus(there, hand))).toBeLessThan(1e-9);
      // The elbow lies on the side it was sent to.
      expect(dot(poleOf(elbow, hand), unit(squareTo(pole, unit(hand))))).toBeGreaterThan(0.99);
    }),
  );
});

test('a flare that can be reached is: the upper arm stands so many degrees off the trunk’s footward axis', () => {
  const links = segmentsOf({ statureM: 1.75, massKg: 80 });
  const hand: Vec = [0.25, -0.05, 0.2];
  for (const flare of [50, 60, 70, 80]) {
    const upper = unit(elbowAtFlare(hand, radians(flare), links));
    // Rounded off toward what cannot be reached: half a degree is the most of it here.
    const stands = (Math.acos(dot(upper, [0, -1, 0])) * 180) / Math.PI;
    expect(Math.abs(stands - flare)).toBeLessThan(0.5);
    expect(upper[2]).toBeGreaterThan(0);
  }
});

test('a flare that cannot be reached bends off without a jump', () => {
  const links = segmentsOf({ statureM: 1.75, massKg: 80 });
  const hand: Vec = [0.35, 0, 0.35];
  const elbows = Array.from({ length: 96 }, (_, deg) => elbowAtFlare(hand, radians(deg), links));
  elbows.slice(1).forEach((elbow, i) => expect(length(minus(elbow, elbows[i]!))).toBeLessThan(0.02));
});

test('a hand beyond the reach is brought back along its way, one within is left', () => {
  expect(withinReach([0.3, 0.4, 0], 1)).toEqual([0.3, 0.4, 0]);
  expect(withinReach([3, 4, 0], 1)).toEqual([0.6000000000000001, 0.8, 0]);
});

test('the hand on a landmine stays on the circle about its pivot and only rises', () => {
  fc.assert(
    fc.property(anyBody, within(20, 80), within(0.6, 1.6), (body, flareDeg, jointHeightM) => {
      const up: Vec = [0, 1, 0];
      const ahead: Vec = [1, 0, 0];
      const { poses } = landminePath({ flareDeg, up, ahead, jointHeightM }, body, shares);
      const r = landmineBar.handM;
      const pivots = poses.map(({ hand, leverRad: a }) =>
        minus(hand, add(scale(up, r * Math.sin(a!)), scale(ahead, -r * Math.cos(a!)))),
      );
      for (const pivot of pivots) expect(length(minus(pivot, pivots[0]!))).toBeLessThan(1e-9);
      const heights = poses.map(({ hand }) => dot(hand, up));
      expect(heights).toEqual([...heights].sort((a, b) => a - b));
      const { upperArmM, elbowToGripM } = segmentsOf(body);
      for (const { hand } of poses) expect(length(hand)).toBeLessThan(upperArmM + elbowToGripM);
    }),
  );
});
