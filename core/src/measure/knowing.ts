import { creditsOf } from '../mechanics';
import { findMovement, type Movement, movementOf, type Rig } from '../movements';
import {
  ANY_RANGE,
  type Belief,
  copyOfBelief,
  type Lift,
  noRun,
  openDay,
  type Run,
  runKey,
  Training,
  withLift,
} from '../set-model';
import {
  atFailureSaid,
  type LiftRecord,
  type Logged,
  measuresMax,
  movedShare,
  paceOf,
  references,
  USUAL_REP_S,
} from '../strength';
import type { Client } from '../session';
import { daysBetween } from '../units';
import type { Context } from './context';
import type { MaxEstimate } from './max-estimate';
import { setUpOf, type SetUp } from './lifts';

/** Days are counted from here in the model of a set. */
const FIRST_DAY = '2000-01-01';
export const dayNumber = (iso: string): number => daysBetween(FIRST_DAY, iso);

/** Rest that is taken to lie between two sets of which nobody kept it, seconds. */
const USUAL_REST_S = 90;

/** One thing that was done on a day. */
type Happening =
  | { is: 'test'; day: number; record: LiftRecord }
  | { is: 'session'; day: number; isLight: boolean; sets: Logged[] };

/** A log and a client's tests in order of time. */
function happeningsOf(tests: readonly LiftRecord[], logged: readonly Logged[]): Happening[] {
  const sessions = new Map<string, Logged[]>();
  for (const r of logged) {
    const key = `${r.date} ${r.session ?? ''}`;
    const of = sessions.get(key);
    if (of) of.push(r);
    else sessions.set(key, [r]);
  }
  const list: Happening[] = tests.map((record) => ({ is: 'test', day: dayNumber(record.date), record }));
  for (const sets of sessions.values()) {
    const day = dayNumber(sets[0]!.date);
    // Where nobody kept the order, a movement after the other.
    sets.sort(
      (a, b) => (a.at ?? 0) - (b.at ?? 0) || compare(a.line, b.line) || (a.index ?? 0) - (b.index ?? 0),
    );
    const tested = sets.filter((r) => r.kind === 'test');
    list.push(...tested.map((record): Happening => ({ is: 'test', day, record: record as LiftRecord })));
    const done = sets.filter((r) => r.kind !== 'test');
    if (done.length > 0)
      list.push({ is: 'session', day, isLight: done.some((r) => r.asked?.light === true), sets: done });
  }
  return list.sort((a, b) => a.day - b.day);
}

const compare = (a = '', b = ''): number => (a < b ? -1 : a > b ? 1 : 0);

/** Everything that moves with a load, in the terms of the middle of its class of set-up, kg. */
export const movesIn = ({ offset }: SetUp, kg: number, bodyKg: number): number =>
  Math.max(0.1, kg + bodyKg) * Math.exp(-offset);

/** Tests and sets of a client, replayed as far as somebody asks. */
class Replay {
  private readonly happenings: Happening[];
  private readonly lifts: Lift[];
  /** What the client is like is learnt from this day on; null from the beginning. */
  private readonly since: number | null;
  /** States by how many happenings they have seen. */
  private readonly states = new Map<number, Training>();

  constructor(
    private readonly client: Client,
    logged: readonly Logged[],
  ) {
    this.happenings = happeningsOf(client.tests, logged);
    this.since = client.learntSince === undefined ? null : dayNumber(client.learntSince);
    const lifts = new Map<string, Lift>();
    const add = (movement: Movement | undefined, rig: Rig): void => {
      if (!movement || movement.load.kind === 'none') return;
      const { lift } = setUpOf(movement, rig);
      if (!lifts.has(lift.id)) lifts.set(lift.id, lift);
    };
    const { bench } = references;
    add(movementOf(bench.movement), bench.rig);
    for (const h of this.happenings)
      for (const r of h.is === 'test' ? [h.record] : h.sets) add(findMovement(r.movement), r.rig);
    this.lifts = [...lifts.values()];
  }

  /** What is known at the end of a day; before it begins where `isBefore`. */
  at(day: number, isBefore: boolean): Training {
    const n = this.happenings.findIndex((h) => (isBefore ? h.day >= day : h.day > day));
    const seen = n === -1 ? this.happenings.length : n;
    const training = this.after(seen);
    const { since } = this;
    const isOlder = since !== null && since <= day && (this.happenings[seen - 1]?.day ?? -1) < since;
    return isOlder ? this.forgotten(training) : training;
  }

  private after(n: number): Training {
    const known = this.states.get(n);
    if (known) return known;
    let from = n - 1;
    while (from >= 0 && !this.states.has(from)) from -= 1;
    const { massKg, trainingAge, formula, judging: bias } = this.client;
    const training =
      from >= 0
        ? this.states.get(from)!.copy()
        : new Training({ massKg, trainingAge, formula, ...(bias === undefined ? {} : { bias }) }, this.lifts);
    for (let i = Math.max(0, from); i < n; i += 1) {
      const h = this.happenings[i]!;
      const { since } = this;
      if (since !== null && h.day >= since && (this.happenings[i - 1]?.day ?? -1) < since)
        training.forgetNature();
      this.live(training, h);
    }
    this.states.set(n, training);
    return training;
  }

  private readonly afresh = new WeakMap<Training, Training>();

