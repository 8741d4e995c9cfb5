import { toKg, type MassUnit } from '../units';
import type { Kit } from './kit';

/** Figures as they are marked: from, to, step. */
type Run = readonly [from: number, to: number, step: number];

interface StackMarks {
  name: string;
  serves: string[];
  first: number;
  step: number;
  max: number;
  count: number;
  ratio: number;
}

/** What stands in a gym of one kind, in the unit its loads are marked in. */
interface Marks {
  bar: number;
  curlBar: number | null;
  /** Mark and pairs. */
  plates: readonly (readonly [mark: number, pairs: number])[];
  dumbbells: readonly Run[];
  stacks: readonly StackMarks[];
}

interface UsualGym {
  name: string;
  /** What stands there, in one line. */
  about: string;
  marks: Readonly<Record<MassUnit, Marks>>;
  benches: Kit['benches'];
  rack: Kit['rack'];
  places: Kit['places'];
  dipBelt: boolean;
  guidedBar: boolean;
  attachments: Kit['attachments'];
}

/** Light dumbbells as gyms in pounds have them beside steps of five. */
const lightInPounds = [3, 5, 8, 10, 12].map((lb): Run => [lb, lb, 1]);

const machines = (first: number, step: number, max: number): StackMarks[] =>
  [
    ['Chest press', 'chest press machine'],
    ['Incline press', 'incline press machine'],
    ['Machine fly', 'fly machine'],
    ['Overhead press', 'overhead press machine'],
    ['Lateral raise', 'lateral raise machine'],
    ['Assisted dip', 'assisted dip'],
  ].map(([name, station]) => ({ name: name!, serves: [station!], first, step, max, count: 1, ratio: 1 }));

const cables = (name: string, first: number, step: number, max: number, count: number): StackMarks => ({
  name,
  serves: ['cables'],
  first,
  step,
  max,
  count,
  ratio: 0.5,
});

const adjustable = { id: 'adjustable', name: 'Adjustable bench', notchesDeg: [0, 15, 30, 45, 60, 75, 85] };
const decline = { id: 'decline', name: 'Decline bench', notchesDeg: [-15] };

/**
 * Gyms to begin from: what usually stands in one of that kind. Common practice; every figure is the coach's to change.
 */
const usualGyms = {
  commercial: {
    name: 'Commercial gym',
    about: 'racks with arms, dumbbells to 50 kg or 120 lb, cables, press and fly machines, dip bars',
    marks: {
      kg: {
        bar: 20,
        curlBar: 10,
        plates: [
          [25, 4],
          [20, 8],
          [15, 4],
          [10, 6],
          [5, 6],
          [2.5, 6],
          [1.25, 4],
        ],
        dumbbells: [
          [1, 10, 1],
          [12, 50, 2],
        ],
        stacks: [cables('Cables', 2.5, 2.5, 95, 2), ...machines(5, 5, 120)],
      },
      lb: {
        bar: 45,
        curlBar: 20,
        plates: [
          [45, 10],
          [35, 4],
          [25, 4],
          [10, 6],
          [5, 6],
          [2.5, 6],
        ],
        dumbbells: [...lightInPounds, [15, 120, 5]],
        stacks: [cables('Cables', 5, 5, 200, 2), ...machines(10, 10, 260)],
      },
    },
    benches: [adjustable, decline],
    rack: { count: 3, safetyArms: true },
    places: ['landmine', 'dip bars', 'raised handles'],
    dipBelt: true,
    guidedBar: true,
    attachments: ['rope', 'single handles', 'straight bar'],
  },
  small: {
    name: 'Small gym',
    about: 'one rack with arms, dumbbells to 40 kg or 90 lb, a pair of cables, one bench, dip bars',
    marks: {
      kg: {
        bar: 20,
        curlBar: 8,
        plates: [
          [20, 4],
          [15, 1],
          [10, 2],
          [5, 2],
          [2.5, 2],
          [1.25, 1],
        ],
        dumbbells: [
          [2, 10, 1],
          [12, 40, 2],
        ],
        stacks: [cables('Cable pair', 2.5, 2.5, 70, 2)],
      },
      lb: {
        bar: 45,
        curlBar: 20,
        plates: [
          [45, 4],
          [25, 2],
          [10, 2],
          [5, 2],
          [2.5, 2],
        ],
        dumbbells: [...lightInPounds, [15, 90, 5]],
        stacks: [cables('Cable pair', 5, 5, 150, 2)],
      },
    },
    benches: [adjustable],
    rack: { count: 1, safetyArms: true },
    places: ['dip bars', 'raised handles'],
    dipBelt: true,
    guidedBar: false,
    attachments: ['rope', 'single handles', 'straight bar'],
  },
  home: {
    name: 'Home gym',
    about: 'dumbbells to 24 kg or 50 lb, a bench that tilts, nothing else',
    marks: {
      kg: { bar: 0, curlBar: null, plates: [], dumbbells: [[2, 24, 2]], stacks: [] },
      lb: {
        bar: 0,
        curlBar: null,
        plates: [],
        dumbbells: [
          [5, 25, 2.5],
          [30, 50, 5],
        ],
        stacks: [],
      },
    },
    benches: [{ id: 'adjustable', name: 'Adjustable bench', notchesDeg: [0, 30, 45, 60, 75] }],
    rack: { count: 0, safetyArms: false },
    places: ['raised handles'],
    dipBelt: false,
    guidedBar: false,
    attachments: [],
  },
} as const satisfies Record<string, UsualGym>;

