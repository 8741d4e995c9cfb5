import { type Credits, regionIds, regions } from '../anatomy';
import type { Timeline, TimelineEvent } from '../clock';
import {
  chooseLoads,
  type ChosenLoads,
  type LoadedSet,
  loadSet,
  type LoadTask,
  prescriptionOf,
  type SetAsk,
} from '../loads';
import { creditsOf } from '../mechanics';
import { rangeTime, repSeconds, type SetTarget, setTargets } from '../session';
import { copyOfStores, freshStores, ownReps, putStores, recover, type Stores, tire } from '../set-model';
import type { Context } from './context';
import { taskOf } from './loading';
import type { DressedLine, Exertion, FreshnessPoint, MeasuredLine } from './model';
import { rememberChosen, remembering } from './remembered';

/** A held contraction tires about like a repetition every three seconds. Own estimate. */
const HOLD_S_A_REP = 3;

/** Credits of a bout; a mechanical drop changes the setting. */
export const boutCredits = (
  m: Pick<DressedLine, 'movement' | 'rig' | 'credits'>,
  target: SetTarget,
): Credits => (target.rig ? creditsOf(m.movement, { ...m.rig, ...target.rig }) : m.credits);

/** Every bout of a line as it is asked; the rests follow from the clock. */
export function asksOf(m: DressedLine, restsS: readonly number[]): SetAsk[] {
  const oneSided = m.movement.oneSided === true;
  const repS = repSeconds(m.line.tempo) * rangeTime(m.rig) * (oneSided ? 2 : 1);
  return setTargets(m.line).map((target, i) => ({
    target,
    credits: boutCredits(m, target),
    pace: m.pace,
    repS,
    oneSided,
    restS: restsS[i] ?? m.line.restS,
  }));
}

/** A bout as it tires, from what is expected of it; where nothing is known, from what it asks. */
export function exertionOf(m: MeasuredLine, index: number): Exertion {
  return m.exertions[index]!;
}

function exertedBy(task: LoadTask, i: number, set: LoadedSet, over: number | null): Exertion {
  const { belief, index } = task.lift;
  const { credits, pace, target } = task.asks[i]!;
  const base = { credits, own: belief.tiring.mean, ownReps: ownReps(belief, index) };
  if (over !== null && set.able !== null && set.expectedReps !== null)
    return { ...base, done: set.expectedReps * pace, possible: set.able * pace, over };
  const done =
    target.holdS !== undefined ? target.holdS / HOLD_S_A_REP : (target.reps.lo + target.reps.hi) / 2;
  const possible = (done + target.reserve) * pace;
  return { ...base, done: done * pace, possible, over: belief.curve.overAt(Math.max(1, possible)) };
}

const voiceOf = regionIds.map((id) => regions[id].voice);

function freshness(stores: Stores, atS: number): FreshnessPoint {
  const fresh = { chest: 1, shoulders: 1, triceps: 1, helpers: 1 };
  for (let i = 0; i < regionIds.length; i += 1) {
    const left = Math.exp(-(stores.fast[i]! + stores.slow[i]!));
    if (left < fresh[voiceOf[i]!]) fresh[voiceOf[i]!] = left;
  }
  return { atS, fresh };
}

/** Seconds from the end of each bout of a line to its next one, by the clock. */
export function restsIn({ events }: Timeline): Map<string, number[]> {
  const rests = new Map<string, number[]>();
  const ended = new Map<string, { index: number; endS: number }>();
  for (const e of events) {
    if (e.kind !== 'set') continue;
    const of = e.of!;
    const list = rests.get(of) ?? [];
    const before = ended.get(of);
    if (before) list[before.index] = e.startS - before.endS;
    ended.set(of, { index: e.index, endS: e.endS });
    list[e.index] ??= 0;
    rests.set(of, list);
  }
  return rests;
}

/** A line on its way through the clock. */
interface Going {
  task: LoadTask;
  chosen: ChosenLoads;
  sets: LoadedSet[];
  exertions: Exertion[];
}

/** A line that was gone through whole, with how tired it left the client. */
interface GoneThrough extends Going {
  stores: Stores;
}

const rememberThrough = remembering<GoneThrough>();

function begun(
  m: MeasuredLine,
  restsS: readonly number[],
  stores: Stores,
  at: { context: Context; isLight: boolean },
): Going {
  const task = taskOf(m, asksOf(m, restsS), at.context, at.isLight);
  const chosen = rememberChosen(m.line, at.context, { restsS, stores }, () => chooseLoads(task, stores));
  return { task, chosen, sets: [], exertions: [] };
}

