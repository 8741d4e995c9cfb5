import { shareOfStature } from '../../anatomy';
import { smoothstep } from '../rounding';

/** How far the front of the chest lies ahead of the shoulder joint at a height `y` (m, headward), metres. */
export const chestFrontM = (y: number, statureM: number): number => {
  const low = smoothstep(-y, 0, 0.07 * statureM);
  const { chestFrontHigh, chestFrontLow } = shareOfStature;
  return statureM * (chestFrontHigh + (chestFrontLow - chestFrontHigh) * low);
};
