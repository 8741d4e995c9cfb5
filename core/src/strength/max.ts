import { type BorrowedRatio, type Movement, movementOf, type ReferenceLift, type Rig } from '../movements';
import { daysBetween, massText, type MassUnit, roughMass } from '../units';
import { paceOf } from './pace';
import {
  ANOTHER_SETTING,
  movedShare,
  neighbours,
  OVERHEAD_PER_BENCH,
  references,
  rigFactor,
  settingsApart,
} from './ratios';
import { A_LOT, type MaxRecord } from './evidence';
import type { Reading } from './level-slope';
import { estimateError, estimatedMax, isRough, MOST_REPS, type FormulaChoice } from './formulas';

/** Half-life of a record's weight. Common practice. */
const HALF_LIFE_DAYS = 28;

export type MaxBasis = 'tested' | 'from sets' | 'borrowed' | 'calibrate';

/** One term of the sum behind a max: what it says, how sure, in words. */
export interface MaxTerm {
  says: string;
  kg: number;
  /** One standard deviation as a fraction. */
  spread: number;
}

/** Today's max in the movement's own terms: total, each hand, or everything that moves. */
export type MaxEstimate =
  | { basis: 'calibrate' }
  | { basis: Exclude<MaxBasis, 'calibrate'>; kg: number; spread: number; terms: MaxTerm[] };

export interface StrengthContext {
  massKg: number;
  records: readonly MaxRecord[];
  todayIso: string;
  formula: FormulaChoice;
  /** What the sum behind a max is told in. */
  unit: MassUnit;
  /** Share of the plain max that chains or bands leave for the bar; the movement's own figure when left out. */
  addedShare?: number;
}

/** Sets of one lift share their errors: however many there are, a max is not known within 2 %. */
const SHARED_ERROR = 0.02;

interface LogEstimate {
  mean: number;
  variance: number;
  terms: MaxTerm[];
  tested: boolean;
  own: boolean;
}

function fuse(parts: LogEstimate[]): LogEstimate | null {
  if (parts.length === 0) return null;
  let precision = 0;
  let weighted = 0;
  for (const p of parts) {
    precision += 1 / p.variance;
    weighted += p.mean / p.variance;
  }
  return {
    mean: weighted / precision,
    variance: 1 / precision,
    terms: parts.flatMap((p) => p.terms),
    tested: parts.some((p) => p.tested),
    own: parts.some((p) => p.own),
  };
}

function fromRecord(
  record: MaxRecord,
  movement: Movement,
  rig: Rig,
  context: StrengthContext,
): LogEstimate | null {
  const pace = paceOf(record.repS ?? 0);
  const reps = (record.reps + record.reserve) * pace;
  if (reps > MOST_REPS) return null;
  const moved = record.loadKg + movedShare(movement, record.rig) * context.massKg;
  if (moved <= 0) return null;
  const scale =
    rigFactor(movement, rig, OVERHEAD_PER_BENCH.ratio, context) /
    rigFactor(movement, record.rig, OVERHEAD_PER_BENCH.ratio, context);
  // What a tired set shows is what was left of the fresh max.
  const fresh = 1 / (1 - (record.tired ?? 0));
  const kg = estimatedMax(moved, record.reps * pace, record.reserve * pace, context.formula) * scale * fresh;
  const age = Math.max(0, daysBetween(record.date, context.todayIso));
  const reading = estimateError(reps) ** 2;
  // People judge what is left best within about three of failure.
  const judging = (0.012 * record.reserve) ** 2;
  const apart = settingsApart(movement, rig, record.rig);
  const conversion =
    (0.5 * Math.log(scale)) ** 2 + (0.3 * Math.log(fresh)) ** 2 + apart * ANOTHER_SETTING ** 2;
  const variance = (reading + judging + conversion) * 2 ** (age / HALF_LIFE_DAYS);
  const spread = Math.sqrt(variance);
  const days = age === 0 ? 'today' : `${age} ${age === 1 ? 'day' : 'days'} ago`;
  const left = record.reserve > 0 ? `, ${record.reserve} left` : '';
  const turned = Math.abs(scale - 1) > 0.004 ? `, × ${scale.toFixed(2)} for the change of set-up` : '';
  return {
    mean: Math.log(kg),
    variance,
    tested: record.kind === 'test' && Math.abs(Math.log(scale)) < 0.05,
    own: Math.abs(Math.log(scale)) < 0.05,
    terms: [
      {
        says: `${record.kind === 'test' ? 'test' : 'set'} ${days}: ${massText(record.loadKg, context.unit)} × ${record.reps}${left}${pace > 1 ? `, ${record.repS} s a rep` : ''}${(record.tired ?? 0) >= 0.02 ? `, ${Math.round(record.tired! * 100)} % tired` : ''}${turned}${isRough(reps) ? ', rough' : ''}`,
        kg,
        spread,
      },
    ],
  };
}

/** What every record of a movement says of its max at a rig, on its own day; in the order of the days, one a day. */
export function dayReadings(movement: Movement, rig: Rig, context: StrengthContext): Reading[] {
  const byDay = new Map<string, LogEstimate[]>();
  for (const record of context.records) {
    if (record.movement !== movement.id || isLoose(record)) continue;
    const part = fromRecord(record, movement, rig, { ...context, todayIso: record.date });
    if (part) byDay.set(record.date, [...(byDay.get(record.date) ?? []), part]);
  }
  return [...byDay]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([date, parts]) => {
      const { mean, variance } = fuse(parts)!;
      return { date, mean, variance: Math.max(variance, SHARED_ERROR ** 2) };
    });
}

