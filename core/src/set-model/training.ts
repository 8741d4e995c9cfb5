import { noWatch, type Watch, watched } from './alarm';
import {
  ableAt,
  type Belief,
  beliefBefore,
  copyOfBelief,
  type Lifting,
  openDay,
  ownReps,
  passTime,
} from './belief';
import { boundedCost } from './curve';
import { type DoneSet, learnCurve, learnFrom, type Surprise } from './evidence';
import { withLift } from './extending';
import type { Lift } from './lift';
import {
  type Failure,
  lineBegun,
  type LineRun,
  onRecord,
  type SessionOnRecord,
  type TrainedSet,
} from './record';
import { noRun, type Run, runAfter } from './raising';
import { type DayReading, dayReading, standingOf, type Slope } from './standing';
import { copyOfStores, felt, freshStores, lossOf, recover, type Stores, tire } from './stores';
import { setModelTable } from './table';
import { biasWeight } from './telling';

const { noise, telling } = setModelTable;

const CURVE_PAIR = { repsApart: 8, days: 21 };

/**
 * A client's tests and sets, lived through from the first on. What is known now of a client's strength, tiredness and runs of sessions;
 * goes on with a session while it is done. Days are counted from any day.
 */
export class Training {
  readonly belief: Belief;
  stores: Stores = freshStores();
  private opened: Belief | null = null;
  private session: SessionOnRecord | null = null;
  private lines = new Map<string, LineRun>();
  private firsts: number[] = [];
  private readonly sessions: SessionOnRecord[] = [];
  private readonly runs = new Map<string, Run>();
  private readonly failures = new Map<string, Failure[]>();
  private watch: Watch = noWatch;
  /** The session that was closed last asks for less work. */
  alarm = false;
  /** Sessions in which falling behind added up to an alarm, by day. */
  readonly alarms: number[] = [];

  constructor(
    readonly lifting: Lifting,
    readonly lifts: readonly Lift[],
  ) {
    this.belief = beliefBefore(lifting, lifts);
  }

  /** A copy that knows some lifts more, of which nothing was ever done. */
  knowing(lifts: readonly Lift[]): Training {
    const copy = this.copy();
    const missing = lifts.filter(
      (l, i) => !copy.belief.at.has(l.id) && lifts.findIndex((x) => x.id === l.id) === i,
    );
    const belief = missing.reduce(withLift, copy.belief);
    return Object.assign(copy, { belief, lifts: belief.lifts });
  }

  index(lift: string): number {
    const i = this.belief.at.get(lift);
    if (i === undefined) throw new RangeError(`The model knows no lift ${lift}.`);
    return i;
  }

  /** A set to failure outside any session. */
  test(
    day: number,
    set: { lift: string; movesKg: number; reps: number; told?: number; pace?: number },
  ): void {
    openDay(this.belief, day);
    const lift = this.index(set.lift);
    const failed = set.told === undefined || set.told === 0;
    const { movesKg, reps, pace = 1 } = set;
    const done: DoneSet = { lift, movesKg, reps, pace, told: set.told ?? null, failed, loss: 0, index: 0 };
    const { possible } = learnFrom(this.belief, done, null);
    if (failed) this.failed(set.lift, day, possible, Math.log(set.movesKg));
  }

  /** A session begins. `isLight`: it was asked to be lighter. */
  open(day: number, { isLight = false } = {}): void {
    openDay(this.belief, day);
    this.opened = copyOfBelief(this.belief);
    this.stores = freshStores();
    this.session = { day, isLight, byLift: new Map() };
    this.lines = new Map();
    this.firsts = [];
    this.alarm = false;
  }

  /** Seconds in which nothing of this side was done. */
  rest(seconds: number): void {
    recover(this.stores, seconds);
  }

  /** A set that was just done: what was thought of it. */
  set(set: TrainedSet): Surprise {
    const { belief, stores } = this;
    const lift = this.index(set.lift);
    const own = belief.tiring.mean;
    const side = set.reps * set.repS * (set.oneSided ? 0.5 : 1);
    const loss = set.loss ?? lossOf(stores, set.credits);
    recover(stores, side);
    const { movesKg } = set;
    const line = this.lineOf(set);
    const askedToFail = set.asked?.toFailure === true;
    const { pace } = set;
    const able = ableAt(belief, lift, movesKg, loss, set.index === 0);
    let surprise: Surprise;
    if (set.counts) {
      const told: DoneSet = {
        lift,
        movesKg,
        reps: set.reps,
        pace,
        told: set.told,
        failed: set.failed,
        askedToFail,
        ...(set.asked ? { askedLeft: askedToFail ? 0 : set.asked.reserve } : {}),
        broke: set.technique === 'broke',
        loss,
        index: set.index,
      };
      this.watchFirst(told);
      surprise = learnFrom(belief, told, line.first);
      if (surprise.off !== null) line.first ??= surprise;
      this.record(set, { movesKg, loss, expected: able.reps, surprise });
    } else {
      const done = set.reps * pace;
      const left = set.failed
        ? 0.5 * pace
        : set.told === null
          ? Math.max(0, able.reps - done)
          : set.told * pace;
      surprise = { off: null, left, possible: Math.max(0.5, done + left), loss: able.loss };
    }
    if (set.counts)
      line.sets.push({
        kg: set.kg,
        reps: set.reps,
        lo: set.asked?.lo ?? 0,
        unclean: set.technique === 'slipping' || set.technique === 'broke',
      });
    const over =
      belief.state.mean[lift]! + belief.state.mean[2 * belief.lifts.length + 1]! - Math.log(movesKg);
    tire(
      stores,
      {
        credits: set.credits,
        done: set.reps * pace,
        possible: surprise.possible,
        over,
        own,
        ownReps: ownReps(belief, lift),
      },
      belief.curve,
    );
    if (set.oneSided) recover(stores, side);
    return surprise;
  }

