import type { Credits } from '../anatomy';
import type { Surprise } from './evidence';
import type { SessionSet } from './raising';
import { setModelTable } from './table';
import { tellingSd } from './telling';

/** A set somebody did, with what was asked of it. */
export interface TrainedSet {
  /** Which line of the session, and which of its sets, from 0. */
  line: string;
  index: number;
  lift: string;
  /** As the coach says it, and everything that moves; kg. */
  kg: number;
  movesKg: number;
  reps: number;
  /** Ordinary repetitions that one is worth, and how long one takes, seconds, both sides. */
  pace: number;
  repS: number;
  /** Null where nobody said. */
  told: number | null;
  failed: boolean;
  asked: { lo: number; hi: number; reserve: number; toFailure?: boolean } | null;
  /** How it looked; a set that broke form proves a most and lifts nothing. */
  technique?: 'clean' | 'slipping' | 'broke' | null;
  /** What it is evidence of: strength, or only of work that tires. */
  counts: boolean;
  credits: Credits;
  oneSided?: boolean;
  /** Loss at its start, where nothing is kept that it could be replayed from; before the client's own factor. */
  loss?: number;
}

export interface SetOnRecord {
  logKg: number;
  done: number;
  told: number | null;
  failed: boolean;
  /** Left as thought, where it was told. */
  left: number;
  sd: number;
  loss: number;
  cost: number;
  pace: number;
}

export interface SessionOnRecord {
  day: number;
  isLight: boolean;
  byLift: Map<string, SetOnRecord[]>;
}

export interface Failure {
  day: number;
  reps: number;
  log: number;
}

/** Of one line, while its session runs. */
export interface LineRun {
  lift: string;
  key: string;
  first: Surprise | null;
  isCounted: boolean;
  sets: SessionSet[];
}

/** Of a set of which nobody kept what was asked. */
export const ANY_RANGE = { lo: 0, hi: 0 };

/** The key under which a lift's sessions of one range run on. */
export const runKey = (lift: string, asked: { lo: number; hi: number }): string =>
  `${lift} ${asked.lo}-${asked.hi}`;

/** A line of which nothing is done yet. */
export const lineBegun = (set: TrainedSet): LineRun => ({
  lift: set.lift,
  key: runKey(set.lift, set.asked ?? ANY_RANGE),
  first: null,
  isCounted: false,
  sets: [],
});

/** A set as it is kept for looking back; `loss` at its start, `cost` of its repetitions on the curve. */
export function onRecord(
  { pace, failed, told, reps }: TrainedSet,
  surprise: Surprise,
  at: Pick<SetOnRecord, 'logKg' | 'loss' | 'cost'>,
): SetOnRecord {
  const left = surprise.left / pace;
  return {
    ...at,
    done: failed ? surprise.possible : reps * pace,
    told,
    failed,
    left,
    sd: (failed ? setModelTable.telling.countSd : tellingSd(left)) * pace,
    pace,
  };
}