  private forgotten(training: Training): Training {
    let fresh = this.afresh.get(training);
    if (!fresh) {
      fresh = training.copy();
      fresh.forgetNature();
      this.afresh.set(training, fresh);
    }
    return fresh;
  }

  private live(training: Training, h: Happening): void {
    const { massKg } = this.client;
    if (h.is === 'test') {
      const { movement: id, rig, loadKg, reps, reserve, repS } = h.record;
      const movement = findMovement(id);
      if (!movement || movement.load.kind === 'none') return;
      const setUp = setUpOf(movement, rig);
      training.test(h.day, {
        lift: setUp.lift.id,
        movesKg: movesIn(setUp, loadKg, movedShare(movement, rig) * massKg),
        reps,
        pace: paceOf(repS ?? 0),
        ...(reserve > 0 ? { told: reserve } : {}),
      });
      return;
    }
    training.open(h.day, { isLight: h.isLight });
    for (const r of h.sets) {
      const movement = findMovement(r.movement);
      if (!movement || movement.load.kind === 'none') continue;
      liveSet(training, movement, r, massKg);
    }
    training.close();
  }
}

/** A logged set done in a session that is open. */
export function liveSet(training: Training, movement: Movement, r: Logged, massKg: number): void {
  const setUp = setUpOf(movement, r.rig);
  const asked = r.asked ?? null;
  const isCounted = measuresMax(r);
  const failed = isCounted && atFailureSaid(r);
  training.set({
    line: r.line ?? setUp.lift.id,
    index: r.index ?? 0,
    lift: setUp.lift.id,
    kg: r.loadKg,
    movesKg: movesIn(setUp, r.loadKg, movedShare(movement, r.rig) * massKg),
    reps: r.kind === 'hold' ? 0 : r.reps,
    pace: paceOf(r.repS ?? 0),
    repS: (r.repS ?? USUAL_REP_S) * (movement.oneSided ? 2 : 1),
    told: r.unsaid ? null : r.reserve,
    failed,
    asked: asked && {
      lo: asked.lo,
      hi: asked.hi,
      reserve: asked.reserve,
      ...(asked.toFailure ? { toFailure: true } : {}),
    },
    technique: r.broke ? 'broke' : r.slipping ? 'slipping' : null,
    counts: isCounted,
    credits: creditsOf(movement, r.rig),
    oneSided: movement.oneSided === true,
    ...(asked || r.tired === undefined ? {} : { loss: -Math.log(1 - r.tired) }),
  });
  training.rest(asked?.restS ?? USUAL_REST_S);
}

const replays = new WeakMap<readonly Logged[], WeakMap<Client['tests'], Map<string, Replay>>>();

function replayOf({ client, logged }: Context): Replay {
  let byTests = replays.get(logged);
  if (!byTests) replays.set(logged, (byTests = new WeakMap()));
  let byClient = byTests.get(client.tests);
  if (!byClient) byTests.set(client.tests, (byClient = new Map()));
  const key = `${client.massKg} ${client.trainingAge} ${client.formula} ${client.judging ?? ''} ${client.learntSince ?? ''}`;
  let replay = byClient.get(key);
  if (!replay) byClient.set(key, (replay = new Replay(client, logged)));
  return replay;
}

/** What is known of a client on the day a context is for. */
export interface Knowledge {
  training: Training;
  /** The belief of that day, opened for it: the form of the day is not known yet. */
  belief: Belief;
  day: number;
  /** Beliefs that know a lift more, by its id. */
  extended: Map<string, Belief>;
  /** Maxima that were told already, by lift, setting and unit. */
  maxes: Map<string, MaxEstimate>;
}

const days = new WeakMap<Training, Map<number, Knowledge>>();

/** What a context's client is known to be able to do, on the day it is for. */
export function knowledgeOf(context: Context): Knowledge {
  const evidence = dayNumber(context.todayIso);
  const training = replayOf(context).at(evidence, context.isPast === true);
  const day = dayNumber(context.onIso ?? context.todayIso);
  let byDay = days.get(training);
  if (!byDay) days.set(training, (byDay = new Map()));
  let known = byDay.get(day);
  if (!known) {
    const belief = copyOfBelief(training.belief);
    openDay(belief, day);
    byDay.set(day, (known = { training, belief, day, extended: new Map(), maxes: new Map() }));
  }
  return known;
}

/** A belief that knows a lift, and where it stands in it. */
export function knowing({ belief, extended }: Knowledge, lift: Lift): { belief: Belief; index: number } {
  const index = belief.at.get(lift.id);
  if (index !== undefined) return { belief, index };
  let more = extended.get(lift.id);
  if (!more) {
    if (extended.size > 200) extended.clear();
    extended.set(lift.id, (more = withLift(belief, lift)));
  }
  return { belief: more, index: more.at.get(lift.id)! };
}

/** What the sessions of a lift, of a range, come to; those of any range where nobody kept what was asked. */
export function runOf({ training }: Knowledge, lift: Lift, asked: { lo: number; hi: number }): Run {
  const run = training.run(runKey(lift.id, asked));
  if (run.sessions > 0) return run;
  // Of sets that nobody kept what was asked of, only the load is something to go by.
  return { ...noRun, lastKg: training.run(runKey(lift.id, ANY_RANGE)).lastKg };
}
