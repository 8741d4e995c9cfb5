import { pressingRegions } from '../anatomy/regions';
import { entries, movements } from '../movements/catalogue';
import { numericKnobs, type Rig } from '../movements/rig';
import { fullRig } from '../movements/settings';
import { at, body, weightless, work } from '../testing/working';
import { workOf } from './work';

describe('what must hold for every movement', () => {
  test.each(entries.map((e) => [e.id, e] as const))('%s: shares sum to one, figures are finite', (_, e) => {
    const w = workOf(e.movement, e.rig, body, 20)!;
    expect(pressingRegions.reduce((t, id) => t + w.shares[id], 0)).toBeCloseTo(1, 6);
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

  /** A step of the bench is a degree; of the other knobs a fifth of what the coach can turn at once. */
  test.each(movements.filter((m) => numericKnobs.some((k) => m.knobs[k])).map((m) => [m.id, m] as const))(
    '%s: no share jumps as a knob moves',
    (_, m) => {
      for (const knob of numericKnobs) {
        const spec = m.knobs[knob];
        if (!spec) continue;
        const step = knob === 'benchDeg' ? 1 : spec.step / 5;
        let before: Rig | null = null;
        for (let v = spec.min; v <= spec.max + 1e-9; v += step) {
          const rig = fullRig(m, { [knob]: v });
          if (before) {
            const a = workOf(m, before, body, 20, 12)!.shares;
            const b = workOf(m, rig, body, 20, 12)!.shares;
            for (const id of pressingRegions) expect(Math.abs(a[id] - b[id])).toBeLessThan(0.04);
          }
          before = rig;
        }
      }
    },
  );

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
