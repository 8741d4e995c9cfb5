import { findEntry } from '../movements/catalogue';
import { sampleKit } from '../testing/samples';
import { handHeights, loadAlong, withChains } from './along-the-range';

const body = { statureM: 1.8, massKg: 85 };
const { movement, rig } = findEntry('bench-press-with-chains')!;

/** Stroke of a bench press .3–.5 m (common practice); bench 42–45 cm high in competition (rules, from memory). */
test('a bar on a bench stands about knee high on the chest and an arm above it at lockout', () => {
  const h = handHeights(movement, rig, body)!;
  expect(h.bottom).toBeGreaterThan(0.55);
  expect(h.bottom).toBeLessThan(0.85);
  expect(h.top - h.bottom).toBeGreaterThan(0.3);
  expect(h.top - h.bottom).toBeLessThan(0.55);
  expect(h.middle).toBeCloseTo((h.bottom + h.top) / 2, 9);
});

test('chains weigh least at the chest and grow by the stroke: hanging length × kg/m × two sides', () => {
  const chains = { kgPerMetre: 9, metres: 1.6, aSide: 1 };
  const loads = withChains(80, chains, { bottom: 0.6, middle: 0.825, top: 1.05 });
  expect(loads.bottom).toBeCloseTo(90.8, 9);
  expect(loads.top).toBeCloseTo(98.9, 9);
  expect(loads.top - loads.bottom).toBeCloseTo(2 * 9 * 0.45, 9);
});

test('a kit speaks for its own chains; a plain bar is the same all the way', () => {
  const heavy = { ...sampleKit, chains: [{ id: 'c', name: 'Chains', kgPerMetre: 12, metres: 2, aSide: 1 }] };
  const own = loadAlong(movement, rig, 80, body, heavy)!;
  const usual = loadAlong(movement, rig, 80, body, sampleKit)!;
  expect(own.top - 80).toBeCloseTo(2 * (usual.top - 80), 6);
  expect(loadAlong(movement, { ...rig, added: 'nothing' }, 80, body, sampleKit)).toBeNull();
  const bands = loadAlong(movement, { ...rig, added: 'bands' }, 80, body, sampleKit)!;
  expect(bands.top).toBeGreaterThan(bands.bottom);
});
