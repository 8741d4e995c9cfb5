import fc from 'fast-check';
import { segmentsOf } from '../anatomy/body';
import { pressingRegions } from '../anatomy/regions';
import { compareSplits, summary } from '../testing/agreement';
import { quadraticSplit } from '../testing/quadratic-split';
import { body } from '../testing/working';
import { agreement, unsureAbout } from './agreement';
import { armFrame, pulls } from './muscle-lines';
import { pullFit } from './split';
import { torques } from './statics';
import { dot, scale, unit, type Vec } from './vector';
import { sharesBy, type Posture } from './work';

/** The independent solver is the registry package quadprog (Goldfarb & Idnani 1983, from memory). */
test('what is said about the agreement of the two splits is what they give', () => {
  expect(compareSplits()).toEqual(agreement);
  expect(agreement.correlation).toBeGreaterThan(0.9);
  expect(agreement.meanDifference).toBeLessThan(0.04);
  expect(agreement.entries).toBeGreaterThan(85);
});

test('a bench press is sure, a front raise is not', () => {
  expect(unsureAbout('barbell-bench-press')).toEqual([]);
  expect(unsureAbout('front-raise')).toContain('deltSide');
});

/** A posture of somebody pressing or holding something, from three directions and a force. */
function postureOf(upper: Vec, fore: Vec, force: Vec): Posture {
  const frame = armFrame(upper, fore, [0, 0, 1]);
  const elbow = scale(upper, segmentsOf(body).upperArmM);
  return {
    asked: torques({ upper, fore }, frame, force, [1, 0, 0], body),
    frame,
    pulls: pulls(upper, frame, Math.acos(Math.max(-1, Math.min(1, dot(upper, fore)))), true),
    force,
    hand: elbow,
    elbow,
    weight: 1,
  };
}

test('on random postures of pressing the two splits go together', () => {
  const share = (lo: number, hi: number) => fc.double({ min: lo, max: hi, noNaN: true });
  const pairs: [number, number][] = [];
  fc.assert(
    fc.property(
      fc.tuple(share(-0.3, 0.9), share(-0.7, 0.5), share(0.1, 1)),
      fc.tuple(share(0.6, 1), share(-0.3, 0.3), share(-0.4, 0.2)),
      share(60, 400),
      (u, f, newtons) => {
        const upper = unit(u);
        const fore = unit(f);
        fc.pre(Math.abs(dot(upper, fore)) < 0.9);
        const posture = postureOf(upper, fore, [-newtons, 0, -0.1 * newtons]);
        const fit = sharesBy([posture], (p) => pullFit(p.pulls, p.frame, p.asked));
        const programme = sharesBy([posture], quadraticSplit);
        for (const id of pressingRegions) {
          expect(Number.isFinite(programme[id])).toBe(true);
          pairs.push([fit[id], programme[id]]);
        }
      },
    ),
    { seed: 20261124, numRuns: 300 },
  );
  const found = summary(pairs);
  expect(found.correlation).toBeGreaterThan(0.8);
  expect(found.meanDifference).toBeLessThan(0.06);
});

/** The programme's own promise: the torques that muscles can answer are answered. */
test('the quadratic programme meets the swing it was asked to meet', () => {
  const posture = postureOf(unit([0, -0.6, 0.8]), [1, 0, 0], [-250, 0, 0]);
  const a = quadraticSplit(posture);
  const met = (axis: Vec): number =>
    posture.pulls.reduce((t, p, i) => t + a[i]! * p.muscle.force * dot(p.shoulder, axis), 0);
  const { x, z } = posture.frame;
  expect(met(x)).toBeCloseTo(dot(posture.asked.shoulder, x), 0);
  expect(met(z)).toBeCloseTo(dot(posture.asked.shoulder, z), 0);
  for (const v of a) expect(v).toBeGreaterThanOrEqual(0);
});
