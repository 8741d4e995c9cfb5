import { limitsMet } from '../choosing';
import { nearestLoad } from '../kit';
import { choicesOf } from '../loads';
import { type DoneSet, fromHere, type Technique } from '../log';
import type { Measured, MeasuredLine } from '../measure';
import type { Movement, Rig } from '../movements';
import { type LimitId, rangeTime, repSeconds } from '../session';
import { familyShare, inBench, movedShare, references } from '../strength';
import { daysBetween } from '../units';
import { doneWith, formOfDay, gained, type Judging, repsByTable, shareByTable, Tiredness } from './body';
import { Chance } from './chance';

/** Somebody made up whose strength nobody sees: what a log is simulated from. */
export interface Lifter {
  seed: string;
  /** Bench max on the day it begins, kg; the other lifts follow from it but for what is their own. */
  benchKg: number;
  begins: string;
  /** Change of the max a week at the start, on the logarithm; it fades as weeks go by. */
  gain: number;
  /** Standard deviations: of the day's form, and of the repetitions by which reserve is misjudged. */
  form: number;
  judging: number;
  massKg: number;
  /** Movements this one is better or worse at than the bench says, as a factor. */
  talents?: Readonly<Record<string, number>>;
  /** Days on which a joint complains: what is hard on it is weaker and uncomfortable. */
  sore?: { limit: LimitId; from: string; to: string };
  /** Tells exactly what is left. */
  honest?: true;
  /** A fall of the max that nobody planned: so much a session on the logarithm, between two days. */
  falls?: { from: string; to: string; each: number };
}

/** One set as it went. */
export interface Lifted {
  lineId: string;
  setIndex: number;
  loadKg: number;
  reps: number;
  /** Left as it was told. */
  reserve: number;
  failed: boolean;
  technique: Technique | null;
  felt: number | null;
  comfort: number | null;
  /** What nobody sees: repetitions that were possible, and left. */
  hidden: { able: number; left: number };
  /** What it was offered with: repetitions, and those thought possible; null where nothing was known. */
  offered: { reps: number | null; able: number | null; ableSd: number | null };
}

/** How much of a ratio's spread is real between people, and how a gain fades, weeks. Own estimates. */
const OWN_TALENT = 0.7;
const FADES = 30;
const CURVE_SD = 0.2;
const LIFT_CURVE_SD = 0.1;
const TIRING_SD = 0.25;
const LIFT_DAY = 0.012;
/** Misjudged by so much of what is left. */
const JUDGED_SHARE = 0.15;

/** What a joint that complains takes off, and what it leaves of ten points of comfort. Own estimates. */
const SORE = { form: 0.95, comfort: 3 };
/** Comfort on a good day, and how it varies. */
const COMFORT = { mean: 8, sd: 0.8 };

/** A life under the bar: each day is lifted in turn, by the loads and the advice that the product gives. */
export class Life {
  private readonly chance: Chance;
  /** Of what is said of a set: figures stay what they are whether anybody says something or not. */
  private readonly mood: Chance;
  private readonly own: { curve: number; tiring: number; stepWeeks: number };
  readonly judging: Judging;

  constructor(private readonly lifter: Lifter) {
    this.chance = new Chance(lifter.seed);
    this.mood = new Chance(`${lifter.seed} said`);
    const nature = new Chance(`${lifter.seed} nature`);
    this.own = {
      curve: Math.exp(nature.normal(CURVE_SD)),
      tiring: Math.exp(nature.normal(TIRING_SD)),
      stepWeeks: 2 + Math.floor(3 * nature.next()),
    };
    this.judging = lifter.honest
      ? { share: 0, amount: 0, sd: 0.4 }
      : { share: JUDGED_SHARE, amount: nature.normal(lifter.judging), sd: 1 };
  }

  /** What really is there on a day when fresh, everything that moves, kg: the figure a max is an estimate of. */
  hiddenMax(movement: Movement, rig: Rig, date: string): number {
    const { lifter } = this;
    const weeks = Math.max(0, daysBetween(lifter.begins, date) / 7);
    const fall = lifter.falls;
    const sessions =
      fall && date >= fall.from ? daysBetween(fall.from, date < fall.to ? date : fall.to) / 3.5 + 1 : 0;
    const benchKg =
      lifter.benchKg *
      Math.exp(gained(weeks, lifter.gain, this.own.stepWeeks, FADES) - sessions * (fall?.each ?? 0));
    const found = inBench(movement, rig);
    const talent = lifter.talents?.[movement.id] ?? 1;
    const own =
      movement.id === references.bench.movement
        ? 0
        : new Chance(`${lifter.seed} ${movement.id}`).normal(OWN_TALENT * (found?.spread ?? 0.2));
    return benchKg * (found?.ratio ?? familyShare(movement)) * talent * Math.exp(own);
  }

  private ownReps(movement: Movement): number {
    return (
      this.own.curve * Math.exp(new Chance(`${this.lifter.seed} ${movement.id} bends`).normal(LIFT_CURVE_SD))
    );
  }

  /** The max as a load needs it: what the usual curve reads at R repetitions of this body. */
  workingMax(
    movement: Movement,
    rig: Rig,
    date: string,
    reps: number,
    overAt: (reps: number) => number,
  ): number {
    return (
      this.hiddenMax(movement, rig, date) *
      shareByTable(reps, this.ownReps(movement)) *
      Math.exp(overAt(reps))
    );
  }

