import { changesAlong, type KnownLift } from '../loads';
import { fullRig, type Movement, type Rig, variantOf, movementOf } from '../movements';
import type { Line } from '../session';
import { growthOf, type Lift, maxBelief, type MaxBelief, type Slope } from '../set-model';
import { inBench, movedShare, references } from '../strength';
import { daysAfter, dayWords, massText, roughMass } from '../units';
import { bodyOf, type Context } from './context';
import { dayNumber, knowing, knowledgeOf, type Knowledge } from './knowing';
import { setUpOf, type SetUp, withHung } from './lifts';
import type { MaxEstimate, MaxTerm } from './max-estimate';

/** A max less sure than this, on the logarithm, gives no load: the first set finds it. Own estimate. */
export const TOO_WIDE = 0.36;

/** A lift as this context's client is known to do it, with what its max is. */
export interface ClientLift extends KnownLift {
  lift: Lift;
  setUp: SetUp;
  max: MaxBelief;
  knowledge: Knowledge;
}

/** What is known of a movement at a rig; null where nothing is lifted. */
export function clientLift(
  movement: Movement,
  rig: Rig,
  context: Context,
  hung?: Line['hung'],
): ClientLift | null {
  if (movement.load.kind === 'none') return null;
  const knowledge = knowledgeOf(context);
  let setUp = setUpOf(movement, rig);
  const { belief, index } = knowing(knowledge, setUp.lift);
  const max = maxBelief(belief, index);
  const hasOwn = belief.zones[index]!.n > 0 || belief.lastDone[index] != null;
  // Of somebody nobody saw lift, mass and years say too little for a load.
  const isSeen = belief.zones.some((z) => z.n > 0);
  const isKnown = isSeen && max.ownSd <= TOO_WIDE && (hasOwn || inBench(movement, rig) !== null);
  // Sets done with chains or bands have shown what those leave.
  if (changesAlong(rig) && isKnown && !hasOwn) {
    const plain = clientLift(movement, { ...rig, added: 'nothing' }, context);
    const plainMaxKg = plain ? Math.exp(plain.max.log + plain.offset) : 0;
    if (plainMaxKg > 0)
      setUp = withHung(setUp, movement, fullRig(movement, rig), {
        body: bodyOf(context),
        kit: context.kit,
        hung,
        plainMaxKg,
      });
  }
  return { belief, index, offset: setUp.offset, isKnown, lift: setUp.lift, setUp, max, knowledge };
}

/** Today's max of a movement for the client of a context. */
export function clientMax(movement: Movement, rig: Rig, context: Context, hung?: Line['hung']): MaxEstimate {
  const of = clientLift(movement, rig, context, hung);
  return of ? maxIn(of, movement, rig, context) : { basis: 'calibrate' };
}

/** The max of a lift that is known, with what it rests on. */
export function maxIn(of: ClientLift, movement: Movement, rig: Rig, context: Context): MaxEstimate {
  if (!of.isKnown) return { basis: 'calibrate' };
  const { maxes } = of.knowledge;
  const key = `${of.lift.id} ${of.offset} ${context.client.unit} ${JSON.stringify(rig)}`;
  let max = maxes.get(key);
  if (!max) {
    if (maxes.size > 2000) maxes.clear();
    maxes.set(key, (max = made(of, movement, rig, context)));
  }
  return max;
}

function made(of: ClientLift, movement: Movement, rig: Rig, context: Context): MaxEstimate {
  const { max, offset, lift } = of;
  const own = ownOf(context, lift.id);
  const kg = Math.exp(max.log + offset);
  const basis = own.tests > 0 ? 'tested' : own.sets > 0 ? 'from sets' : 'borrowed';
  return {
    basis,
    kg,
    spread: max.sd,
    workingSpread: max.workingSd,
    sets: own.sets + own.tests,
    terms:
      basis === 'borrowed'
        ? borrowedTerms(of, movement, rig, context, kg)
        : ownTerms(own, movement, rig, context, kg),
  };
}

interface Own {
  tests: number;
  sets: number;
  last: {
    date: string;
    loadKg: number;
    reps: number;
    reserve: number;
    unsaid?: true | undefined;
    test: boolean;
  } | null;
}

const counted = new WeakMap<Context['logged'], WeakMap<Context['client']['tests'], Map<string, Own>>>();

