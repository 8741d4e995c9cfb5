import { nearestLoad } from '../kit';
import {
  type Bounds,
  chooseOne,
  copyOfStores,
  formIndex,
  inHand,
  type Stores,
  tire,
  recover,
  setModelTable,
  ownReps,
} from '../set-model';
import { choicesOf, expectSet, type KnownLift, kgsIn, lineAsked, type LoadTask } from '../loads';
import {
  asksOf,
  type Context,
  type Measured,
  type MeasuredLine,
  restsIn,
  taskOf,
  TOO_WIDE,
} from '../measure';
import { movedShare } from '../strength';
import { massText } from '../units';
import { type DoneSet, hasFailed, inOrder, isHeldUp, liveToday, tells, type Today } from './today';

/** What the next set of a line should be, from what was just done. */
export interface NextSet {
  setIndex: number;
  /** Planned, and as the day goes; null where nothing is known yet. */
  plannedKg: number | null;
  kg: number | null;
  /** Repetitions that load is expected to bring with its reserve kept; null where nothing is known. */
  reps: number | null;
  /** What is expected to be left after them, to half a repetition; null where nothing is known. */
  left: number | null;
  /** Repetitions possible at its start, with one standard deviation; null where nothing is known. */
  able: { reps: number; sd: number } | null;
  /** Why it is another load, or what another would do where the coach gave this one; null where the plan stays. */
  why: string | null;
}

/** How the day is beside what was expected: times so much, with one standard deviation (relative). */
export interface DayForm {
  times: number;
  spread: number;
}

export interface FromHere {
  form: DayForm;
  /** The sets not done yet, by line. */
  next: ReadonlyMap<string, NextSet[]>;
  /** "Today you are about 3 % up."; null where nothing can be said. */
  says: string | null;
}

/** A day less off than this is an ordinary one. */
const NOTICED = 0.015;
/** A set that left so many more than asked was clearly too easy; one that missed by so many was no chance. Own estimates. */
const CLEARLY = 2;
const { mostUp } = setModelTable.raising;

/** Left is told in halves. */
const toHalf = (left: number): number => Math.max(0, Math.min(10, Math.round(left * 2) / 2));

/** Where the walk through what is left stands. */
interface Walk {
  measured: Pick<Measured, 'lines' | 'context' | 'timeline'>;
  today: Today;
  stores: Stores;
  done: readonly DoneSet[];
  hasBegun: boolean;
}

/** What the sets done of a line say about the loads of those to come. */
function boundsAfter(
  m: MeasuredLine,
  same: readonly DoneSet[],
  kgs: readonly number[],
  { fromKg, bodyKg }: { fromKg: number; bodyKg: number },
): Bounds {
  const bounds = inHand(fromKg);
  const last = same.at(-1);
  const above = kgs.find((kg) => kg > fromKg + 1e-6) ?? fromKg;
  bounds.most = Math.max(above, (fromKg + bodyKg) * (1 + mostUp) - bodyKg);
  if (!last) return bounds;
  const target = m.sets[last.setIndex]!.target;
  const isUnclean = last.technique === 'broke' || last.technique === 'slipping';
  const failed = hasFailed(last, m) && !target.toFailure;
  const easier = last.reserve === null ? 0 : last.reserve - target.reserve;
  if (isUnclean || failed || isHeldUp(last) || last.reps < target.reps.lo)
    bounds.most = Math.min(bounds.most, last.loadKg);
  else if (easier >= CLEARLY) bounds.least = Math.min(last.loadKg, fromKg);
  return bounds;
}

