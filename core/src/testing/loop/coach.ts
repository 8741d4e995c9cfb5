import type { Credits } from '../../anatomy';
import {
  type AskedSet,
  chooseOne,
  inHand,
  isOff,
  type Lift,
  lighterLoad,
  lighterSets,
  maxBelief,
  nextLoad,
  runKey,
  type Standing,
  Training,
} from '../../set-model';

/** A lift of a bench that knows nothing of the catalogue. */
export interface BenchLift {
  /** Max beside the bench press, in the lift's own terms, and its spread on the logarithm. */
  ratio: number;
  sd: number;
  family: string;
  /** Which of the kit's lists of loads it takes. */
  kind: string;
  /** Share of the body that moves. */
  body: number;
  /** Seconds of a repetition. */
  s: number;
  oneSided?: boolean;
  credits: Credits;
}

/** Lift, sets, lowest, highest, reserve of the first and the last set, rest in seconds. */
export type BenchLine = readonly [string, number, number, number, number, number, number];

const ages = { novice: 'under 1 year', some: '1 to 3 years', long: 'over 3 years' } as const;

export interface BenchSetup {
  age: keyof typeof ages;
  massKg: number;
  lifts: Readonly<Record<string, BenchLift>>;
  /** Loads by kind, ascending. */
  kit: Readonly<Record<string, readonly number[]>>;
  sessions: readonly (readonly BenchLine[])[];
}

/** What is planned for a set: load, repetitions, what is left, what is possible, and whether it has to be said that nothing here comes near. */
export interface BenchLoad {
  kg: number;
  reps: number;
  left: number;
  able: number;
  ableSd: number;
  said: boolean;
}

interface Running {
  sets: AskedSet[];
  kg: number;
  said: boolean;
}

/**
 * The model of a set behind a plain door: a coach who is told what is done, session by session, and says the next load.
 * For simulated clients that know nothing of the product, and for scripted sets.
 */
export function coach({ age, massKg, lifts, kit, sessions }: BenchSetup) {
  const list = Object.entries(lifts).map(([id, l]): Lift => ({
    id,
    ratio: l.ratio,
    spread: l.sd,
    family: l.family,
    movement: id,
  }));
  const training = new Training({ massKg, trainingAge: ages[age] }, list);
  let lines: readonly BenchLine[] = [];
  let isLight = false;
  let running: Running[] = [];
  const bodyKg = (id: string): number => lifts[id]!.body * massKg;

  const askedOf = ([id, count, lo, hi, first, last, restS]: BenchLine): AskedSet[] => {
    const n = isLight ? lighterSets(count) : count;
    const lift = lifts[id]!;
    return Array.from({ length: n }, (_, i) => ({
      lo,
      hi,
      reserve: (n === 1 ? first : first + ((last - first) * i) / (n - 1)) + (isLight ? 2 : 0),
      pace: 1,
      repS: lift.s * (lift.oneSided ? 2 : 1),
      restS,
      oneSided: lift.oneSided === true,
      credits: lift.credits,
    }));
  };

  return {
    test(day: number, { lift, kg, reps }: { lift: string; kg: number; reps: number }): void {
      training.test(day, { lift, movesKg: kg + bodyKg(lift), reps });
    },
    begin(day: number, { session, light }: { session: number; light: boolean }): void {
      lines = sessions[session]!;
      isLight = light;
      training.open(day, { isLight: light });
      running = lines.map((line) => ({ sets: askedOf(line), kg: 0, said: false }));
    },
    sets: (line: number): readonly AskedSet[] => running[line]!.sets,
    load(line: number, set: number): BenchLoad {
      const [id, , lo, hi] = lines[line]!;
      const of = running[line]!;
      const asked = {
        lift: training.index(id),
        sets: of.sets.slice(set),
        stores: training.stores,
        bodyKg: bodyKg(id),
        done: set,
      };
      const kgs = kit[lifts[id]!.kind]!;
      const run = training.run(runKey(id, { lo, hi }));
      const next = isLight ? lighterLoad : nextLoad;
      const found =
        set > 0
          ? chooseOne(training.belief, asked, kgs, inHand(of.kg))
          : next(training.belief, asked, kgs, run);
      const first = found!.sets[0]!;
      of.kg = found!.kg;
      if (set === 0) of.said = isOff(first, of.sets[0]!.reserve);
      const { reps, left, able, ableSd } = first;
      return { kg: of.kg, reps, left, able, ableSd, said: of.said };
    },
    done(
      line: number,
      set: number,
      d: { kg: number; reps: number; told: number | null; failed: boolean; asked?: boolean },
    ): void {
      const [id, , lo, hi] = lines[line]!;
      const asked = running[line]!.sets[set]!;
      training.set({
        line: String(line),
        index: set,
        lift: id,
        kg: d.kg,
        movesKg: d.kg + bodyKg(id),
        reps: d.reps,
        pace: 1,
        repS: asked.repS,
        told: d.told,
        failed: d.failed,
        asked: { lo, hi, reserve: asked.reserve, ...(d.asked ? { toFailure: true } : {}) },
        counts: true,
        credits: asked.credits,
        oneSided: asked.oneSided === true,
      });
    },
    rest: (seconds: number): void => training.rest(seconds),
    end: (): void => training.close(),
    max(id: string): { log: number; sd: number; work: number; workSd: number } {
      const { log, sd, workingSd } = maxBelief(training.belief, training.index(id));
      return { log, sd, work: log, workSd: workingSd };
    },
    standing: (id: string, day: number): Standing => training.standing(id, day).standing,
    alarm: (): boolean => training.alarm,
  };
}
