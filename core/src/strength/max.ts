import { movementOf } from '../movements/catalogue';
import type { BorrowedRatio, KnobFactor, Movement, ReferenceLift } from '../movements/model';
import type { Rig } from '../movements/rig';
import { fullRig, knobFactor } from '../movements/settings';
import { daysBetween } from '../units/time';
import { paceOf } from './pace';
import { massText, type MassUnit, roughMass } from '../units/mass';
import { interpolate } from '../units/numbers';
import type { LiftRecord } from './evidence';
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
  records: readonly LiftRecord[];
  todayIso: string;
  formula: FormulaChoice;
  /** What the sum behind a max is told in. */
  unit: MassUnit;
  /** Share of the plain max that chains or bands leave for the bar; the movement's own figure when left out. */
  addedShare?: number;
}

const references: Record<ReferenceLift, { movement: string; rig: Rig; name: string }> = {
  bench: { movement: 'barbell-press', rig: {}, name: 'bench press' },
  overhead: { movement: 'standing-barbell-press', rig: {}, name: 'strict press' },
  dip: { movement: 'dip', rig: {}, name: 'dip' },
};

/** Strict press ÷ bench, with one standard deviation. Common practice. */
const OVERHEAD_PER_BENCH = { ratio: 0.62, spread: 0.06 };

/** Share of bodyweight that moves, for bodyweight movements; 0 for the rest. */
export function movedShare(movement: Movement, rig: Rig): number {
  if (movement.load.kind !== 'bodyweight') return 0;
  const at = movement.load.knob ? (fullRig(movement, rig)[movement.load.knob] ?? 0) : 0;
  return interpolate(movement.load.shares, at);
}

const anchorsOf = (movement: Movement): ({ at: number } & BorrowedRatio)[] => {
  if (movement.load.kind === 'external') return movement.load.from?.anchors ?? [];
  if (movement.load.kind === 'bodyweight' && movement.load.lift)
    return [{ at: 0, lift: movement.load.lift, ratio: 1, spread: 0.02 }];
  return [];
};

/** What the settings of a rig do to a max. */
function settingFactor(movement: Movement, full: Rig, context?: StrengthContext): number {
  if (movement.load.kind !== 'external') return 1;
  const share = full.added === 'chains' || full.added === 'bands' ? context?.addedShare : undefined;
  return share === undefined
    ? knobFactor(movement.load.factors, full)
    : knobFactor(movement.load.factors, { ...full, added: 'nothing' }) * share;
}

/** How much stronger the movement is at this rig than at its first anchor; 1 where nothing is known. */
function rigFactor(movement: Movement, rig: Rig, overheadPerBench: number, context: StrengthContext): number {
  if (movement.load.kind !== 'external') return 1;
  const full = fullRig(movement, rig);
  if (!movement.load.from) return settingFactor(movement, full, context);
  const { knob, anchors } = movement.load.from;
  const at = knob ? (full[knob] ?? 0) : 0;
  const inBench = anchors.map((a) => ({
    at: a.at,
    value: a.ratio * (a.lift === 'overhead' ? overheadPerBench : 1),
  }));
  return interpolate(inBench, at) * settingFactor(movement, full, context);
}

/** What each setting with a factor of its own adds to how unsure a max is, as a fraction. Common practice: .03–.08. */
const ANOTHER_SETTING = 0.03;

/** Settings in which two rigs of a movement differ and that put a factor on its max; against plain ones when left out. */
function settingsApart(movement: Movement, a: Rig, b?: Rig): number {
  const factors = movement.load.kind === 'external' ? (movement.load.factors ?? []) : [];
  const one = (full: Rig, factor: KnobFactor): number => knobFactor([factor], full);
  const [here, there] = [fullRig(movement, a), b && fullRig(movement, b)];
  return factors.filter((f) => Math.abs(one(here, f) - (there ? one(there, f) : 1)) > 0.004).length;
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
  record: LiftRecord,
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
    if (record.movement !== movement.id) continue;
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

function ownEvidence(movement: Movement, rig: Rig, context: StrengthContext): LogEstimate | null {
  const parts: LogEstimate[] = [];
  for (const record of context.records) {
    if (record.movement !== movement.id) continue;
    const part = fromRecord(record, movement, rig, context);
    if (part) parts.push(part);
  }
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

/** The anchors of a borrowed ratio on both sides of a rig, how far between them it is, and the knobs' factor. */
function neighbours(movement: Movement, rig: Rig, context?: StrengthContext) {
  const anchors = anchorsOf(movement);
  if (anchors.length === 0) return null;
  const full = fullRig(movement, rig);
  const model = movement.load;
  const knob = model.kind === 'external' ? model.from?.knob : undefined;
  const at = knob ? (full[knob] ?? 0) : 0;
  const factor = settingFactor(movement, full, context);
  const upper = anchors.findIndex((x) => x.at >= at);
  const b = anchors[upper === -1 ? anchors.length - 1 : upper]!;
  const a = upper > 0 ? anchors[upper - 1]! : b;
  return { a, b, share: a === b ? 0 : (at - a.at) / (b.at - a.at), factor };
}

/** The ratio of a movement's max at a rig to that of the lift it borrows from; null without one. */
export function ratioAt(movement: Movement, rig: Rig): BorrowedRatio | null {
  const found = neighbours(movement, rig);
  if (!found) return null;
  const { a, b, share, factor } = found;
  if (a.lift !== b.lift) {
    const near = share < 0.5 ? a : b;
    return { lift: near.lift, ratio: near.ratio * factor, spread: near.spread };
  }
  return {
    lift: a.lift,
    ratio: (a.ratio + share * (b.ratio - a.ratio)) * factor,
    spread: a.spread + share * (b.spread - a.spread),
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
