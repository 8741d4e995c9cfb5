import { limitsMet } from '../choosing';
import type { PerformedSet } from '../log';
import { type LimitId, repSeconds } from '../session';
import { nearestLoad } from '../kit';
import { choicesOf } from '../loads';
import type { Measured, MeasuredLine } from '../measure';
import type { Movement, Rig } from '../movements';
import { familyShare, maxOf, maxOverLoad, MOST_REPS, movedShare } from '../strength';
import { daysBetween } from '../units';
import { Chance } from './chance';
import { doneSet } from './one-set';

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
}

/** One set as it went. */
export interface Lifted extends Pick<PerformedSet, 'technique' | 'felt' | 'comfort'> {
  lineId: string;
  setIndex: number;
  loadKg: number;
  reps: number;
  reserve: number;
  tired: number;
  repS: number;
}

/** How much single lifts differ from what the bench says of them; how a gain fades, weeks. Own estimates. */
const OWN_TALENT = 0.05;
const FADES = 30;
/** What a hard set takes off the form of the next days, and in how many days that is gone to a third. Own estimates. */
const TOLL = 0.0008;
const GONE_DAYS = 2.5;

/** What a joint that complains takes off, and what it leaves of ten points of comfort. Own estimates. */
const SORE = { form: 0.95, comfort: 3 };
/** Comfort on a good day, and how it varies. */
const COMFORT = { mean: 8, sd: 0.8 };

/** What moves in a dip, beside the bench. Own estimate. */
const DIP_PER_BENCH = 1.15;
/** A set this far from its reserve, or from its range, has the next one a step heavier or lighter. Common practice. */
const TOO_EASY = 3;

/** A life under the bar: each day is lifted in turn, and every set leaves something behind for the next. */
export class Life {
  private readonly chance: Chance;
  /** Of what is said of a set: figures stay what they are whether anybody says something or not. */
  private readonly mood: Chance;
  private toll = 0;
  private last: string;

  constructor(private readonly lifter: Lifter) {
    this.chance = new Chance(lifter.seed);
    this.mood = new Chance(`${lifter.seed} said`);
    this.last = lifter.begins;
  }

  /** What really is there on a day when fresh, everything that moves, kg: the figure a max is an estimate of. */
  hiddenMax(movement: Movement, rig: Rig, date: string): number {
    const { lifter } = this;
    const weeks = Math.max(0, daysBetween(lifter.begins, date) / 7);
    const benchKg = lifter.benchKg * Math.exp(lifter.gain * FADES * (1 - Math.exp(-weeks / FADES)));
    const one = { rig: {}, date, reps: 1, reserve: 0, kind: 'test' as const };
    const records = [
      { ...one, movement: 'barbell-press', loadKg: benchKg },
      { ...one, movement: 'dip', loadKg: Math.max(0, DIP_PER_BENCH * benchKg - lifter.massKg) },
    ];
    const max = maxOf(movement, rig, {
      massKg: lifter.massKg,
      records,
      todayIso: date,
      formula: 'median',
      unit: 'kg',
    });
    const talent = lifter.talents?.[movement.id] ?? 1;
    const own =
      movement.id === 'barbell-press'
        ? 1
        : Math.exp(new Chance(`${lifter.seed} ${movement.id}`).normal(OWN_TALENT));
    return talent * own * (max.basis === 'calibrate' ? familyShare(movement) * benchKg : max.kg);
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
      technique: left < -0.5 ? 'broke' : left < 0.3 ? 'slipping' : 'clean',
      felt: Math.max(0, Math.min(3, Math.round(feels + mood.normal(0.4)))),
      comfort: Math.max(0, Math.min(10, Math.round(comfort))),
    };
  }

  /** Does a session on a day as it is measured for then; sets without a load find theirs. Days go forward only. */
  lift({ lines, context }: Measured, date: string): Lifted[] {
    const { lifter, chance } = this;
    this.toll *= Math.exp(-Math.max(0, daysBetween(this.last, date)) / GONE_DAYS);
    this.last = date;
    const form = Math.exp(chance.normal(lifter.form)) * (1 - Math.min(0.05, this.toll));
    const lifted: Lifted[] = [];
    for (const m of lines) {
      if (m.movement.prepares !== undefined) continue;
      const hidden = this.hiddenMax(m.movement, m.rig, date) * form * (this.isSore(m, date) ? SORE.form : 1);
      const bodyKg = movedShare(m.movement, m.rig) * lifter.massKg;
      const found = foundLoad(m, hidden, bodyKg, context.kit);
      let steps = 0;
      m.sets.forEach((set, setIndex) => {
        const loadKg = stepped(m, set.kg ?? found, set.target.loadOf ? 0 : steps, context.kit);
        if (loadKg === null || set.target.holdS !== undefined || loadKg + bodyKg <= 0) return;
        const { target } = set;
        const { able, reps, told } = doneSet(
          target,
          { maxKg: hidden * (1 - set.loss), movesKg: loadKg + bodyKg, pace: m.pace },
          chance,
          lifter.judging,
        );
        lifted.push({
          lineId: m.id,
          setIndex,
          loadKg,
          reps,
          reserve: Math.max(0, Math.min(10, told)),
          tired: Number(Math.min(0.6, set.loss).toFixed(3)),
          repS: repSeconds(m.line.tempo),
          ...(setIndex === m.sets.length - 1
            ? this.said(m, date, able - reps)
            : { technique: null, felt: null, comfort: null }),
        });
        if (told - target.reserve >= TOO_EASY && reps >= target.reps.hi) steps += 1;
        else if (reps < target.reps.lo - 1) steps -= 1;
        this.toll += TOLL;
      });
    }
    return lifted;
  }
}

/** A load so many steps of the kit heavier or lighter. */
function stepped(
  m: MeasuredLine,
  kg: number | null,
  steps: number,
  kit: Measured['context']['kit'],
): number | null {
  const choices = choicesOf(kit, m.movement);
  if (kg === null || steps === 0 || !choices || choices.length === 0) return kg;
  const { index } = nearestLoad(choices, kg);
  return choices[Math.max(0, Math.min(choices.length - 1, index + steps))]!.kg;
}

/** The load a first set comes to where nothing is known: the one nearest to what the range asks for. */
function foundLoad(
  m: MeasuredLine,
  hiddenKg: number,
  bodyKg: number,
  kit: Measured['context']['kit'],
): number | null {
  const choices = choicesOf(kit, m.movement);
  const [set] = m.sets;
  if (!choices || choices.length === 0 || !set) return null;
  const reps = Math.min(MOST_REPS, (set.target.reps.lo + set.target.reserve) * m.pace);
  const wish = hiddenKg / maxOverLoad(reps, 'median') - bodyKg;
  return nearestLoad(choices, Math.max(0, wish)).load.kg;
}
