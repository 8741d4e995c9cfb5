import type { EventKind } from '../clock';
import type { Measured, MeasuredLine } from '../measure';
import { felt, formIndex } from '../set-model';
import { Chance } from './chance';
import { doneWith } from './body';

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

/** How far reserve is misjudged, repetitions. Own estimate. */
const JUDGING = { share: 0, amount: 0, sd: 0.7 };
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

const isRehearsed = (m: MeasuredLine): boolean => m.sets.some((s) => s.able !== null);

/** One run of every set: the client as uncertain as they are known, through the same model that chose the loads. */
function run({ lines }: Measured, tallies: ReadonlyMap<string, Tally[]>, chance: Chance): void {
  const [z, tired] = [chance.normal(1), chance.normal(1)];
  for (const m of lines) {
    const of = tallies.get(m.id);
    if (!of) continue;
    const { belief, max } = m.lift;
    const form = formIndex(belief);
    const formSd = Math.sqrt(belief.state.cov[form * belief.state.n + form]!);
    const off = z * formSd + chance.normal(max.workingSd);
    m.sets.forEach((set, i) => {
      if (set.able === null) return;
      const loss = -Math.log(1 - set.loss);
      const more = felt(loss, tired * Math.sqrt(belief.tiring.variance)) - loss;
      const over = belief.curve.overAt(set.able * m.pace) + off - more;
      const able = belief.curve.repsAt(over) / m.pace;
      const { reps: range, reserve, open, toFailure } = set.target;
      const asked = {
        lo: range.lo,
        hi: Math.max(range.hi, set.expectedReps ?? 0),
        reserve,
        open: open === true,
        toFailure: toFailure === true,
      };
      const { reps } = doneWith(able, asked, JUDGING, chance);
      const tally = of[i]!;
      tally.reps.push(reps);
      if (open === true) return;
      if (reps < range.lo) tally.short += 1;
      else if (reps >= range.hi && able - reps >= reserve + EASY) tally.easy += 1;
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
