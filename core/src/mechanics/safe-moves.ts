import type { PressingRegion } from '../anatomy';
import type { Movement, NumericKnob } from '../movements';

/** A knob by which the model may move credits, and the regions that move as one sum. */
export interface SafeMove {
  knob: NumericKnob | 'range';
  holds: (movement: Movement) => boolean;
  sums: readonly (readonly PressingRegion[])[];
}

const triceps = ['triLong', 'triLateral', 'triMedial'] as const;
const chest = ['pecUpper', 'pecMiddle', 'pecLower'] as const;
/** By flare front delt and upper chest part unreliably, overhead front and side delt; together they do not. */
const upperFront = ['pecUpper', 'deltFront', 'deltSide'] as const;

const isPress = (m: Movement): boolean => m.pattern === 'press' && m.family !== 'corrective';
const bells = (m: Movement): boolean => m.implement === 'dumbbells' || m.implement === 'dumbbell';

/**
 * What the model may say about credits: only where order and direction hold in nearly all bodies and
 * survive disturbed muscle lines. Everything else is left to the coach's table: one chest head against
 * another, the upper chest by flare or by pulley, triceps by bench angle, all elbow work.
 */
export const safeMoves: readonly SafeMove[] = [
  { knob: 'tuckDeg', holds: (m) => isPress(m) && !bells(m), sums: [upperFront] },
  { knob: 'tuckDeg', holds: (m) => isPress(m) && bells(m), sums: [upperFront, triceps] },
  { knob: 'gripBiacromial', holds: (m) => isPress(m), sums: [upperFront, triceps] },
  { knob: 'range', holds: (m) => isPress(m), sums: [chest, triceps] },
];
