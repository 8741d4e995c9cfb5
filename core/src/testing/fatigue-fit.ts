import type { Credits } from '../anatomy';
import { type Exertion, type FatigueTable, runFatigue } from '../fatigue';
import { maxOverLoad, repsAtLoad } from '../strength';

const chest: Credits = { pecMiddle: 1 };
const triceps: Credits = { triLateral: 1, triMedial: 1, triLong: 0.75 };
const press: Credits = { pecMiddle: 1, triLateral: 0.5 };
const SET_S = 30;

/** Reps of three sets with a 10-rep max at a rest (s), leaving `reserve`. */
export function repsOver(restS: number, reserve: number, table?: FatigueTable): number[] {
  const loadKg = 100 / maxOverLoad(10);
  const done: Exertion[] = [];
  for (let i = 0; i < 3; i++) {
    const startS = i * (SET_S + restS);
    const next = { startS, endS: startS + SET_S, credits: chest, reps: 0, reserve };
    const { losses } = runFatigue([...done, next], null, table);
    done.push({ ...next, reps: repsAtLoad(100 * (1 - losses[i]!), loadKg) - reserve });
  }
  return done.map((set) => set.reps);
}

/** Reps left of ten in a bench press after three sets of triceps isolation to failure. */
export function pressAfterTriceps(table?: FatigueTable): number {
  const sets = [0, 90, 180].map((startS) => ({
    startS,
    endS: startS + SET_S,
    credits: triceps,
    reps: 12,
    reserve: 0,
  }));
  const bench = { startS: 285, endS: 320, credits: press, reps: 10, reserve: 0 };
  const { losses } = runFatigue([...sets, bench], null, table);
  return repsAtLoad(100 * (1 - losses[3]!), 100 / maxOverLoad(10));
}

/** Reps of three sets to failure with a 10-rep max, by rest in seconds. Common practice. */
export const wantedReps: readonly { restS: number; reps: readonly number[] }[] = [
  { restS: 120, reps: [10, 8, 7] },
  { restS: 60, reps: [10, 7, 5] },
  { restS: 240, reps: [10, 9, 8] },
];

/** How much heavier passing a bound weighs than missing a figure by as much. */
const BOUND = 6;

/** Squared repetitions by which a table misses the figures; the bounded ones count only beyond their bound. */
export function misfit(table: FatigueTable): number {
  const square = (x: number): number => x * x;
  let sum = 0;
  for (const { restS, reps } of wantedReps)
    repsOver(restS, 0, table).forEach((r, i) => (sum += square(r - reps[i]!)));
  const easy = repsOver(120, 2, table);
  sum += BOUND * square(Math.max(0, easy[0]! - easy[2]! - 1));
  const lost = 10 - pressAfterTriceps(table);
  return sum + BOUND * (square(Math.max(0, 1 - lost)) + square(Math.max(0, lost - 3)));
}

interface Range {
  key: 'fastPerSet' | 'slowPerSet' | 'fastRecoveryS' | 'slowRecoveryS' | 'reserveDecay';
  least: number;
  most: number;
  step: number;
}

/** How far each constant may go. A fast store of 60–100 s and a slow one of 30–60 min: common practice. */
export const ranges: readonly Range[] = [
  { key: 'fastPerSet', least: 0.05, most: 0.2, step: 0.002 },
  { key: 'slowPerSet', least: 0, most: 0.06, step: 0.001 },
  { key: 'fastRecoveryS', least: 60, most: 100, step: 1 },
  { key: 'slowRecoveryS', least: 1800, most: 3600, step: 60 },
  { key: 'reserveDecay', least: 0.3, most: 0.5, step: 0.01 },
];

/**
 * The table that misses least: a compass search on a fixed lattice, steps halved from sixteen to one,
 * from the given start. Deterministic; ends at a table no single step betters.
 */
export function fitFatigue(start: FatigueTable): FatigueTable {
  let best: FatigueTable = { ...start };
  let least = misfit(best);
  for (let stride = 16; stride >= 1; stride /= 2) {
    for (let moved = true; moved;) {
      moved = false;
      for (const { key, least: low, most: high, step } of ranges)
        for (const way of [-1, 1]) {
          const value = Number((best[key] + way * stride * step).toFixed(4));
          if (value < low || value > high) continue;
          const candidate = { ...best, [key]: value };
          const miss = misfit(candidate);
          if (miss < least - 1e-9) {
            best = candidate;
            least = miss;
            moved = true;
          }
        }
    }
  }
  return best;
}

/** Where the search begins: ten and two and a half hundredths a set, 87 s and 45 min. */
export const startingTable: FatigueTable = {
  fastPerSet: 0.1,
  slowPerSet: 0.025,
  fastRecoveryS: 87,
  slowRecoveryS: 2700,
  reserveDecay: 0.35,
  most: 0.6,
};
