import { z } from 'zod';
import type { NumericKnob, Rig } from '../../movements';

export const repRangeSchema = z
  .object({ lo: z.number().int().min(1).max(100), hi: z.number().int().min(1).max(100) })
  .strict()
  .refine((r) => r.lo <= r.hi, { message: 'the lower figure comes first' });
export type RepRange = z.infer<typeof repRangeSchema>;

export const setCount = z.number().int().min(1).max(12);

/** What a bout asks for: a working set, or a stage of one. */
export interface SetTarget {
  reps: RepRange;
  /** Repetitions to leave in reserve. */
  reserve: number;
  /** The working set it belongs to, from 0; the stages of a drop share one. */
  set: number;
  /** 0 for the set itself, then its further stages or bouts. */
  stage: number;
  /** Hard sets it counts for: 1, a third for a further stage. Common practice. */
  counts: number;
  /** Its load is this share of that of an earlier bout; null: found from its own reps and reserve. */
  loadOf: { bout: number; share: number } | null;
  /** Seconds to the bout after it; null: the rest of the line. */
  restAfterS: number | null;
  /** A contraction held still instead of repetitions, seconds. */
  holdS?: number;
  /** As many as come: the lower figure is no promise. */
  open?: boolean;
  /** Done until nothing more comes, whatever the load. */
  toFailure?: boolean;
  /** It tires and counts, and says nothing of a max: a further stage or bout, a burn-out, a hold. Common practice. */
  volumeOnly?: true;
  /** Settings that change for this bout. */
  rig?: Rig;
}

export const COUNTS_FURTHER = 1 / 3;

export type Reserve = { first: number; last: number };

/** Reserve of set `i` of `n`: straight from the first to the last. */
export const reserveAt = (reserve: Reserve, i: number, n: number): number =>
  n === 1 ? reserve.last : reserve.first + ((reserve.last - reserve.first) * i) / (n - 1);

/** A set without anything special. */
export const plainSet = (reps: RepRange, reserve: number, set: number): SetTarget => ({
  reps,
  reserve,
  set,
  stage: 0,
  counts: 1,
  loadOf: null,
  restAfterS: null,
});

/** A figure or a choice of a scheme that a coach can change in a form. */
export type SchemeField<S> =
  | { key: keyof S & string; label: string; is: 'whole'; min: number; max: number; unit?: string }
  | { key: keyof S & string; label: string; is: 'reps' }
  /** A list that is written and read as text; `hint` says how. */
  | {
      key: keyof S & string;
      label: string;
      is: 'list';
      text: (scheme: S) => string;
      read: (text: string) => unknown[] | null;
      hint: string;
    }
  | {
      key: keyof S & string;
      label: string;
      is: 'choice';
      /**
       * `brings`: what else changes with the choice, where the old figures would make no sense.
       * `needs`: the setting a movement must have for it.
       */
      options: { value: string; says: string; brings?: Partial<S>; needs?: NumericKnob }[];
    };

/** One way of doing the sets of a line. A new scheme is a module like this and a line in `all.ts`. */
export interface SchemeModule<S extends { kind: string }> {
  kind: S['kind'];
  name: string;
  /** One sentence: what it is. */
  about: string;
  schema: z.ZodType<S>;
  fields: SchemeField<S>[];
  /** Begins the scheme from plain sets and reps. */
  begin: (sets: number, reps: RepRange) => S;
  /** The plain sets and reps it is nearest to. */
  plain: (scheme: S) => { sets: number; reps: RepRange };
  /** Every bout in order. */
  bouts: (scheme: S, reserve: Reserve) => SetTarget[];
  /** One load serves all first stages, as far as the reps stay in range. */
  oneLoad: boolean;
  withSets: (scheme: S, sets: number) => S;
  /** Short, and read back by `read`. */
  text: (scheme: S) => string;
  /** Reads what `text` writes and what coaches type; null when it is something else. */
  read: (text: string) => S | null;
  /** For the sheet, one sentence after the sets and reps; empty where those say it all. */
  words: (scheme: S) => string;
}

export const repsText = (r: RepRange): string => (r.lo === r.hi ? String(r.lo) : `${r.lo}–${r.hi}`);

/** What is typed, with signs that look alike made one. */
export const plainText = (text: string): string =>
  text.trim().toLowerCase().replace(/[×*]/g, 'x').replace(/[–—−]/g, '-').replace(/\s+/g, ' ');

/** "8", "8-10", "8 to 10"; null when it makes no sense. */
export function readReps(text: string): RepRange | null {
  const m = /^(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?$/.exec(text.trim());
  if (!m) return null;
  const lo = Number(m[1]);
  const hi = Number(m[2] ?? m[1]);
  return lo >= 1 && lo <= hi && hi <= 100 ? { lo, hi } : null;
}

/** Sets within what a line can have; null otherwise. */
export const readSets = (text: string | undefined): number | null => {
  const n = Number(text ?? '1');
  return Number.isInteger(n) && n >= 1 && n <= 12 ? n : null;
};

/** A piece of pattern for repetitions. */
export const REPS = '\\d{1,3}(?:\\s*(?:-|–|to)\\s*\\d{1,3})?';
