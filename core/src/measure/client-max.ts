import { changesAlong, gearOf, shareLeft } from '../loads';
import { fullRig, type Movement, type Rig } from '../movements';
import type { Line } from '../session';
import {
  dayReadings,
  levelSlope,
  type LevelSlope,
  type MaxEstimate,
  maxOf,
  type MaxRecord,
  maxTrend,
  measuresMax,
  type Reading,
  type TrendPoint,
} from '../strength';
import { bodyOf, type Context } from './context';

const evidenceOf = new WeakMap<Context['client'], WeakMap<Context['logged'], MaxRecord[]>>();

/** Tests and logged sets that tell of a max: no stage, no hold, nothing that broke form or ended for another reason. */
function allRecords(context: Context): MaxRecord[] {
  let byLog = evidenceOf.get(context.client);
  if (!byLog) evidenceOf.set(context.client, (byLog = new WeakMap()));
  let records = byLog.get(context.logged);
  if (!records)
    byLog.set(context.logged, (records = [...context.client.tests, ...context.logged.filter(measuresMax)]));
  return records;
}

const maxes = new WeakMap<MaxRecord[], Map<string, MaxEstimate>>();

/** The max of a movement for the client of a context on its day. */
export function clientMax(movement: Movement, rig: Rig, context: Context, hung?: Line['hung']): MaxEstimate {
  const now = maxToday(movement, rig, context, hung);
  if (!context.ahead || now.basis === 'calibrate') return now;
  const { times, spread } = context.ahead(movement, rig);
  return { ...now, kg: now.kg * times, spread: Math.hypot(now.spread, spread) };
}

/** What each day's sets said of a movement's max, over the last so many weeks. */
export function clientReadings(movement: Movement, rig: Rig, context: Context): Reading[] {
  const { massKg, formula, unit } = context.client;
  return dayReadings(movement, rig, {
    massKg,
    formula,
    unit,
    records: allRecords(context),
    todayIso: context.todayIso,
  });
}

/** Where a movement's max is going: from its own sets, beside what is expected of the client's training age. */
export function clientSlope(movement: Movement, rig: Rig, context: Context): LevelSlope | null {
  return levelSlope(clientReadings(movement, rig, context), expectedSlope[context.client.trainingAge]);
}

/** Change of a max a week that training brings, on the logarithm, with one standard deviation. Common practice. */
export const expectedSlope: Record<Context['client']['trainingAge'], { slope: number; spread: number }> = {
  'under 1 year': { slope: 0.009, spread: 0.006 },
  '1 to 3 years': { slope: 0.004, spread: 0.004 },
  'over 3 years': { slope: 0.0015, spread: 0.003 },
};

/** Today's max of a movement; remembered for the same evidence. */
function maxToday(movement: Movement, rig: Rig, context: Context, hung?: Line['hung']): MaxEstimate {
  const records = allRecords(context);
  let known = maxes.get(records);
  if (!known) maxes.set(records, (known = new Map()));
  const gear = changesAlong(rig) ? gearOf(context.kit, hung) : null;
  const key = `${context.todayIso} ${context.client.massKg} ${context.client.formula} ${context.client.unit} ${movement.id} ${JSON.stringify(fullRig(movement, rig))} ${gear ? JSON.stringify(gear) : ''}`;
  let max = known.get(key);
  if (!max) {
    const { massKg, formula, unit } = context.client;
    const plain = gear && maxToday(movement, { ...rig, added: 'nothing' }, context);
    const addedShare =
      plain && plain.basis !== 'calibrate'
        ? shareLeft(movement, rig, bodyOf(context), gear, plain.kg)
        : undefined;
    max = maxOf(movement, rig, {
      massKg,
      formula,
      unit,
      records,
      todayIso: context.todayIso,
      ...(addedShare === undefined ? {} : { addedShare }),
    });
    if (known.size > 2000) known.clear();
    known.set(key, max);
  }
  return max;
}

/** The max of a movement over the last twelve weeks, as this context's records tell it. */
export function clientTrend(movement: Movement, rig: Rig, context: Context): TrendPoint[] {
  const { massKg, formula, unit } = context.client;
  return maxTrend(movement, rig, {
    massKg,
    formula,
    unit,
    records: allRecords(context),
    todayIso: context.todayIso,
  });
}
