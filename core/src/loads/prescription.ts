import type { Kit, MadeLoad } from '../kit';
import type { Movement, Rig } from '../movements';
import type { Line, SetTarget } from '../session';
import type { Run, Step } from '../set-model';
import type { KnownLift, SetAsk } from './expected';

/** One working set with its load on this kit. Loads in kg as the coach says them. */
export interface LoadedSet {
  target: SetTarget;
  /** What the arithmetic asks for before the kit has its say; null when there is nothing to go by. */
  wishKg: number | null;
  kg: number | null;
  perSide?: MadeLoad['perSide'];
  oneEnd?: MadeLoad['oneEnd'];
  pinKg?: MadeLoad['pinKg'];
  /** True when the coach set it. */
  byHand: boolean;
  /** What would be loaded today, kg, where the session was handed over with another load; null where it is the same. */
  todayKg: number | null;
  /** False when this kit cannot make it; `nearestKg` then says what it can. */
  makeable: boolean;
  nearestKg: number | null;
  /** Chance that the set reaches the lowest of its range with its reserve kept; null where nothing is known. A model's estimate. */
  chance: number | null;
  /** A stage of a drop that this kit has no lighter load for. */
  noLighter: boolean;
  /** Repetitions expected at what is asked, what would then be left, and repetitions in eight of ten cases. A model's estimate. */
  expectedReps: number | null;
  expectedReserve: number | null;
  likely: { lo: number; hi: number } | null;
  /** Repetitions possible at its start, with one standard deviation; null where nothing is known. */
  able: number | null;
  ableSd: number | null;
  /** Change of the reserve that fitting to the kit made: + easier, − harder. */
  reserveShift: number;
  /** Share of the fresh max lost to the sets before. */
  loss: number;
}

export interface Prescription {
  sets: LoadedSet[];
  /** Nothing to borrow from: the first set finds the load. */
  calibrate: boolean;
  /** What the gym lacks for this movement. */
  missing: string | null;
  /** What the load is beside that of the last session; null where it is no choice of the model. */
  step: Step | null;
  /**
   * Where the best load of this kit has a first set much easier or harder than asked: what the loads beside it would
   * bring in theirs. Empty where it comes near enough.
   */
  beside: Beside[];
}

/** A load of a kit with what the first set of a line would bring at it. */
export interface Beside {
  kg: number;
  reps: number;
  left: number;
}

/** Everything the loads of a line follow from. */
export interface LoadTask {
  line: Line;
  movement: Movement;
  rig: Rig;
  lift: KnownLift;
  /** Every bout as it is asked. */
  asks: readonly SetAsk[];
  kit: Kit;
  massKg: number;
  /** What the lift's sessions of this range come to. */
  run: Run;
  /** It is a lighter week. */
  isLight: boolean;
  /** What a share of another lift comes to, everything that moves; null where the load follows from reps and reserve. */
  askedKg: number | null;
}