/** One bout of a line: loaded, expected, and lived through; the stores are those at its end. */
function goThrough(
  { task, chosen, sets, exertions }: Going,
  index: number,
  workS: number,
  stores: Stores,
): void {
  const { set, expected } = loadSet(task, index, { chosen, stores, before: sets });
  sets[index] = set;
  const exertion = exertedBy(task, index, set, expected?.over ?? null);
  exertions[index] = exertion;
  const { oneSided } = task.asks[index]!;
  recover(stores, oneSided ? workS / 2 : workS);
  tire(stores, exertion, task.lift.belief.curve);
  if (oneSided) recover(stores, workS / 2);
}

/** Sets that follow each other and are of one line, as they come on the clock. */
function runsOf(sets: readonly TimelineEvent[]): TimelineEvent[][] {
  const runs: TimelineEvent[][] = [];
  for (const e of sets) {
    const last = runs.at(-1);
    if (last && last[0]!.of === e.of) last.push(e);
    else runs.push([e]);
  }
  return runs;
}

/**
 * Third stage: every line loaded when its turn comes, by a client as tired as the bouts before have made them. What is
 * chosen and what is expected of it are found in one go through the clock; a line that nobody comes between is kept as a
 * whole for the tiredness it was met with.
 */
export function liveThrough(
  timeline: Timeline,
  byId: ReadonlyMap<string, MeasuredLine>,
  context: Context,
  isLight: boolean,
): void {
  const at = { context, isLight };
  const rests = restsIn(timeline);
  const stores = freshStores();
  const going = new Map<string, Going>();
  const sets = timeline.events.filter((e) => e.kind === 'set');
  const places = new Map<string, MeasuredLine['places']>([...byId.keys()].map((id) => [id, []]));
  sets.forEach((e, n) => {
    places.get(e.of!)![e.index] = { at: n, restS: Math.round((sets[n + 1]?.startS ?? e.endS) - e.endS) };
  });
  let nowS = 0;
  for (const run of runsOf(sets)) {
    const m = byId.get(run[0]!.of!)!;
    const restsS = rests.get(m.id) ?? [];
    recover(stores, run[0]!.startS - nowS);
    nowS = run.at(-1)!.endS;
    const isWhole = run.length === restsS.length;
    const through = (of: Going): void =>
      run.forEach((e, i) => {
        if (i > 0) recover(stores, e.startS - run[i - 1]!.endS);
        goThrough(of, e.index, e.endS - e.startS, stores);
      });
    if (isWhole) {
      const worksS = run.map((e) => e.endS - e.startS);
      const kept = rememberThrough(
        m.line,
        context,
        { restsS: [...restsS, ...worksS, isLight ? 1 : 0], stores },
        () => {
          const of = begun(m, restsS, stores, at);
          through(of);
          return { ...of, stores: copyOfStores(stores) };
        },
      );
      putStores(stores, kept.stores);
      going.set(m.id, kept);
    } else {
      let of = going.get(m.id);
      if (!of) going.set(m.id, (of = begun(m, restsS, stores, at)));
      through(of);
    }
  }
  for (const [id, { task, chosen, sets: loaded, exertions }] of going)
    Object.assign(byId.get(id)!, prescriptionOf(task, loaded, chosen), {
      exertions,
      places: places.get(id)!,
      run: task.run,
    });
}

/** How fresh each voice is over the session. */
export function freshnessIn(timeline: Timeline, byId: ReadonlyMap<string, MeasuredLine>): FreshnessPoint[] {
  const stores = freshStores();
  const curve = [freshness(stores, 0)];
  let nowS = 0;
  for (const e of timeline.events) {
    if (e.kind !== 'set') continue;
    const m = byId.get(e.of!)!;
    recover(stores, e.startS - nowS);
    curve.push(freshness(stores, e.startS));
    const workS = e.endS - e.startS;
    recover(stores, workS);
    tire(stores, exertionOf(m, e.index), m.lift.belief.curve);
    nowS = e.endS;
    curve.push(freshness(copyOfStores(stores), nowS));
  }
  recover(stores, Math.max(0, timeline.totalS - nowS));
  curve.push(freshness(stores, Math.max(timeline.totalS, nowS)));
  return curve;
}
