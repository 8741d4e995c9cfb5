import { type MadeLoad, nearestLoad } from '../kit';
import { type FormulaChoice, repsAtLoad } from '../strength';

/** A share of a max as this kit can make it. */
export interface PercentageOfMax {
  percent: number;
  wishKg: number;
  made: MadeLoad;
  /** Repetitions to failure at the load as made. */
  reps: number;
}

/** Shares of a max (kg), percent, each with the nearest load that can be made; empty where none can. */
export const percentagesOfMax = (
  maxKg: number,
  percents: readonly number[],
  loads: readonly MadeLoad[],
  choice: FormulaChoice = 'median',
): PercentageOfMax[] =>
  loads.length === 0
    ? []
    : percents.map((percent) => {
        const wishKg = (maxKg * percent) / 100;
        const made = nearestLoad(loads, wishKg).load;
        return { percent, wishKg, made, reps: repsAtLoad(maxKg, made.kg, choice) };
      });