/** A lift's own tests and sets up to the day of a context. */
function ownOf({ logged, client, todayIso, isPast }: Context, lift: string): Own {
  let byTests = counted.get(logged);
  if (!byTests) counted.set(logged, (byTests = new WeakMap()));
  const key = `${todayIso} ${isPast === true}`;
  let of = byTests.get(client.tests);
  if (!of) byTests.set(client.tests, (of = new Map()));
  if (!of.has(key)) {
    if (of.size > 5000) of.clear();
    of.set(key, { tests: 0, sets: 0, last: null });
    const take = (r: Own['last'] & object, id: string): void => {
      const known = of.get(`${key} ${id}`) ?? { tests: 0, sets: 0, last: null };
      if (r.test) known.tests += 1;
      else known.sets += 1;
      if (!known.last || r.date > known.last.date) known.last = r;
      of.set(`${key} ${id}`, known);
    };
    const isBefore = (date: string): boolean => (isPast ? date < todayIso : date <= todayIso);
    for (const r of client.tests) if (isBefore(r.date)) take({ ...r, test: true }, liftId(r));
    for (const r of logged)
      if (isBefore(r.date) && r.kind === 'set' && r.cut !== true) take({ ...r, test: false }, liftId(r));
  }
  return of.get(`${key} ${lift}`) ?? { tests: 0, sets: 0, last: null };
}

const liftId = (r: { movement: string; rig: Rig }): string => setUpOf(movementOf(r.movement), r.rig).lift.id;

function ownTerms(
  { last, sets, tests }: Own,
  movement: Movement,
  _rig: Rig,
  context: Context,
  kg: number,
): MaxTerm[] {
  const { unit } = context.client;
  const many = (n: number, what: string): string[] => (n === 0 ? [] : [`${n} ${what}${n === 1 ? '' : 's'}`]);
  const from = [...many(tests, 'test'), ...many(sets, 'set')].join(' and ');
  if (!last) return [];
  const left = last.unsaid ? '' : last.reserve > 0 ? `, ${last.reserve} left` : ', nothing left';
  const plus = movement.load.kind === 'bodyweight' && last.loadKg > 0 ? '+' : '';
  const what =
    last.loadKg === 0 && movement.load.kind === 'bodyweight'
      ? 'the body'
      : `${plus}${massText(last.loadKg, unit)}`;
  return [{ says: `${from}; the last ${what} × ${last.reps}${left}, on ${dayWords(last.date)}`, kg }];
}

function borrowedTerms(
  { knowledge }: ClientLift,
  movement: Movement,
  rig: Rig,
  context: Context,
  kg: number,
): MaxTerm[] {
  const { bench } = references;
  const known = setUpOf(movementOf(bench.movement), bench.rig);
  const { belief, index } = knowing(knowledge, known.lift);
  const benchKg = Math.exp(maxBelief(belief, index).log + known.offset);
  const found = inBench(movement, rig);
  if (!found) return [];
  const moved = movedShare(movement, rig);
  const ratio = Number(found.ratio.toFixed(2));
  const says = `${roughMass(benchKg, context.client.unit)} bench press × ${ratio}${moved > 0 ? ', of everything that moves' : ''}, and what other lifts tell`;
  return [{ says, kg }];
}

/** Where a movement's max is going: per week on the logarithm, with one standard deviation. */
export function clientGrowth(
  movement: Movement,
  rig: Rig,
  context: Context,
): { mean: number; sd: number } | null {
  const of = clientLift(movement, rig, context);
  return of && growthOf(of.belief, of.index);
}

/** How a lift stands on the day of a context. */
export function clientStanding(movement: Movement, rig: Rig, context: Context): Slope | null {
  const of = clientLift(movement, rig, context);
  if (!of || !of.knowledge.training.belief.at.has(of.lift.id)) return null;
  return of.knowledge.training.standing(of.lift.id, dayNumber(context.todayIso));
}

export interface TrendPoint {
  date: string;
  kg: number;
  /** Relative standard deviation. */
  spread: number;
}

/** The max as it was told every week back from today, each from what was known by that day; oldest first. */
export function clientTrend(movement: Movement, rig: Rig, context: Context, weeks = 12): TrendPoint[] {
  const points: TrendPoint[] = [];
  for (let back = weeks; back >= 0; back -= 1) {
    const date = daysAfter(context.todayIso, -back * 7);
    const then: Context = { ...context, todayIso: date };
    delete then.onIso;
    const own = ownOf(then, setUpOf(movement, rig).lift.id);
    const max =
      own.last || context.client.tests.some((t) => t.date <= date) ? clientMax(movement, rig, then) : null;
    if (max && max.basis !== 'calibrate') points.push({ date, kg: max.kg, spread: max.spread });
  }
  return points;
}

/** The name a lift goes by. */
export const liftName = (movement: Movement, rig: Rig): string =>
  variantOf(movement, fullRig(movement, rig)).name;
