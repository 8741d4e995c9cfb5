import fc from 'fast-check';
import { body, weightless } from '../testing/working';
import { bandPull, chainKg, landmineLever, leverForce } from './loads/changing-loads';
import { GRAVITY } from './gravity';
import { armFrame } from './muscles/arm-frame';
import { torques } from './statics';
import { dot, unit, type Vec } from './vector';

describe('statics, against closed forms', () => {
  const frameOf = (upper: Vec, fore: Vec) => armFrame(upper, fore, [0, 0, 1]);
  const arm = 1.75 * (0.186 + 0.176);

  test('a weight held out on a straight arm: m·g·d·sin of the angle from the vertical', () => {
    for (const deg of [0, 20, 45, 70, 90]) {
      const t = (deg * Math.PI) / 180;
      const u: Vec = [Math.sin(t), -Math.cos(t), 0];
      const { swing } = torques(
        { upper: u, fore: u },
        frameOf(u, u),
        [0, -10 * GRAVITY, 0],
        [0, 1, 0],
        weightless,
      );
      expect(swing).toBeCloseTo(10 * GRAVITY * arm * Math.sin(t), 6);
    }
  });

  test('a weight straight above the joint asks nothing of the shoulder', () => {
    const up: Vec = [1, 0, 0];
    expect(torques({ upper: up, fore: up }, frameOf(up, up), [-300, 0, 0], up, weightless).swing).toBeCloseTo(
      0,
      9,
    );
  });

  test('an upright forearm under a weight asks nothing of the elbow, the upper arm its level length', () => {
    const u: Vec = unit([0, -0.6, 0.8]);
    const f: Vec = [1, 0, 0];
    const { elbow, swing } = torques(
      { upper: u, fore: f },
      frameOf(u, f),
      [-200, 0, 0],
      [1, 0, 0],
      weightless,
    );
    expect(elbow).toBeCloseTo(0, 6);
    expect(swing).toBeCloseTo(200 * 0.186 * 1.75, 6);
  });

  test('gravity along the upper arm cannot turn it', () => {
    const { axial } = torques(
      { upper: [0, -1, 0], fore: unit([0.4, 0, 0.9]) },
      frameOf([0, -1, 0], unit([0.4, 0, 0.9])),
      [0, -50, 0],
      [0, 1, 0],
      body,
    );
    expect(axial).toBeCloseTo(0, 9);
  });

  const coordinate = fc.double({ min: -1, max: 1, noNaN: true });
  const direction = fc
    .tuple(coordinate, coordinate, coordinate)
    .filter((v) => Math.hypot(...v) > 0.2)
    .map((v): Vec => unit(v));
  const newtons = fc
    .tuple(coordinate, coordinate, coordinate)
    .map((v): Vec => [v[0] * 300, v[1] * 300, v[2] * 300]);

  test('the left arm in the mirror is asked what the right arm is', () => {
    const mirror = (v: Vec): Vec => [v[0], v[1], -v[2]];
    fc.assert(
      fc.property(direction, direction, direction, newtons, (u, f, up, force) => {
        fc.pre(Math.abs(dot(u, f)) < 0.8);
        const right = torques({ upper: u, fore: f }, frameOf(u, f), force, up, body);
        const [mu, mf] = [mirror(u), mirror(f)];
        const left = torques({ upper: mu, fore: mf }, frameOf(mu, mf), mirror(force), mirror(up), body);
        expect(left.swing).toBeCloseTo(right.swing, 6);
        expect(left.elbow).toBeCloseTo(right.elbow, 6);
        expect(Math.abs(left.axial)).toBeCloseTo(Math.abs(right.axial), 6);
        expect(left.shoulder[2]).toBeCloseTo(right.shoulder[2], 6);
        expect(left.shoulder[0]).toBeCloseTo(-right.shoulder[0], 6);
      }),
    );
  });

  test('torques add up: two loads together ask what they ask apart', () => {
    fc.assert(
      fc.property(direction, direction, newtons, newtons, (u, f, a, b) => {
        fc.pre(Math.abs(dot(u, f)) < 0.8);
        const ask = (force: Vec) =>
          torques({ upper: u, fore: f }, frameOf(u, f), force, [1, 0, 0], weightless).shoulder;
        const together = ask([a[0] + b[0], a[1] + b[1], a[2] + b[2]]);
        for (const i of [0, 1, 2] as const) expect(together[i]).toBeCloseTo(ask(a)[i] + ask(b)[i], 4);
      }),
    );
  });
});

describe('loads that change over the range, against closed forms', () => {
  /** Hanging length × mass per metre × 2 sides. */
  test('chains weigh what has left the floor', () => {
    const chains = { kgPerMetre: 9, metres: 1.6, aSide: 1 };
    expect(chainKg(chains, 0.6)).toBeCloseTo(10.8, 9);
    expect(chainKg(chains, 1.05)).toBeCloseTo(18.9, 9);
    expect(chainKg(chains, 2.4)).toBeCloseTo(2 * 9 * 1.6, 9);
    expect(chainKg(chains, -0.2)).toBe(0);
    expect(chainKg({ ...chains, aSide: 2 }, 0.6)).toBeCloseTo(21.6, 9);
  });

  test('a band pulls along its measured points, nothing when slack, and never jumps', () => {
    const band = [
      { lengthM: 0.5, newtons: 0 },
      { lengthM: 1, newtons: 100 },
      { lengthM: 1.5, newtons: 160 },
    ];
    expect(bandPull(band, 0.3)).toBe(0);
    expect(bandPull(band, 0.75)).toBeCloseTo(50, 9);
    expect(bandPull(band, 1.25)).toBeCloseTo(130, 9);
    for (let l = 0.3; l < 1.6; l += 0.01)
      expect(Math.abs(bandPull(band, l + 0.01) - bandPull(band, l))).toBeLessThan(2.1);
  });

  /** Moments about the pivot. */
  test('a landmine falls with the cosine as it rises, and a level bar alone weighs half at its end', () => {
    const lever = landmineLever(60);
    expect(leverForce(lever, 65) / leverForce(lever, 20)).toBeCloseTo(
      Math.cos((65 * Math.PI) / 180) / Math.cos((20 * Math.PI) / 180),
      9,
    );
    expect(leverForce({ barKg: 20, barM: 2, plateKg: 0, sleeveM: 2, handM: 2 }, 0)).toBeCloseTo(
      10 * GRAVITY,
      9,
    );
    expect(leverForce({ barKg: 20, barM: 2, plateKg: 10, sleeveM: 2, handM: 2 }, 0)).toBeCloseTo(
      20 * GRAVITY,
      9,
    );
  });
});