/** One set that is left: its load, and what is expected of it; the stores live through it. */
function oneNext(
  walk: Walk,
  m: MeasuredLine,
  task: LoadTask,
  lift: KnownLift,
  setIndex: number,
  kgBefore: number | null,
): NextSet {
  const { done, stores, measured } = walk;
  const set = m.sets[setIndex]!;
  const ask = task.asks[setIndex]!;
  const { target } = ask;
  const mine = done.filter((d) => d.lineId === m.id);
  const same = mine.filter((d) => (d.movement ?? m.movement.id) === m.movement.id);
  const plannedKg = set.kg;
  const lastKg = kgBefore ?? same.at(-1)?.loadKg ?? null;
  const from = target.loadOf
    ? stageKg(m, setIndex, same, walk)
    : (lastKgOf(m, setIndex, same) ?? plannedKg ?? lastKg);
  const choices = choicesOf(measured.context.kit, m.movement) ?? [];
  const bodyKg =
    movedShare(m.movement, target.rig ? { ...m.rig, ...target.rig } : m.rig) * measured.context.client.massKg;
  if (!lift.isKnown || from === null || target.holdS !== undefined || from + bodyKg <= 0)
    return { setIndex, plannedKg, kg: from, reps: null, left: null, able: null, why: null };
  const expected = (kg: number): { reps: number; left: number } => {
    const { reps, left } = expectSet(lift, ask, kg + bodyKg, stores, setIndex === 0);
    return { reps, left: target.toFailure ? 0 : toHalf(left) };
  };
  const told = same.some((d) => tells(d, m));
  const isOwn = !target.loadOf && !target.open && !target.toFailure && target.holdS === undefined;
  const mayChange = walk.hasBegun && isOwn && choices.length > 1 && (!set.byHand || told);
  let kg = from;
  let why: string | null = null;
  if (mayChange) {
    const kgs = kgsIn(choices);
    const rest = m.sets.flatMap((s, i) =>
      i >= setIndex &&
      !s.target.loadOf &&
      !s.target.open &&
      s.target.holdS === undefined &&
      !mine.some((d) => d.setIndex === i)
        ? [i]
        : [],
    );
    const line = { ...lineAsked({ ...task, lift }, rest, stores), lift: lift.index };
    const best = chooseOne(lift.belief, line, kgs, boundsAfter(m, same, kgs, { fromKg: from, bodyKg }));
    if (best && Math.abs(best.kg - from) > 1e-6) {
      const { unit } = measured.context.client;
      const range =
        target.reps.lo === target.reps.hi ? `${target.reps.lo}` : `${target.reps.lo}–${target.reps.hi}`;
      const way = best.kg < from ? 'would end short of' : 'would be too easy for';
      why = `${massText(from, unit)} ${way} ${range} leaving ${Number(toHalf(target.reserve))} today`;
      if (set.byHand) {
        const missed = same.some((d) => m.sets[d.setIndex]!.target.reps.lo - d.reps >= CLEARLY);
        why = missed ? `${why}; ${massText(best.kg, unit)} would do` : null;
      } else kg = best.kg;
    }
  }
  const brings = expected(kg);
  const failedAt = same.findLast(
    (d) => hasFailed(d, m) && d.loadKg <= kg + 1e-6 && !m.sets[d.setIndex]!.target.toFailure,
  );
  const reps = failedAt ? Math.min(brings.reps, failedAt.reps) : brings.reps;
  const seen = expectSet(lift, ask, kg + bodyKg, stores, setIndex === 0);
  live(walk, task, lift, setIndex, { done: seen.done, possible: seen.able, over: seen.over });
  return { setIndex, plannedKg, kg, ...brings, reps, able: { reps: seen.able, sd: seen.ableSd }, why };
}

/** The load in hand: that of the last set of the same kind. */
const lastKgOf = (m: MeasuredLine, setIndex: number, same: readonly DoneSet[]): number | null => {
  const last = same.findLast((d) => d.setIndex < setIndex && !m.sets[d.setIndex]!.target.loadOf);
  if (!last) return null;
  const planned = m.sets[last.setIndex]!.kg;
  const here = m.sets[setIndex]!.kg;
  // Loads that were to change from set to set go on changing by as much.
  if (planned === null || here === null || planned <= 0) return last.loadKg;
  return Math.abs(planned - here) < 1e-6 ? last.loadKg : here;
};

/** A further stage follows the load its set was done with. */
function stageKg(
  m: MeasuredLine,
  setIndex: number,
  same: readonly DoneSet[],
  { measured }: Walk,
): number | null {
  const { loadOf } = m.sets[setIndex]!.target;
  const planned = m.sets[setIndex]!.kg;
  const base = same.find((d) => d.setIndex === loadOf!.bout);
  const was = m.sets[loadOf!.bout]?.kg;
  const choices = choicesOf(measured.context.kit, m.movement) ?? [];
  if (!base || was == null || planned === null || choices.length === 0 || Math.abs(base.loadKg - was) < 1e-6)
    return planned;
  const lighter = choices.filter((c) => c.kg < base.loadKg - 1e-6);
  const open = loadOf!.share < 1 && lighter.length > 0 ? lighter : choices;
  return nearestLoad(open, base.loadKg * loadOf!.share).load.kg;
}

