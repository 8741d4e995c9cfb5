import { clientReadings, type Context, expectedSlope } from '../measure';
import { fullRig, movementOf, perHandWords, type Rig, variantOf } from '../movements';
import { type LevelSlope, smoothed } from '../strength';
import { daysAfter, daysBetween } from '../units';

/** A lift on a day: where its max lay, and what the sets of that day alone say. In kg as the max is told. */
export interface LiftPoint {
  date: string;
  kg: number;
  /** Both ends of an 80 % band. */
  low: number;
  high: number;
  /** What the sets of that day alone say. */
  readKg: number;
}

export type Standing = 'rising' | 'stuck' | 'falling' | 'too early';

export interface LiftProgress {
  movement: string;
  rig: Rig;
  name: string;
  /** Behind a load: in each hand, on each pulley, or all of it. */
  perHand: ReturnType<typeof perHandWords>;
  points: LiftPoint[];
  /** Change of the max a week, per cent, with both ends of an 80 % band. */
  slope: { mean: number; low: number; high: number };
  standing: Standing;
  /** Days on which it came down twice running by more than chance. */
  downTwice: string[] | null;
}

/** Half the width of an 80 % band, in standard deviations. */
const EIGHTY = 1.28;
/** Stuck: the band of the slope includes no change at all, over so many sessions and so many days. Common practice. */
const STUCK_SESSIONS = 4;
const STUCK_DAYS = 21;
/** Lifts with fewer days have no trend to show. */
const LEAST_DAYS = 3;
/** Looking back the log speaks for itself: a slope it begins with is hardly held to, a week. Own estimate. */
const OPEN = 0.02;
/** Looked back, days. */
const SPAN = 190;

function standingOf(states: readonly LevelSlope[], slope: LiftProgress['slope']): Standing {
  const first = states[0]!.on;
  const last = states[states.length - 1]!.on;
  if (states.length < STUCK_SESSIONS || daysBetween(first, last) < STUCK_DAYS) return 'too early';
  if (slope.low > 0) return 'rising';
  if (slope.high < 0) return 'falling';
  return 'stuck';
}

/** Two comparisons running in which a day's sets fell below the day before by more than both can be off. */
function downTwice(points: readonly LiftPoint[], noise: readonly number[]): string[] | null {
  const falls = points.map((p, i) => {
    const before = points[i - 1];
    if (!before) return false;
    return Math.log(before.readKg / p.readKg) > Math.hypot(noise[i]!, noise[i - 1]!);
  });
  const n = points.length;
  return n >= 3 && falls[n - 1] && falls[n - 2] ? [points[n - 2]!.date, points[n - 1]!.date] : null;
}

/** Each movement that was logged, at the set-up it was done in most. */
function lifts({ logged }: Context, since: string): { movement: string; rig: Rig }[] {
  const rigs = new Map<string, Map<string, { rig: Rig; n: number }>>();
  for (const r of logged) {
    if (r.date < since) continue;
    const of = rigs.get(r.movement) ?? new Map<string, { rig: Rig; n: number }>();
    const key = JSON.stringify(fullRig(movementOf(r.movement), r.rig));
    const known = of.get(key);
    if (known) known.n += 1;
    else of.set(key, { rig: r.rig, n: 1 });
    rigs.set(r.movement, of);
  }
  return [...rigs].map(([movement, of]) => ({
    movement,
    rig: [...of.values()].sort((a, b) => b.n - a.n)[0]!.rig,
  }));
}

/**
 * The front door of looking back: each lift's max over the log as a smoothed level with its band, its slope, and how it
 * stands. A model's estimate; those logged most come first.
 */
export function progress(context: Context): LiftProgress[] {
  const since = daysAfter(context.todayIso, -SPAN);
  return lifts(context, since)
    .flatMap(({ movement: id, rig }): LiftProgress[] => {
      const movement = movementOf(id);
      const readings = clientReadings(movement, rig, context).filter((r) => r.date >= since);
      if (readings.length < LEAST_DAYS) return [];
      const { slope: expected } = expectedSlope[context.client.trainingAge];
      const states = smoothed(readings, { slope: expected, spread: OPEN });
      const points = states.map((s, i): LiftPoint => {
        const sd = EIGHTY * Math.sqrt(s.vLevel);
        return {
          date: s.on,
          kg: Math.exp(s.level),
          low: Math.exp(s.level - sd),
          high: Math.exp(s.level + sd),
          readKg: Math.exp(readings[i]!.mean),
        };
      });
      const end = states[states.length - 1]!;
      const sd = EIGHTY * Math.sqrt(end.vSlope);
      const slope = { mean: end.slope * 100, low: (end.slope - sd) * 100, high: (end.slope + sd) * 100 };
      return [
        {
          movement: id,
          rig,
          name: variantOf(movement, fullRig(movement, rig)).name,
          perHand: perHandWords(movement),
          points,
          slope,
          standing: standingOf(states, slope),
          downTwice: downTwice(
            points,
            readings.map((r) => Math.sqrt(r.variance)),
          ),
        },
      ];
    })
    .sort((a, b) => b.points.length - a.points.length);
}