  /** The session is over: its lines count as done, and recovery is looked at. */
  close(): void {
    const { session } = this;
    if (!session) return;
    if (session.byLift.size > 0) this.sessions.push(session);
    if (!session.isLight) {
      for (const { key, sets } of this.lines.values())
        if (sets.length > 0) this.runs.set(key, runAfter(this.run(key), sets));
      if (this.firsts.length > 0) {
        const mean = this.firsts.reduce((s, v) => s + v, 0) / this.firsts.length;
        const { watch, alarm } = watched(this.watch, mean);
        this.watch = watch;
        this.alarm = alarm;
        if (alarm) this.alarms.push(session.day);
      }
    }
    this.session = null;
    this.opened = null;
  }

  /** What the client is like is unknown again; what they can do stays. */
  forgetNature(): void {
    const fresh = beliefBefore(this.lifting, this.belief.lifts);
    const { tiring, bias, ownCurve, liftCurve } = fresh;
    Object.assign(this.belief, { tiring, bias, ownCurve, liftCurve });
    this.failures.clear();
  }

  /** What the sessions of a lift, of one range, come to. */
  run(key: string): Run {
    return this.runs.get(key) ?? noRun;
  }

  /** Goes on to a day on which nothing is done yet. */
  until(day: number): void {
    passTime(this.belief, day);
  }

  /** What each session said of a lift, read with what is known today. */
  readings(lift: string): DayReading[] {
    const { belief } = this;
    const own = ownReps(belief, this.index(lift));
    return this.sessions.flatMap((s) => {
      const sets = (s.byLift.get(lift) ?? []).map((r) => {
        const reps = r.failed
          ? r.done
          : r.done +
            (r.told! + (r.told === 0 ? telling.toldNone : 0) + belief.bias.mean * biasWeight(r.left)) *
              r.pace;
        return {
          log: r.logKg + belief.curve.overAt(reps, own) + r.loss * Math.exp(belief.tiring.mean),
          variance: (r.cost * r.sd) ** 2 + (noise.tired * r.loss) ** 2 + 1e-4,
        };
      });
      return dayReading(s.day, sets, s.isLight) ?? [];
    });
  }

  standing(lift: string, day: number): Slope {
    return standingOf(this.readings(lift), day);
  }

  /** A copy that can be gone on with. */
  copy(): Training {
    const copy = new Training(this.belief.lifting, this.lifts);
    Object.assign(copy, {
      belief: copyOfBelief(this.belief),
      stores: copyOfStores(this.stores),
      opened: this.opened,
      session: this.session && { ...this.session, byLift: new Map(this.session.byLift) },
      lines: new Map([...this.lines].map(([k, l]) => [k, { ...l, sets: [...l.sets] }])),
      firsts: [...this.firsts],
      sessions: [...this.sessions],
      runs: new Map(this.runs),
      failures: new Map(this.failures),
      watch: this.watch,
    });
    return copy;
  }

  private lineOf(set: TrainedSet): LineRun {
    const line = this.lines.get(set.line) ?? lineBegun(set);
    this.lines.set(set.line, line);
    return line;
  }

  /** A first set against what was believed when the session began. */
  private watchFirst(done: DoneSet): void {
    const { opened } = this;
    if (done.index !== 0 || !opened || this.session?.isLight) return;
    if (done.told !== null && done.told >= telling.aLot) return;
    const { off } = learnFrom(copyOfBelief(opened), done, null);
    if (off !== null) this.firsts.push(off);
  }

  private record(
    set: TrainedSet,
    of: { movesKg: number; loss: number; expected: number; surprise: Surprise },
  ): void {
    const { movesKg, loss, expected, surprise } = of;
    const { session, belief } = this;
    if (!session || surprise.off === null || (!set.failed && set.told === null)) return;
    const list = session.byLift.get(set.lift) ?? [];
    const own = ownReps(belief, this.index(set.lift));
    const cost = boundedCost(belief.curve, Math.max(2, expected), own);
    list.push(onRecord(set, surprise, { logKg: Math.log(movesKg), loss, cost }));
    session.byLift.set(set.lift, list);
    if (set.failed && set.asked?.toFailure)
      this.failed(
        set.lift,
        session.day,
        surprise.possible,
        Math.log(movesKg) + felt(loss, belief.tiring.mean),
      );
  }

  /** Two sets to failure far enough apart say how the client's curve bends. */
  private failed(lift: string, day: number, reps: number, log: number): void {
    const list = this.failures.get(lift) ?? [];
    const other = list.findLast(
      (f) => day - f.day <= CURVE_PAIR.days && Math.abs(f.reps - reps) >= CURVE_PAIR.repsApart,
    );
    if (other)
      learnCurve(this.belief, { lift: this.index(lift), reps: [other.reps, reps], log: [other.log, log] });
    this.failures.set(lift, [...list, { day, reps, log }]);
  }
}
