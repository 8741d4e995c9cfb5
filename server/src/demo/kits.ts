import type { Kit } from '@drimbo/core/kit';
import { KG_PER_LB } from '@drimbo/core/units';

const range = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step);

const pounds = (lb: number): number => Number((lb * KG_PER_LB).toFixed(4));

/** An invented small gym by the water. */
const boathouse: Kit = {
  format: 'drimbo.kit',
  version: 2,
  name: 'The Boathouse',
  unit: 'kg',
  bars: [
    { id: 'straight', name: 'Straight bar', kg: 20, use: 'straight' },
    { id: 'curl', name: 'Curl bar', kg: 8, use: 'curl' },
    { id: 'landmine', name: 'Landmine bar', kg: 20, use: 'landmine' },
  ],
  plates: [
    { kg: 20, pairs: 4 },
    { kg: 15, pairs: 1 },
    { kg: 10, pairs: 2 },
    { kg: 5, pairs: 2 },
    { kg: 2.5, pairs: 2 },
    { kg: 1.25, pairs: 1 },
  ],
  dumbbells: [...range(1, 10, 1), ...range(12, 30, 2), ...range(32.5, 40, 2.5)].map((kg) => ({
    kg,
    pairs: kg <= 12 ? 2 : 1,
  })),
  stacks: [
    {
      id: 'cables',
      name: 'Cable pair',
      serves: ['cables'],
      firstKg: 2.5,
      stepKg: 2.5,
      maxKg: 60,
      addOnsKg: [1.25],
      count: 2,
      ratio: 1,
    },
  ],
  benches: [{ id: 'bench', name: 'Adjustable bench', notchesDeg: [0, 15, 30, 45, 60, 75] }],
  rack: { count: 1, safetyArms: false },
  places: ['landmine', 'dip bars', 'raised handles'],
  dipBelt: true,
  spotter: false,
  attachments: ['rope', 'single handles', 'straight bar'],
  apart: [
    { a: 'cables', b: 'dumbbells', metres: 15 },
    { a: 'cables', b: 'rack', metres: 18 },
  ],
  bands: [
    {
      id: 'thin',
      name: 'Thin band',
      points: [
        { lengthM: 0.5, newtons: 0 },
        { lengthM: 0.8, newtons: 70 },
        { lengthM: 1.2, newtons: 130 },
      ],
    },
  ],
  chains: [{ id: 'chains', name: 'Chains', kgPerMetre: 6, metres: 1.6, aSide: 1 }],
};

/** A room above a net store with old pound plates and no cables. */
const netLoft: Kit = {
  format: 'drimbo.kit',
  version: 2,
  name: 'Net loft',
  unit: 'lb',
  bars: [{ id: 'straight', name: 'Straight bar', kg: pounds(45), use: 'straight' }],
  plates: [45, 25, 10, 5, 2.5].map((lb) => ({ kg: pounds(lb), pairs: lb === 45 ? 3 : 2 })),
  // One pair from elsewhere, marked in kilograms.
  dumbbells: [...range(5, 80, 5).map((lb) => ({ kg: pounds(lb), pairs: 1 })), { kg: 40, pairs: 1 }],
  stacks: [],
  benches: [{ id: 'bench', name: 'Bench', notchesDeg: [0, 30, 45, 85] }],
  rack: { count: 1, safetyArms: true },
  places: [],
  dipBelt: false,
};

export const demoKits: Record<string, Kit> = { boathouse, 'net-loft': netLoft };
