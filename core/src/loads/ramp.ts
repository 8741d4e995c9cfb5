import { nearestLoad, type MadeLoad } from '../kit/fitting';
import type { Implement } from '../movements/model';

export interface RampSet {
  kg: number;
  reps: number;
  perSide?: MadeLoad['perSide'];
}

/** Share of the first working load and repetitions. Common practice. */
const fullRamp = [
  { share: 0, reps: 10 },
  { share: 0.5, reps: 7 },
  { share: 0.7, reps: 4 },
  { share: 0.85, reps: 2 },
];
const bellRamp = [
  { share: 0.5, reps: 8 },
  { share: 0.75, reps: 4 },
];
const oneStep = [{ share: 0.6, reps: 5 }];

/**
 * Ramp sets up to a working load (kg): the whole ladder for the first heavy compound, one step for a
 * later one that is already warm. Steps that fall on the same load, or within a tenth of the
 * working load, are left out; a light bar needs fewer.
 */
export function rampSets(
  loads: readonly MadeLoad[],
  workKg: number,
  implement: Implement,
  isFirst: boolean,
): RampSet[] {
  if (loads.length === 0) return [];
  const barLike = implement === 'barbell' || implement === 'guided bar';
  const plan = !isFirst
    ? oneStep
    : barLike
      ? workKg < 50
        ? fullRamp.filter((s) => s.share !== 0.85)
        : fullRamp
      : bellRamp;
  const ramps: RampSet[] = [];
  for (const step of plan) {
    const { load } = nearestLoad(loads, step.share * workKg);
    const last = ramps[ramps.length - 1];
    if (load.kg > 0.92 * workKg || (last && load.kg <= last.kg)) continue;
    ramps.push({ kg: load.kg, reps: step.reps, ...(load.perSide ? { perSide: load.perSide } : {}) });
  }
  return ramps;
}