export type UsualGymId = keyof typeof usualGyms;
export const usualGymIds = Object.keys(usualGyms) as UsualGymId[];

/** What a gym of this kind is called, and what stands in it in a line. */
export const usualGymWords = (id: UsualGymId): { name: string; about: string } => ({
  name: usualGyms[id].name,
  about: usualGyms[id].about,
});

const marksOf = ([from, to, step]: Run): number[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step);

/**
 * A gym of a usual kind, whole, its loads marked in a unit.
 *
 * @example usualGym('small', 'kg', 'North Road').dumbbells.at(-1)?.kg   // 40
 */
export function usualGym(id: UsualGymId, unit: MassUnit, name: string): Kit {
  const gym: UsualGym = usualGyms[id];
  const marks = gym.marks[unit];
  const kg = (mark: number): number => Number(toKg(mark, unit).toFixed(4));
  return {
    format: 'drimbo.kit',
    version: 2,
    name,
    unit,
    bars: [
      ...(marks.bar > 0
        ? [{ id: 'straight', name: 'Straight bar', kg: kg(marks.bar), use: 'straight' as const }]
        : []),
      ...(marks.curlBar === null
        ? []
        : [{ id: 'curl', name: 'Curl bar', kg: kg(marks.curlBar), use: 'curl' as const }]),
      ...(gym.guidedBar
        ? [{ id: 'guided', name: 'Guided bar', kg: kg(marks.bar), use: 'guided' as const }]
        : []),
      ...(gym.places.includes('landmine')
        ? [{ id: 'landmine', name: 'Landmine bar', kg: kg(marks.bar), use: 'landmine' as const }]
        : []),
    ],
    plates: marks.plates.map(([mark, pairs]) => ({ kg: kg(mark), pairs })),
    dumbbells: marks.dumbbells.flatMap(marksOf).map((mark) => ({ kg: kg(mark), pairs: 1 })),
    stacks: marks.stacks.map((stack) => ({
      id: stack.name.toLowerCase().replaceAll(' ', '-'),
      name: stack.name,
      serves: stack.serves,
      firstKg: kg(stack.first),
      stepKg: kg(stack.step),
      maxKg: kg(stack.max),
      addOnsKg: [],
      count: stack.count,
      ratio: stack.ratio,
    })),
    benches: gym.benches.map((bench) => ({ ...bench, notchesDeg: [...bench.notchesDeg] })),
    rack: gym.rack,
    places: [...gym.places],
    dipBelt: gym.dipBelt,
    spotter: false,
    attachments: [...(gym.attachments ?? [])],
  };
}
