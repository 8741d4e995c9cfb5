import { type FormulaChoice, formulas } from '../strength';
import { setModelTable } from './table';

const { perRep, power, belowOne, mostReps } = setModelTable.curve;

/**
 * How repetitions to failure follow from a load, for somebody. `over` = log(max ÷ load); R = repetitions to failure,
 * fractions included. `own`: this client's own repetitions beyond the first beside the usual, 1 until known.
 */
export interface Curve {
  /** log(max ÷ load) of a set that could have R. */
  overAt: (reps: number, own?: number) => number;
  /** R at a load, never below 0. */
  repsAt: (over: number, own?: number) => number;
  /** What one repetition more costs at R, on the logarithm. */
  costAt: (reps: number, own?: number) => number;
}

const below = (reps: number): number => -belowOne * (1 - reps);

/** The curve that is used unless a coach picks a formula: smooth, and no repetition at which it ends. */
export const usualCurve: Curve = {
  overAt: (reps, own = 1) => (reps < 1 ? below(reps) : perRep * ((reps - 1) / own) ** power),
  repsAt: (over, own = 1) =>
    over < 0 ? Math.max(0, 1 + over / belowOne) : 1 + own * (over / perRep) ** (1 / power),
  costAt: (reps, own = 1) =>
    reps < 1 ? belowOne : ((perRep * power) / own) * (Math.max(reps - 1, 1e-9) / own) ** (power - 1),
};

/** Up to here a formula is used as it is printed; above, the usual curve carries its value and slope on. */
const FORMULA_UNTIL = 15;

function byFormula(choice: Exclude<FormulaChoice, 'median'>): Curve {
  const printed = (r: number): number => Math.log(formulas[choice](r));
  const slope = (f: (r: number) => number, r: number): number => (f(r + 1e-4) - f(r - 1e-4)) / 2e-4;
  const atEnd = printed(FORMULA_UNTIL);
  const times = slope(printed, FORMULA_UNTIL) / usualCurve.costAt(FORMULA_UNTIL);
  const usualAtEnd = usualCurve.overAt(FORMULA_UNTIL);
  // A single is the max itself, whatever the formula says of it.
  const plain = (r: number): number => {
    if (r < 1) return below(r);
    if (r < 2) return (r - 1) * printed(2);
    return r <= FORMULA_UNTIL ? printed(r) : atEnd + times * (usualCurve.overAt(r) - usualAtEnd);
  };
  const overAt = (reps: number, own = 1): number => (reps < 1 ? below(reps) : plain(1 + (reps - 1) / own));
  const repsAt = (over: number, own = 1): number => {
    if (over < 0) return Math.max(0, 1 + over / belowOne);
    let low = 1;
    let high = 400;
    for (let i = 0; i < 50; i += 1) {
      const middle = (low + high) / 2;
      if (plain(middle) < over) low = middle;
      else high = middle;
    }
    return 1 + own * (low - 1);
  };
  return { overAt, repsAt, costAt: (reps, own = 1) => slope((r) => overAt(r, own), Math.max(1.001, reps)) };
}

const curves = new Map<FormulaChoice, Curve>([['median', usualCurve]]);

/** The curve of a client: the usual one, or a published formula with the usual tail. */
export function curveOf(choice: FormulaChoice): Curve {
  let curve = curves.get(choice);
  if (!curve) curves.set(choice, (curve = byFormula(choice as Exclude<FormulaChoice, 'median'>)));
  return curve;
}

/** Cost of a repetition where it is used as a weight: repetitions between one and a half and sixty. */
export const boundedCost = (curve: Curve, reps: number, own = 1): number =>
  curve.costAt(Math.min(mostReps, Math.max(1.5, reps)), own);

/** R of a set to failure in which k came: half a repetition more than were whole. */
export const atFailure = (done: number): number =>
  done <= 0 ? 0.5 : done + 0.5 * Math.min(1, (done - 1) / 2);
