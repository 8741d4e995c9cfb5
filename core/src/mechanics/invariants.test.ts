import { pressingRegions } from '../anatomy';
import { entries, fullRig, movements, type NumericKnob, numericKnobs, type Rig } from '../movements';
import { people } from '../testing/truths/people';
import { at, body, weightless, work } from '../testing/working';
import { workOf, type Work } from './work';

type Shares = Work['shares'];

/** The most a share may move for a degree, or for a fiftieth of the other knobs. */
const A_STEP = 0.015;
/** A face pull passes a posture in which the arm hangs in line with the cable; nothing is told of it. */
const steeper: Record<string, number> = { 'face-pull': 0.03 };
const steps: Record<NumericKnob, number> = {
  benchDeg: 1,
  tuckDeg: 1,
  leanDeg: 1,
  gripBiacromial: 0.02,
  pulleyStature: 0.01,
  elevationM: 0.02,
};

describe('what must hold for every movement', () => {
  test.each(entries.map((e) => [e.id, e] as const))('%s: shares sum to one, figures are finite', (_, e) => {
    const w = workOf(e.movement, e.rig, body, 20)!;
    expect(pressingRegions.reduce((t, id) => t + w.shares[id], 0)).toBeCloseTo(1, 6);
    expect(Math.max(...pressingRegions.map((id) => w.effort[id]))).toBe(1);
    for (const p of w.points) for (const v of Object.values(p)) expect(Number.isFinite(v)).toBe(true);
    expect(
      w.points[w.points.length - 1]!.at === 0 || Math.abs(w.points[w.points.length - 1]!.at - 1) < 1e-9,
    ).toBe(true);
  });

  test('twice the load asks twice the torque of weightless arms', () => {
    for (const id of [
      'dumbbell-bench-press',
      'barbell-bench-press',
      'cable-fly-shoulder-height',
      'pushdown',
    ]) {
      const one = work(id, {}, 20, weightless);
      const two = work(id, {}, 40, weightless);
      expect(at(two, 0.3).shoulderNm).toBeCloseTo(2 * at(one, 0.3).shoulderNm, 4);
      for (const region of pressingRegions) expect(two.shares[region]).toBeCloseTo(one.shares[region], 6);
    }
  });

  /** Each movement on a body and at other settings of its own: a hundred bodies, a fixed seed. */
  const everybody = people(100);
  test.each(
    movements.filter((m) => numericKnobs.some((k) => m.knobs[k])).map((m, i) => [m.id, m, i] as const),
  )('%s: no share jumps as a knob moves', (_, m, i) => {
    numericKnobs.forEach((knob, k) => {
      const spec = m.knobs[knob];
      if (!spec) return;
      const { body: who, grip, tuck } = everybody[(7 * i + k) % everybody.length]!;
      const others: Rig = { gripBiacromial: grip, tuckDeg: tuck };
      let before: Shares | null = null;
      for (let v = spec.min; v <= spec.max + 1e-9; v += steps[knob]) {
        const { shares } = workOf(m, fullRig(m, { ...others, [knob]: v }), who, 20)!;
        for (const id of before ? pressingRegions : [])
          expect(Math.abs(before![id] - shares[id])).toBeLessThan(steeper[m.id] ?? A_STEP);
        before = shares;
      }
    });
  });

  test('twenty postures say what sixty say', () => {
    for (const e of entries) {
      const [few, many] = [20, 60].map((n) => workOf(e.movement, e.rig, body, 30, n)!.shares);
      for (const id of pressingRegions) expect(Math.abs(few![id] - many![id])).toBeLessThan(0.015);
    }
  });

  test('stature and weight of the client change torques, hardly the shares', () => {
    const small = { statureM: 1.6, massKg: 55 };
    const tall = { statureM: 1.95, massKg: 105 };
    for (const id of ['barbell-bench-press', 'incline-dumbbell-press', 'standing-barbell-press']) {
      const [a, b] = [small, tall].map((who) => work(id, {}, 30, who));
      expect(at(b!, 0).shoulderNm).toBeGreaterThan(1.1 * at(a!, 0).shoulderNm);
      for (const region of pressingRegions)
        expect(Math.abs(a!.shares[region] - b!.shares[region])).toBeLessThan(0.08);
    }
  });
});