function live(
  walk: Walk,
  task: LoadTask,
  lift: KnownLift,
  setIndex: number,
  { done, possible, over }: { done: number; possible: number; over: number },
): void {
  const { stores } = walk;
  const ask = task.asks[setIndex]!;
  const workS = done * ask.repS;
  recover(stores, ask.oneSided ? workS / 2 : workS);
  tire(
    stores,
    {
      credits: ask.credits,
      done: done * ask.pace,
      possible: possible * ask.pace,
      over,
      own: lift.belief.tiring.mean,
      ownReps: ownReps(lift.belief, lift.index),
    },
    lift.belief.curve,
  );
  if (ask.oneSided) recover(stores, workS / 2);
}

/**
 * From what was done so far to the sets that are left, in their order (`sets` come in any): every set teaches what the client is today, and
 * the loads to come are chosen as they are when a session is planned, with the one in hand preferred. Before anything
 * was done the plan stands; a load the coach gave stays theirs. A model's estimate.
 */
export function fromHere(
  measured: Pick<Measured, 'lines' | 'context' | 'timeline'>,
  sets: readonly DoneSet[],
): FromHere {
  const { lines, context, timeline } = measured;
  const done = inOrder(lines, sets);
  if (lines.length === 0) return { form: { times: 1, spread: 0 }, next: new Map(), says: null };
  const today = liveToday(measured, done);
  const { belief } = today.training;
  const hasBegun = lines.some((m) => done.some((d) => tells(d, m)));
  const walk: Walk = { measured, today, stores: copyOfStores(today.training.stores), done, hasBegun };
  const next = new Map<string, NextSet[]>(lines.map((m) => [m.id, []]));
  const tasks = new Map<string, { task: LoadTask; lift: KnownLift; kg: number | null }>();
  const byId = new Map(lines.map((m) => [m.id, m]));
  const rests = restsIn(timeline);
  const isDone = new Set(done.map((d) => `${d.lineId} ${d.setIndex}`));
  let before: { m: MeasuredLine; index: number } | null = today.last && {
    m: today.last.line,
    index: today.last.setIndex,
  };
  for (const e of timeline.events) {
    if (e.kind !== 'set' || isDone.has(`${e.of} ${e.index}`)) continue;
    const m = byId.get(e.of!)!;
    if (before) recover(walk.stores, restBetween(before, m, e.index));
    let of = tasks.get(m.id);
    if (!of)
      tasks.set(m.id, (of = { ...knownToday(m, today, done, rests.get(m.id) ?? [], context), kg: null }));
    const one = oneNext(walk, m, of.task, of.lift, e.index, of.kg);
    of.kg = one.kg;
    next.get(m.id)!.push(one);
    before = { m, index: e.index };
  }
  const form = formIndex(belief);
  const off = belief.state.mean[form]!;
  const spread = Math.sqrt(belief.state.cov[form * belief.state.n + form]!);
  const isSure = done.length > 0 && Math.abs(off) > Math.max(NOTICED, spread / 2);
  const times = Math.exp(off);
  return {
    form: { times, spread },
    next,
    says: isSure
      ? `Today you are about ${Math.round(Math.abs(times - 1) * 100)} % ${off > 0 ? 'up' : 'down'}.`
      : null,
  };
}

const restBetween = (before: { m: MeasuredLine; index: number }, m: MeasuredLine, index: number): number => {
  const [a, b] = [before.m.places[before.index], m.places[index]];
  return a && b && b.at === a.at + 1 ? a.restS : before.m.line.restS;
};

/** A line with what is known of its lift by now. */
function knownToday(
  m: MeasuredLine,
  { training }: Today,
  done: readonly DoneSet[],
  restsS: readonly number[],
  context: Context,
): { task: LoadTask; lift: KnownLift } {
  const { belief } = training;
  const index = belief.at.get(m.lift.lift.id)!;
  const isToldToday = done.some((d) => tells(d, m));
  const ownSd = Math.sqrt(belief.state.cov[index * belief.state.n + index]!);
  const lift: KnownLift = {
    belief,
    index,
    offset: m.lift.offset,
    isKnown: m.lift.isKnown || isToldToday || (belief.lastDone[index] != null && ownSd <= TOO_WIDE),
  };
  return { task: { ...taskOf(m, asksOf(m, restsS), context, m.isLight), lift }, lift };
}
