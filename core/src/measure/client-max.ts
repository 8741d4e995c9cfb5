import { changesAlong, gearOf, shareLeft } from '../loads/along-the-range';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { fullRig } from '../movements/settings';
import type { Line } from '../session/document';
import type { LiftRecord } from '../strength/evidence';
import { maxOf, type MaxEstimate } from '../strength/max';
import { maxTrend, type TrendPoint } from '../strength/trend';
import { bodyOf, type Context } from './context';

const evidenceOf = new WeakMap<Context['client'], WeakMap<readonly LiftRecord[], LiftRecord[]>>();
function allRecords(context: Context): LiftRecord[] {
  let byLog = evidenceOf.get(context.client);
  if (!byLog) evidenceOf.set(context.client, (byLog = new WeakMap()));
  let records = byLog.get(context.logged);
  if (!records) byLog.set(context.logged, (records = [...context.client.tests, ...context.logged]));
  return records;
}

const maxes = new WeakMap<LiftRecord[], Map<string, MaxEstimate>>();

/** Today's max of a movement for the client of a context; remembered for the same evidence. */
export function clientMax(movement: Movement, rig: Rig, context: Context, hung?: Line['hung']): MaxEstimate {
  const records = allRecords(context);
  let known = maxes.get(records);
  if (!known) maxes.set(records, (known = new Map()));
  const gear = changesAlong(rig) ? gearOf(context.kit, hung) : null;
  const key = `${context.todayIso} ${context.client.massKg} ${context.client.formula} ${context.client.unit} ${movement.id} ${JSON.stringify(fullRig(movement, rig))} ${gear ? JSON.stringify(gear) : ''}`;
  let max = known.get(key);
  if (!max) {
    const { massKg, formula, unit } = context.client;
    const plain = gear && clientMax(movement, { ...rig, added: 'nothing' }, context);
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
