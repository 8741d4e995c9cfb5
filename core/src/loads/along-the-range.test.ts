import fc from 'fast-check';
import { clientMax, layOut } from '../measure';
import { strengthAlong, usualGear } from '../mechanics';
import { findEntry } from '../movements';
import { estimatedMax } from '../strength';
import { line, sampleContext, sampleKit, session } from '../examples';
import { gearOf, handHeights, loadAlong, loadCurve, shareLeft, tightestOf } from './along-the-range';

const body = { statureM: 1.8, massKg: 85 };
const { movement, rig } = findEntry('bench-press-with-chains')!;
const chains = { id: 'c', name: 'Chains', kgPerMetre: 9, metres: 1.6, aSide: 2 };
const band = {
  id: 'b',
  name: 'Thin',
  points: [
    { lengthM: 0.5, newtons: 0 },
    { lengthM: 1.5, newtons: 200 },
  ],
};
const hung = { ...sampleKit, chains: [chains, { ...chains, id: 'd', aSide: 1 }], bands: [band] };

/** Stroke of a bench press .3–.5 m (common practice); bench 42–45 cm high in competition (rules, from memory). */
test('a bar on a bench stands about knee high on the chest and an arm above it at lockout', () => {
  const h = handHeights(movement, rig, body)!;
  expect(h.bottom).toBeGreaterThan(0.55);
  expect(h.bottom).toBeLessThan(0.85);
  expect(h.top - h.bottom).toBeGreaterThan(0.3);
  expect(h.top - h.bottom).toBeLessThan(0.55);
  expect(h.middle).toBeCloseTo((h.bottom + h.top) / 2, 9);
});

test('chains grow by the stroke: hanging length × kg/m × chains × two sides', () => {
  const gear = gearOf({ chains: [{ ...chains, aSide: 1 }] });
  const h = handHeights(movement, rig, body)!;
  const along = loadAlong(movement, rig, 80, body, gear)!;
  expect(along.bottom).toBeCloseTo(80 + 2 * 9 * h.bottom, 9);
  expect(along.top - along.bottom).toBeCloseTo(2 * 9 * (h.top - h.bottom), 9);
  expect(loadAlong(movement, { ...rig, added: 'nothing' }, 80, body, gear)).toBeNull();
});

test('a kit speaks for its own chains and bands; the line says which and how many', () => {
  expect(gearOf(sampleKit)).toEqual(usualGear);
  expect(gearOf(hung).chains.aSide).toBe(2);
  expect(gearOf(hung, { of: 'c', aSide: 1 }).chains.aSide).toBe(1);
  expect(gearOf(hung, { of: 'd', aSide: 3 }).chains.aSide).toBe(1);
  expect(gearOf(hung, { of: 'b', aSide: 2 })).toMatchObject({ band: band.points, bandsASide: 2 });
  const top = (aSide: number): number =>
    loadAlong(movement, { ...rig, added: 'bands' }, 80, body, gearOf(hung, { of: 'b', aSide }))!.top - 80;
  expect(top(2)).toBeCloseTo(2 * top(1), 9);
});

/** van den Tillaar & Ettema 2010 (from memory): slowest about a third to two fifths of the way in trained lifters near their max. */
test('a flat bench press is weakest about a third to two fifths of the way up', () => {
  const { movement: bench, rig: usual } = findEntry('barbell-bench-press')!;
  const curve = strengthAlong(bench, usual, body, 100, 41);
  const weakest = curve.reduce((a, p) => (p.canKg < a.canKg ? p : a));
  expect(weakest.canKg).toBeCloseTo(100, 6);
  expect(weakest.at).toBeGreaterThan(0.28);
  expect(weakest.at).toBeLessThan(0.45);
  expect(curve[40]!.canKg).toBeGreaterThan(1.5 * weakest.canKg);
});

describe('what chains leave for the bar', () => {
  test('nowhere past the strength curve, and just touching it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 200 }),
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 3 }),
        (max, kgPerMetre, aSide) => {
          const gear = gearOf({ chains: [{ ...chains, kgPerMetre, aSide }] });
          const bar = max * shareLeft(movement, rig, body, gear, max);
          const t = tightestOf(loadCurve(movement, rig, bar, body, gear, max));
          fc.pre(bar > 0.11 * max);
          expect(t.loadKg / t.canKg).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  test('heavier chains leave less, and the loads of a session follow', () => {
    const at = (kgPerMetre: number) => ({
      ...sampleContext,
      kit: { ...sampleKit, chains: [{ ...chains, aSide: 1, kgPerMetre }] },
    });
    const bar = (kgPerMetre: number): number =>
      layOut(session([line('bench-press-with-chains')]), at(kgPerMetre)).lines[0]!.sets[0]!.kg!;
    const plain = clientMax(movement, { ...rig, added: 'nothing' }, sampleContext);
    const chained = clientMax(movement, rig, at(4));
    if (plain.basis === 'calibrate' || chained.basis === 'calibrate') throw new Error('both are known');
    expect(chained.kg).toBeLessThan(plain.kg);
    expect([4, 8, 14].map(bar)).toEqual([...[4, 8, 14].map(bar)].sort((a, b) => b - a));
    expect(bar(14)).toBeLessThan(bar(4));
  });

  test('a set done with the same chains is taken as it was', () => {
    const logged = [
      {
        movement: movement.id,
        rig,
        date: '2026-11-23',
        loadKg: 90,
        reps: 5,
        reserve: 0,
        kind: 'test' as const,
      },
    ];
    const own = clientMax(movement, rig, {
      ...sampleContext,
      client: { ...sampleContext.client, tests: logged },
    });
    expect(own).toMatchObject({ basis: 'tested' });
    expect(own.basis === 'calibrate' ? 0 : own.kg).toBeCloseTo(estimatedMax(90, 5, 0), 0);
  });
});
