import { clientLift, type Context, dayNumber, knowledgeOf, liftName, setUpOf } from '../measure';
import { fullRig, movementOf, perHandWords, type Rig, rigWords } from '../movements';
import { type DayReading, maxBelief, type Standing, studentT } from '../set-model';
import { measuresMax } from '../strength';
import { daysAfter, daysBetween } from '../units';

/** A lift on a day: where its max lay, and what the sets of that day alone say. In kg as the max is told. */
export interface LiftPoint {
  date: string;
  kg: number;
  /** Both ends of an 80 % band of a true single. */
  low: number;
  high: number;
  /** What the sets of that day alone say. */
  readKg: number;
  /** It was a lighter week: shown, and left out of the line. */
  isLight: boolean;
}

export type { Standing } from '../set-model';

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
  /** Sessions running, the last ones, at which it was called holding. */
  holdingFor: number;
}

const EIGHTY = 1.2816;
/** Lifts with fewer days have no line to show. */
const LEAST_DAYS = 3;
/** Looked back, days. */
const SPAN = 190;

/** Each lift that was logged, at the set-up of its class it was done in most. */
function lifts({ logged }: Context, since: string): { movement: string; rig: Rig; lift: string }[] {
  const byLift = new Map<string, { movement: string; rigs: Map<string, { rig: Rig; n: number }> }>();
  for (const r of logged) {
    if (r.date < since || !measuresMax(r)) continue;
    const movement = movementOf(r.movement);
    if (movement.load.kind === 'none') continue;
    const { lift } = setUpOf(movement, r.rig);
    const of = byLift.get(lift.id) ?? {
      movement: r.movement,
      rigs: new Map<string, { rig: Rig; n: number }>(),
    };
    const key = JSON.stringify(fullRig(movement, r.rig));
    const known = of.rigs.get(key);
    if (known) known.n += 1;
    else of.rigs.set(key, { rig: r.rig, n: 1 });
    byLift.set(lift.id, of);
  }
  return [...byLift].map(([lift, { movement, rigs }]) => ({
    lift,
    movement,
    rig: [...rigs.values()].sort((a, b) => b.n - a.n)[0]!.rig,
  }));
}

/** The day a number of days from the first is, as it is written. */
const dateOf = (day: number): string => daysAfter('2000-01-01', day);

/**
 * The front door of looking back: each lift, in its class of set-up, with its max after every session, the straight line
 * through them, and how it stands. A model's estimate; those logged most come first.
 */
export function progress(context: Context): LiftProgress[] {
  const since = daysAfter(context.todayIso, -SPAN);
  const { training } = knowledgeOf(context);
  const found = lifts(context, since).flatMap(({ movement: id, rig, lift }): LiftProgress[] => {
    const movement = movementOf(id);
    const readings = training.readings(lift).filter((r) => dateOf(r.day) >= since);
    if (readings.length < LEAST_DAYS) return [];
    const { offset } = setUpOf(movement, rig);
    const points = readings.map((r): LiftPoint => {
      const date = dateOf(r.day);
      const then = clientLift(movement, rig, { ...context, todayIso: date })!;
      const { log, sd } = maxBelief(
        then.knowledge.training.belief,
        then.knowledge.training.belief.at.get(lift)!,
      );
      const at = (z: number): number => Math.exp(log + offset + z * sd);
      return {
        date,
        kg: at(0),
        low: at(-EIGHTY),
        high: at(EIGHTY),
        readKg: Math.exp(r.log + offset),
        isLight: r.isLight,
      };
    });
    const standing = training.standing(lift, dayNumber(context.todayIso));
    const { mean, se, df } = standing.slope ?? { mean: 0, se: 0.02, df: 4 };
    const half = studentT(EIGHTY, df) * se;
    return [
      {
        movement: id,
        rig,
        name: liftName(movement, rig),
        perHand: perHandWords(movement),
        points,
        slope: { mean: mean * 100, low: (mean - half) * 100, high: (mean + half) * 100 },
        standing: standing.standing,
        holdingFor: holdingFor(readings, (day) => training.standing(lift, day).standing),
      },
    ];
  });
  return apart(found).sort((a, b) => b.points.length - a.points.length);
}

/** Sessions running, counted from the last, at whose end a lift was called holding; looked at so far as anybody asks. */
function holdingFor(readings: readonly DayReading[], at: (day: number) => Standing): number {
  let n = 0;
  for (const { day } of [...readings].reverse()) {
    if (n >= 3 || at(day) !== 'holding') break;
    n += 1;
  }
  return n;
}

/** Two lifts that go by one name are told by their settings too. */
function apart(list: readonly LiftProgress[]): LiftProgress[] {
  return list.map((l) => {
    if (list.filter((x) => x.name === l.name).length === 1) return l;
    const movement = movementOf(l.movement);
    const words = rigWords(fullRig(movement, l.rig), movement.knobs);
    return words === '' ? l : { ...l, name: `${l.name}, ${words}` };
  });
}

/** An alarm is asked after for so many days. */
const ASKED_DAYS = 10;

/**
 * The day on which falling behind what was expected had added up to more than chance, where it is not long ago: a sign
 * of too much work or too little rest. Null where there is none. A model's estimate.
 */
export function recoveryAlarm(context: Context): string | null {
  const last = knowledgeOf(context).training.alarms.at(-1);
  const date = last === undefined ? null : dateOf(last);
  return date !== null && daysBetween(date, context.todayIso) <= ASKED_DAYS ? date : null;
}