  /** Repetitions to failure with everything that moves, fresh, on a day: a test. */
  tested(movement: Movement, movesKg: number, date: string): number {
    return Math.max(
      1,
      Math.floor(repsByTable(movesKg / this.hiddenMax(movement, {}, date), this.ownReps(movement))),
    );
  }

  private isSore(m: MeasuredLine, date: string): boolean {
    const { sore } = this.lifter;
    return (
      sore !== undefined &&
      date >= sore.from &&
      date <= sore.to &&
      limitsMet(m.movement, m.rig, [{ limit: sore.limit }]).length > 0
    );
  }

  /** What is said of a movement after its last set. */
  private said(m: MeasuredLine, date: string, left: number): Pick<Lifted, 'technique' | 'felt' | 'comfort'> {
    const { mood } = this;
    const comfort = (this.isSore(m, date) ? SORE.comfort : COMFORT.mean) + mood.normal(COMFORT.sd);
    const feels = 1 + 2 * new Chance(`${this.lifter.seed} feels ${m.movement.id}`).next();
    return {
      technique: left < 0.2 ? 'slipping' : 'clean',
      felt: Math.max(0, Math.min(3, Math.round(feels + mood.normal(0.4)))),
      comfort: Math.max(0, Math.min(10, Math.round(comfort))),
    };
  }

  /**
   * Does a session on a day as it is measured for then: the first sets as planned, the others as the floor offers them
   * from what was done. Sets without a load find theirs.
   */
  lift(measured: Measured, date: string): Lifted[] {
    const { lifter, chance } = this;
    const { timeline, context } = measured;
    const lines = measured.lines.filter((m) => m.movement.prepares === undefined);
    const byId = new Map(lines.map((m) => [m.id, m]));
    const form = formOfDay(lifter.form, chance);
    const tired = new Tiredness(this.own.tiring);
    const dayOf = new Map(lines.map((m) => [m.id, chance.normal(LIFT_DAY)]));
    const lifted: Lifted[] = [];
    let endS: number | null = null;
    for (const e of timeline.events) {
      const m = e.kind === 'set' ? byId.get(e.of!) : undefined;
      if (!m) continue;
      const set = m.sets[e.index]!;
      const { target } = set;
      if (endS !== null) tired.rest((e.startS - endS) * Math.exp(chance.normal(0.1)));
      endS = e.endS;
      const bodyKg = movedShare(m.movement, m.rig) * lifter.massKg;
      const fresh =
        this.hiddenMax(m.movement, m.rig, date) *
        Math.exp(form + dayOf.get(m.id)!) *
        (this.isSore(m, date) ? SORE.form : 1);
      const next =
        lifted.length === 0
          ? undefined
          : fromHere(measured, lifted.map(asDone))
              .next.get(m.id)
              ?.find((n) => n.setIndex === e.index);
      const loadKg = next?.kg ?? set.kg ?? this.foundLoad(m, fresh, bodyKg, context.kit);
      if (loadKg === null || target.holdS !== undefined || loadKg + bodyKg <= 0) continue;
      const share = (loadKg + bodyKg) / fresh;
      const able =
        repsByTable(share / (1 - tired.lost(m.movement.id, m.credits)), this.ownReps(m.movement)) / m.pace;
      const offered = next?.reps ?? set.expectedReps;
      const hi = Math.max(target.reps.hi, offered ?? 0);
      const asked = {
        lo: target.reps.lo,
        hi,
        reserve: target.reserve,
        toFailure: target.toFailure === true,
        open: target.open === true,
      };
      const { reps, told, failed } = doneWith(able, asked, this.judging, chance);
      const repS = repSeconds(m.line.tempo) * rangeTime(m.rig);
      tired.rest(reps * repS);
      tired.work(m.movement.id, m.credits, { done: reps, able, share });
      if (m.movement.oneSided) tired.rest(reps * repS);
      const isLast = e.index === m.sets.length - 1;
      const silence = { technique: null, felt: null, comfort: null };
      lifted.push({
        lineId: m.id,
        setIndex: e.index,
        loadKg,
        reps: Math.min(100, reps),
        reserve: told,
        failed,
        ...(isLast ? this.said(m, date, able - reps) : silence),
        hidden: { able, left: able - reps },
        offered: {
          reps: offered,
          able: next ? (next.able?.reps ?? null) : set.able,
          ableSd: next ? (next.able?.sd ?? null) : set.ableSd,
        },
      });
    }
    return lifted;
  }

  /** The load a first set comes to where nothing is known: the one nearest to what the range asks for. */
  private foundLoad(
    m: MeasuredLine,
    freshKg: number,
    bodyKg: number,
    kit: Measured['context']['kit'],
  ): number | null {
    const choices = choicesOf(kit, m.movement);
    const [set] = m.sets;
    if (!choices || choices.length === 0 || !set) return null;
    const reps = (set.target.reps.lo + set.target.reserve) * m.pace;
    return nearestLoad(choices, Math.max(0, freshKg * shareByTable(reps, 1) - bodyKg)).load.kg;
  }
}

const asDone = (l: Lifted): DoneSet => ({
  lineId: l.lineId,
  setIndex: l.setIndex,
  loadKg: l.loadKg,
  reps: l.reps,
  reserve: l.reserve,
  ...(l.failed ? { ended: 'too heavy' as const } : {}),
  technique: l.technique,
});
