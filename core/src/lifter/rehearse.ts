import type { EventKind } from '../clock';
import type { Measured, MeasuredLine } from '../measure';
import { movedShare } from '../strength';
import { Chance } from './chance';
import { doneSet } from './one-set';

/** How one set went over all runs, as shares of them. */
export interface RehearsedSet {
  setIndex: number;
  /** Fewer repetitions than asked. */
  short: number;
  inRange: number;
  /** All that was asked, with much more left than meant. */
  easy: number;
  /** The middle of the repetitions done. */
  reps: number;
}

export interface RehearsedLine {
  id: string;
  name: string;
  /** Null where no load is known before the day: nothing to rehearse. */
  sets: RehearsedSet[] | null;
}

/** A session run through many times by somebody as uncertain as the client's figures are. A model's estimate. */
export interface Rehearsal {
  runs: number;
  lines: RehearsedLine[];
  /** Minutes in one of ten, half, and nine of ten runs. */
  minutes: { low: number; middle: number; high: number };
  /** Share of the runs that take longer than there is. */
  over: number;
}

/** How a day differs for all lifts together, and how far reserve is misjudged, repetitions. Own estimates. */
const FORM = 0.03;
const JUDGING = 0.7;
/** So much more left than meant is too easy, repetitions. */
const EASY = 2;
/** How times vary from one day to another, as standard deviations on the logarithm. Own estimates. */
const VARIES: Partial<Record<EventKind, number>> = { rest: 0.15, set: 0.08 };
const OTHERWISE = 0.25;
/** A slow day is slow in all of it. */
const SLOW = 0.05;
/** Runs between two looks at whether somebody wants to stop. */
const SLICE = 25;

interface Tally {
  short: number;
  easy: number;
  reps: number[];
}

const middle = (sorted: readonly number[], at = 0.5): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(at * sorted.length))] ?? 0;

const isRehearsed = (m: MeasuredLine): boolean =>
  m.max.basis !== 'calibrate' && m.sets.some((s) => s.kg !== null && s.target.holdS === undefined);

/** One run of every set; what was done over what was expected, for the clock. */
function run({ lines, context }: Measured, tallies: ReadonlyMap<string, Tally[]>, chance: Chance): void {
  const form = Math.exp(chance.normal(FORM));
  for (const m of lines) {
    const of = tallies.get(m.id);
    if (!of || m.max.basis === 'calibrate') continue;
    const maxKg = m.max.kg * form * Math.exp(chance.normal(m.max.spread));
    const bodyKg = movedShare(m.movement, m.rig) * context.client.massKg;
    m.sets.forEach((set, i) => {
      if (set.kg === null || set.target.holdS !== undefined || set.kg + bodyKg <= 0) return;
      const { able, reps } = doneSet(
        set.target,
        { maxKg: maxKg * (1 - set.loss), movesKg: set.kg + bodyKg, pace: m.pace },
        chance,
        JUDGING,
      );
      const tally = of[i]!;
      tally.reps.push(reps);
      if (set.target.open === true) return;
      if (reps < set.target.reps.lo) tally.short += 1;
      else if (reps >= set.target.reps.hi && able - reps >= set.target.reserve + EASY) tally.easy += 1;
    });
  }
}

/** Minutes of one run: every event a little longer or shorter than planned. */
function minutesOf({ timeline }: Measured, chance: Chance): number {
  const slow = Math.exp(chance.normal(SLOW));
  const seconds = timeline.events.reduce(
    (sum, e) => sum + (e.endS - e.startS) * Math.exp(chance.normal(VARIES[e.kind] ?? OTHERWISE)),
    0,
  );
  return (slow * seconds) / 60;
}

/**
 * Runs a session so many times: the max of each lift is drawn from its estimate, the day from its usual form, reserve
 * is misjudged as people do, and times vary. The same seed gives the same answer. Tells how many runs are through and
 * stops between them, so that a screen can be drawn and somebody can stop it.
 */
export function* rehearsing(measured: Measured, runs: number, seed: string): Generator<number, Rehearsal> {
  const chance = new Chance(seed);
  const clock = new Chance(`${seed} clock`);
  const tallies = new Map(
    measured.lines
      .filter(isRehearsed)
      .map((m) => [m.id, m.sets.map((): Tally => ({ short: 0, easy: 0, reps: [] }))]),
  );
  const minutes: number[] = [];
  for (let n = 1; n <= runs; n += 1) {
    run(measured, tallies, chance);
    minutes.push(minutesOf(measured, clock));
    if (n % SLICE === 0) yield n;
  }
  minutes.sort((a, b) => a - b);
  return {
    runs,
    lines: measured.lines.map((m): RehearsedLine => {
      const of = tallies.get(m.id);
      return {
        id: m.id,
        name: m.name,
        sets:
          of?.flatMap(({ short, easy, reps }, setIndex): RehearsedSet[] =>
            reps.length === 0
              ? []
              : [
                  {
                    setIndex,
                    short: short / runs,
                    easy: easy / runs,
                    inRange: (runs - short - easy) / runs,
                    reps: middle([...reps].sort((a, b) => a - b)),
                  },
                ],
          ) ?? null,
      };
    }),
    minutes: { low: middle(minutes, 0.1), middle: middle(minutes), high: middle(minutes, 0.9) },
    over: minutes.filter((m) => m > measured.session.minutes).length / runs,
  };
}