/** Nobody said what was left: what was done could be done, and perhaps so many more. Own estimate. */
const UNSAID = { reserve: 0, spreadReps: 1.5 };

/** A set that shows a least and no figure. */
const isLoose = (r: MaxRecord): boolean => r.unsaid === true || r.reserve >= A_LOT;

/**
 * Sets of which nobody said what was left, or no more than that it was a lot, so far as they show more than everything
 * that was told: they prove no plan, and never bring a max down.
 */
function shownBeyond(
  told: LogEstimate | null,
  loose: readonly MaxRecord[],
  fromOne: (record: MaxRecord) => LogEstimate | null,
): LogEstimate[] {
  return loose.flatMap((record) => {
    const reserve = record.unsaid ? UNSAID.reserve : record.reserve;
    const part = fromOne({ ...record, reserve });
    if (!part || (told && part.mean <= told.mean)) return [];
    const more = fromOne({ ...record, reserve: reserve + UNSAID.spreadReps });
    return [{ ...part, variance: part.variance + (more ? more.mean - part.mean : 0.05) ** 2, tested: false }];
  });
}

function ownEvidence(movement: Movement, rig: Rig, context: StrengthContext): LogEstimate | null {
  const mine = context.records.filter((r) => r.movement === movement.id);
  const fromOne = (record: MaxRecord): LogEstimate | null => fromRecord(record, movement, rig, context);
  const parts = mine.flatMap((r) => (isLoose(r) ? [] : (fromOne(r) ?? [])));
  const loose = mine.filter(isLoose);
  if (loose.length > 0) parts.push(...shownBeyond(fuse(parts), loose, fromOne));
  if (parts.length === 0) return null;
  parts.sort((a, b) => a.variance - b.variance);
  const fused = fuse(parts)!;
  return { ...fused, variance: Math.max(fused.variance, SHARED_ERROR ** 2), terms: fused.terms.slice(0, 5) };
}

/** A reference lift's max from its own sets, or through the other reference lift. */
function referenceMax(lift: ReferenceLift, context: StrengthContext): LogEstimate | null {
  const { movement, rig } = references[lift];
  const own = ownEvidence(movementOf(movement), rig, context);
  const { ratio, spread } = OVERHEAD_PER_BENCH;
  const other = lift === 'bench' ? 'overhead' : lift === 'overhead' ? 'bench' : null;
  if (!other) return own;
  const source = ownEvidence(movementOf(references[other].movement), references[other].rig, context);
  if (!source) return own;
  const factor = lift === 'overhead' ? ratio : 1 / ratio;
  const borrowed = borrow(source, factor, spread / ratio, references[other].name, context.unit);
  return own ? fuse([own, borrowed]) : borrowed;
}

function borrow(
  source: LogEstimate,
  ratio: number,
  relativeSpread: number,
  name: string,
  unit: MassUnit,
): LogEstimate {
  const mean = source.mean + Math.log(ratio);
  const variance = source.variance + relativeSpread ** 2;
  return {
    mean,
    variance,
    tested: false,
    own: false,
    terms: [
      {
        says: `${roughMass(Math.exp(source.mean), unit)} ${name} × ${Number(ratio.toFixed(2))}`,
        kg: Math.exp(mean),
        spread: Math.sqrt(variance),
      },
    ],
  };
}

/** The guess from related lifts; between anchors both neighbours' guesses are blended. */
function borrowedMax(movement: Movement, rig: Rig, context: StrengthContext): LogEstimate | null {
  const found = neighbours(movement, rig, context);
  if (!found) return null;
  const { a, b, share, factor } = found;
  const apart = settingsApart(movement, rig);
  // A reference lift's own records are already evidence; borrowing from itself would count them twice.
  if (
    a.lift === b.lift &&
    references[a.lift].movement === movement.id &&
    context.records.some((r) => r.movement === movement.id)
  )
    return null;
  const guess = (anchor: BorrowedRatio): LogEstimate | null => {
    const source = referenceMax(anchor.lift, context);
    return (
      source &&
      borrow(
        source,
        anchor.ratio * factor,
        Math.hypot(anchor.spread / anchor.ratio, Math.sqrt(apart) * ANOTHER_SETTING),
        references[anchor.lift].name,
        context.unit,
      )
    );
  };
  if (a.lift === b.lift) {
    const blended = {
      lift: a.lift,
      ratio: a.ratio + share * (b.ratio - a.ratio),
      spread: a.spread + share * (b.spread - a.spread),
    };
    return guess(blended);
  }
  const low = guess(a);
  const high = guess(b);
  if (!low || !high) return null;
  return {
    mean: low.mean * (1 - share) + high.mean * share,
    variance: low.variance * (1 - share) + high.variance * share,
    tested: false,
    own: false,
    terms: share === 0 ? low.terms : share === 1 ? high.terms : [...low.terms, ...high.terms],
  };
}

/**
 * What the client can lift once today in this movement at this rig, with its spread. Own records
 * (weighted by age, reps and nearness to failure) update the guess borrowed from related lifts:
 * a normal prior and normal evidence on the logarithm of the max.
 */
export function maxOf(movement: Movement, rig: Rig, context: StrengthContext): MaxEstimate {
  const own = ownEvidence(movement, rig, context);
  const borrowed = borrowedMax(movement, rig, context);
  const fused = fuse([own, borrowed].filter((p): p is LogEstimate => p !== null));
  if (!fused) return { basis: 'calibrate' };
  return {
    basis: fused.tested ? 'tested' : fused.own ? 'from sets' : 'borrowed',
    kg: Math.exp(fused.mean),
    spread: Math.sqrt(fused.variance),
    terms: fused.terms,
  };
}
