import type { PressingRegion } from '../anatomy';
import { findEntry, type Rig } from '../movements';
import { at, body, chest, curve, falls, mean, rises, sum, triceps, work } from '../testing/working';
import { posturesOf } from './postures';
import { length } from './vector';
import { shoulderShares, type Work } from './work';

/**
 * The trends below are what coaches and published measurements agree on; where a source is named it is
 * from memory. Those without one are common practice or follow from the statics.
 */
describe('trends the model has to show', () => {
  const angles = [-15, 0, 15, 30, 45, 60];
  const bar = angles.map((benchDeg) =>
    shoulderShares(work('barbell-bench-press', { benchDeg, tuckDeg: 70, gripBiacromial: 1.8 })),
  );
  const overhead = shoulderShares(work('standing-barbell-press', { tuckDeg: 65, gripBiacromial: 1.5 }));
  const column = (id: PressingRegion): number[] => bar.map((s) => s[id]);

  /** Directions: Rodríguez-Ridao et al. 2020 (from memory). The chest's attachments were nudged to this: a fit, no validation. */
  test('bench angle: clavicular up to the incline and down overhead, sternal and costal down, front delt up', () => {
    const clavicular = column('pecUpper');
    expect(Math.max(...clavicular.slice(3))).toBeGreaterThan(1.05 * clavicular[1]!);
    expect(overhead.pecUpper).toBeLessThan(0.9 * Math.max(...clavicular));
    expect(falls(column('pecMiddle'))).toBe(true);
    expect(falls(column('pecLower'))).toBe(true);
    expect(rises(column('deltFront'))).toBe(true);
    expect(clavicular[0]).toBeLessThan(clavicular[1]!);
    expect(overhead.pecMiddle + overhead.pecLower).toBeLessThan(0.05);
  });

  test('triceps stay within a quarter of the flat press from 0 to 60°', () => {
    const tri = angles.slice(1).map((benchDeg) => sum(work('barbell-bench-press', { benchDeg }), triceps));
    for (const v of tri) expect(Math.abs(v / tri[0]! - 1)).toBeLessThan(0.25);
  });

  test('grip: narrower asks more of the elbow and travels further, wider asks more adduction', () => {
    const grips = [1, 1.5, 2].map((gripBiacromial) =>
      work('barbell-bench-press', { gripBiacromial, tuckDeg: 65 }),
    );
    expect(falls(grips.map((w) => mean(w, (p) => Math.max(0, p.elbowNm))))).toBe(true);
    expect(falls(grips.map((w) => w.travelM))).toBe(true);
    expect(rises(grips.map((w) => mean(w, (p) => p.adductionNm)))).toBe(true);
  });

  test('hands far in give the triceps more of the press than hands far out', () => {
    const tri = [
      { gripBiacromial: 1, tuckDeg: 50 },
      { gripBiacromial: 2, tuckDeg: 70 },
    ].map((rig) => sum(work('barbell-bench-press', rig), triceps));
    expect(tri[0]).toBeGreaterThan(tri[1]!);
  });

  test('flare on an incline takes from upper chest and front delt together', () => {
    const share = (tuckDeg: number): number => {
      const s = shoulderShares(work('incline-barbell-press', { tuckDeg, gripBiacromial: 1.8 }));
      return s.pecUpper + s.deltFront;
    };
    expect(share(45)).toBeGreaterThan(1.03 * share(90));
  });

  test('flare on an incline trades flexion for strain at the front of the shoulder', () => {
    const [flared, tucked] = [90, 45].map((tuckDeg) =>
      work('incline-barbell-press', { tuckDeg, gripBiacromial: 1.8 }),
    );
    expect(mean(tucked!, (p) => p.flexionNm)).toBeGreaterThan(mean(flared!, (p) => p.flexionNm) + 5);
    expect(at(flared!, 0).frontStrain).toBeGreaterThan(1.2 * at(tucked!, 0).frontStrain);
  });

  test('dumbbells ask nothing at the top; the bar gives the triceps more', () => {
    const bells = work('dumbbell-bench-press', { tuckDeg: 65 }, 25);
    const [low, middle, top] = curve(bells) as [number, number, number];
    expect(low).toBeGreaterThan(0.95);
    expect(middle).toBeGreaterThan(0.4);
    expect(middle).toBeLessThan(0.75);
    expect(top).toBeLessThan(0.1);
    expect(sum(work('barbell-bench-press', { tuckDeg: 65, gripBiacromial: 1.8 }), triceps)).toBeGreaterThan(
      1.1 * sum(bells, triceps),
    );
  });

  test('a dumbbell fly is hard open and easy closed, and the elbow flexors hold it; a cable stays on', () => {
    const fly = work('dumbbell-fly', {}, 10);
    expect(curve(fly)[0]).toBeGreaterThan(0.9);
    expect(curve(fly)[2]).toBeLessThan(0.15);
    expect(at(fly, 0).elbowNm).toBeLessThan(0);
    for (const pulleyStature of [0.2, 0.82, 1.1])
      expect(curve(work('cable-fly-shoulder-height', { pulleyStature }, 10))[2]).toBeGreaterThan(0.4);
  });

  test('pulley height picks the fibres', () => {
    const [high, middle, low] = [1.1, 0.82, 0.2].map((pulleyStature) =>
      shoulderShares(work('cable-fly-shoulder-height', { pulleyStature }, 10)),
    );
    expect(falls([high!, middle!, low!].map((s) => s.pecLower))).toBe(true);
    expect(falls([low!, middle!, high!].map((s) => s.pecUpper))).toBe(true);
  });

  test('rotation: standing with a dumbbell nothing resists, on the side and with a cable it does', () => {
    const axial = (id: string): number => Math.max(...work(id, {}, 5).points.map((p) => Math.abs(p.axialNm)));
    expect(axial('standing-dumbbell-rotation')).toBeLessThan(0.01);
    expect(axial('side-lying-rotation')).toBeGreaterThan(5);
    expect(axial('external-rotation')).toBeGreaterThan(5);
    expect(axial('elbow-on-knee-rotation')).toBeGreaterThan(5);
  });

  test('a lateral raise is hard at the top, with a cable already at the start', () => {
    const bell = curve(work('dumbbell-lateral-raise', {}, 8));
    expect(bell[0]).toBeLessThan(0.25);
    expect(bell[2]).toBeGreaterThan(0.95);
    expect(curve(work('cable-lateral-raise', {}, 8))[0]).toBeGreaterThan(0.8);
    const lying = curve(work('lying-side-raise', {}, 6));
    expect(lying[0]).toBeGreaterThan(0.95);
    expect(lying[2]).toBeLessThan(0.5);
  });

  test('overhead the delts do over three times the work of the chest', () => {
    const w = work('standing-barbell-press');
    expect(sum(w, ['deltFront', 'deltSide'])).toBeGreaterThan(3 * sum(w, chest));
  });

  test('the long head has a larger share of the triceps in extensions than in a press', () => {
    const share = (id: string): number => {
      const { shares } = work(id, {}, 20);
      return shares.triLong / (shares.triLong + shares.triLateral + shares.triMedial);
    };
    const press = share('standing-barbell-press');
    for (const id of ['lying-triceps-extension', 'overhead-extension', 'pushdown'])
      expect(share(id)).toBeGreaterThan(press);
  });

  /** Share does not explain why overhead grows the long head (Maeo et al. 2023, from memory); length does. */
  test('the long head is longest overhead, then lying, then hanging', () => {
    const long = (id: string): number => work(id, {}, 20).longest.triLong;
    expect(long('overhead-extension')).toBeGreaterThan(1.2);
    expect(long('lying-triceps-extension')).toBeGreaterThan(1.1);
    expect(long('pushdown')).toBeLessThan(1.08);
    expect(rises([long('pushdown'), long('lying-triceps-extension'), long('overhead-extension')])).toBe(true);
  });

  test('the floor shortens the press and leaves more of it to the elbow', () => {
    const full = work('barbell-bench-press', { tuckDeg: 55 });
    const floor = work('barbell-bench-press', { tuckDeg: 55, stance: 'floor' });
    const ratio = (w: Work): number => mean(w, (p) => Math.max(0, p.elbowNm)) / mean(w, (p) => p.shoulderNm);
    expect(floor.travelM).toBeLessThan(0.9 * full.travelM);
    expect(ratio(floor)).toBeGreaterThan(ratio(full));
  });

  test('the range cuts or repeats the path', () => {
    const travel = (range: Rig['range']): number =>
      work('barbell-bench-press', range ? { range } : {}).travelM;
    const whole = travel('full');
    for (const range of ['pins', 'hover', 'box', 'mid pins', 'lengthened half'] as const)
      expect(travel(range)).toBeLessThan(whole);
    expect(falls([travel('pins'), travel('hover'), travel('box')])).toBe(true);
    expect(travel('lengthened half') + travel('mid pins')).toBeCloseTo(whole, 1);
    expect(travel('one and a half')).toBeCloseTo(whole + 2 * travel('lengthened half') - 0.06, 1);
    expect(work('deficit-push-up', {}, 0).travelM).toBeGreaterThan(1.08 * work('push-up', {}, 0).travelM);
  });

  test('the stretched half keeps the hard part of a dumbbell press', () => {
    const half = curve(work('dumbbell-bench-press', { range: 'lengthened half' }, 25));
    expect(half[2]).toBeGreaterThan(0.4);
  });

  test('chains and bands make the top of a press count, a landmine gets lighter as it rises', () => {
    for (const added of ['chains', 'bands'] as const) {
      const more = [0, 0.25, 0.5, 0.75].map(
        (t) =>
          at(work('barbell-bench-press', { added }, 60), t).shoulderNm /
          at(work('barbell-bench-press', {}, 60), t).shoulderNm,
      );
      expect(rises(more)).toBe(true);
      expect(more[3]! / more[0]!).toBeGreaterThan(1.03);
    }
    const e = findEntry('kneeling-landmine-press')!;
    const pushes = posturesOf(e.movement, e.rig, body, 40, 8).map((p) => length(p.force));
    expect(falls(pushes)).toBe(true);
    expect(pushes[7]!).toBeLessThan(0.9 * pushes[0]!);
  });

  test('bells pressed together still ask something at the top', () => {
    expect(curve(work('squeeze-press', {}, 20))[2]).toBeGreaterThan(
      3 * curve(work('dumbbell-bench-press', {}, 20))[2]!,
    );
  });

  test('a dip leaned forward goes to the chest', () => {
    const [upright, leaned] = [8, 32].map((leanDeg) => work('chest-dip', { leanDeg }, 0));
    expect(sum(leaned!, chest)).toBeGreaterThan(1.2 * sum(upright!, chest));
    expect(sum(leaned!, triceps)).toBeLessThan(0.8 * sum(upright!, triceps));
  });
});
