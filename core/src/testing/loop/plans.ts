import { line, sampleClient, sampleKit, session } from '../../examples';
import type { Kit } from '../../kit';
import type { Lifter } from '../../lifter';
import type { Client, Line, Session } from '../../session';

/** Lift, sets, range, reserve of the first and the last set, rest in seconds. */
type Row = [entry: string, sets: number, lo: number, hi: number, first: number, last: number, restS: number];

const planned = (rows: readonly Row[]): Session =>
  session(
    rows.map(([entry, sets, lo, hi, first, last, restS]): Line =>
      line(entry, {
        scheme: { kind: 'straight', sets, reps: { lo, hi } },
        reserve: { first, last },
        restS,
        tempo: { lower: 2, stretched: 0, lift: 1, shortened: 0 },
      }),
    ),
    { warmup: [] },
  );

/** What the lifters train: two sessions a week, by turns. */
const plans = {
  bells: {
    trainingAge: 'under 1 year',
    sessions: [
      planned([
        ['dumbbell-bench-press', 3, 8, 10, 4, 3, 120],
        ['seated-dumbbell-press', 3, 10, 12, 3, 3, 90],
        ['dumbbell-lateral-raise', 3, 10, 12, 3, 3, 60],
        ['pushdown', 3, 10, 12, 3, 3, 60],
      ]),
    ],
  },
  bar: {
    trainingAge: 'under 1 year',
    sessions: [
      planned([
        ['barbell-bench-press', 3, 8, 10, 4, 3, 120],
        ['seated-dumbbell-press', 3, 8, 10, 3, 3, 120],
        ['dumbbell-lateral-raise', 3, 10, 12, 3, 3, 60],
        ['pushdown', 3, 10, 12, 3, 3, 60],
      ]),
    ],
  },
  twoDays: {
    trainingAge: '1 to 3 years',
    sessions: [
      planned([
        ['incline-dumbbell-press', 4, 6, 8, 3, 1, 120],
        ['dumbbell-bench-press', 3, 8, 12, 2, 1, 105],
        ['cable-fly-shoulder-height', 3, 12, 15, 2, 0, 60],
        ['cable-lateral-raise', 4, 12, 15, 2, 0, 60],
        ['cable-overhead-extension', 3, 10, 15, 2, 0, 60],
      ]),
      planned([
        ['seated-dumbbell-press', 4, 6, 8, 2, 1, 120],
        ['incline-dumbbell-press', 3, 8, 10, 2, 1, 105],
        ['cable-fly-shoulder-height', 3, 12, 15, 2, 1, 60],
        ['cable-lateral-raise', 4, 12, 15, 2, 0, 45],
        ['cable-overhead-extension', 3, 10, 12, 2, 1, 60],
      ]),
    ],
  },
  oneDay: {
    trainingAge: '1 to 3 years',
    sessions: [
      planned([
        ['barbell-bench-press', 4, 6, 8, 3, 1, 120],
        ['incline-dumbbell-press', 3, 8, 10, 2, 1, 105],
        ['dumbbell-fly', 3, 12, 15, 2, 1, 60],
        ['dumbbell-lateral-raise', 3, 12, 15, 2, 1, 60],
        ['pushdown', 3, 10, 12, 2, 0, 60],
      ]),
    ],
  },
  heavy: {
    trainingAge: 'over 3 years',
    sessions: [
      planned([
        ['barbell-bench-press', 4, 4, 6, 2, 1, 180],
        ['incline-dumbbell-press', 3, 8, 10, 2, 1, 120],
        ['chest-dip', 3, 8, 10, 2, 1, 120],
        ['dumbbell-lateral-raise', 4, 12, 15, 2, 0, 60],
        ['lying-triceps-extension', 3, 8, 10, 2, 1, 75],
      ]),
      planned([
        ['standing-barbell-press', 4, 5, 7, 2, 1, 180],
        ['incline-dumbbell-press', 3, 8, 10, 2, 1, 120],
        ['dumbbell-fly', 3, 12, 15, 2, 1, 75],
        ['incline-rear-raise', 4, 12, 15, 2, 1, 60],
        ['cable-overhead-extension', 4, 10, 12, 2, 1, 75],
      ]),
    ],
  },
} satisfies Record<string, { trainingAge: Client['trainingAge']; sessions: Session[] }>;

const sizes = (from: number, to: number, step: number): { kg: number; pairs: number }[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => ({
    kg: Number((from + i * step).toFixed(2)),
    pairs: 2,
  }));

/** A gym as most are, one with few loads, one with many. */
export const kits: Record<'club' | 'coarse' | 'fine', Kit> = {
  club: {
    ...sampleKit,
    dumbbells: [...sizes(1, 10, 1), ...sizes(12, 30, 2), ...sizes(32.5, 60, 2.5)],
    plates: [20, 10, 5, 2.5, 1.25].map((kg) => ({ kg, pairs: 6 })),
    stacks: sampleKit.stacks.map((s) => ({ ...s, maxKg: 100, addOnsKg: [] })),
  },
  coarse: {
    ...sampleKit,
    dumbbells: [...sizes(2, 10, 2), ...sizes(12.5, 60, 2.5)].filter((d, i) => i % 2 === 0 || d.kg > 20),
    plates: [20, 10, 5, 2.5].map((kg) => ({ kg, pairs: 6 })),
    stacks: sampleKit.stacks.map((s) => ({ ...s, firstKg: 5, stepKg: 5, maxKg: 100, addOnsKg: [] })),
  },
  fine: {
    ...sampleKit,
    dumbbells: sizes(1, 60, 0.5),
    plates: [20, 10, 5, 2.5, 1.25, 0.5].map((kg) => ({ kg, pairs: 6 })),
    stacks: sampleKit.stacks.map((s) => ({ ...s, firstKg: 1, stepKg: 1, maxKg: 100, addOnsKg: [] })),
  },
};

/** One simulated client with the plan they follow and the gym they follow it in. */
export interface Trial {
  lifter: Lifter;
  client: Client;
  kit: Kit;
  sessions: readonly Session[];
}

const BEGINS = '2026-01-05';

/** So many trials, different in strength, mass, plan and gym; the same every time. */
export function trials(many: number, patch: Partial<Lifter> = {}): Trial[] {
  return Array.from({ length: many }, (_, i) => {
    const of = i % 10;
    const name = of < 3 ? (of % 2 ? 'bells' : 'bar') : of < 7 ? (of % 2 ? 'twoDays' : 'oneDay') : 'heavy';
    const plan = plans[name];
    const isNew = plan.trainingAge === 'under 1 year';
    const isLong = plan.trainingAge === 'over 3 years';
    const lifter: Lifter = {
      seed: `trial ${i}`,
      benchKg: isNew ? 36 + 5 * (i % 6) : isLong ? 98 + 8 * (i % 6) : 61 + 7 * (i % 6),
      begins: BEGINS,
      gain: isNew ? 0.008 : isLong ? 0.0015 : 0.0045,
      form: 0.018,
      judging: 0.5,
      massKg: 64 + 4 * (i % 7),
      ...patch,
    };
    return {
      lifter,
      client: {
        ...sampleClient,
        trainingAge: plan.trainingAge,
        massKg: lifter.massKg,
        tests: [],
      },
      kit: kits[(['club', 'coarse', 'fine'] as const)[i % 3]!],
      sessions: plan.sessions,
    };
  });
}
