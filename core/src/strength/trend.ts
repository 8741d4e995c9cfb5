import type { Movement, Rig } from '../movements';
import { daysAfter } from '../units';
import { maxOf, type StrengthContext } from './max';

export interface TrendPoint {
  date: string;
  kg: number;
  /** Relative standard error. */
  spread: number;
}

/**
 * The max as it would have been told every week back from today, each from the records there
 * were by that day; oldest first. Days on which nothing could be told are left out. A model's estimate.
 */
export const maxTrend = (
  movement: Movement,
  rig: Rig,
  context: StrengthContext,
  weeks = 12,
): TrendPoint[] => {
  const points: TrendPoint[] = [];
  for (let back = weeks; back >= 0; back -= 1) {
    const todayIso = daysAfter(context.todayIso, -back * 7);
    const records = context.records.filter((r) => r.date <= todayIso);
    const max = maxOf(movement, rig, { ...context, records, todayIso });
    if (max.basis !== 'calibrate') points.push({ date: todayIso, kg: max.kg, spread: max.spread });
  }
  return points;
};
