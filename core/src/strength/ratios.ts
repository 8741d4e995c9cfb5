import {
  type BorrowedRatio,
  type FamilyId,
  fullRig,
  knobFactor,
  type KnobFactor,
  type Movement,
  type ReferenceLift,
  type Rig,
} from '../movements';
import { interpolate } from '../units';

/** What the ratios between lifts need of a client: how much chains or bands leave for the bar, where it is known. */
interface Added {
  addedShare?: number;
}

/** What moves in a dip ÷ bench, with one standard deviation. Common practice. */
const DIP_PER_BENCH = { ratio: 1.08, spread: 0.1 };

export const references: Record<ReferenceLift, { movement: string; rig: Rig; name: string }> = {
  bench: { movement: 'barbell-press', rig: {}, name: 'bench press' },
  overhead: { movement: 'standing-barbell-press', rig: {}, name: 'strict press' },
  dip: { movement: 'dip', rig: {}, name: 'dip' },
};

/** Strict press ÷ bench, with one standard deviation. Common practice. */
export const OVERHEAD_PER_BENCH = { ratio: 0.62, spread: 0.06 };

/** Share of bodyweight that moves, for bodyweight movements; 0 for the rest. */
export function movedShare(movement: Movement, rig: Rig): number {
  if (movement.load.kind !== 'bodyweight') return 0;
  const at = movement.load.knob ? (fullRig(movement, rig)[movement.load.knob] ?? 0) : 0;
  return interpolate(movement.load.shares, at);
}

const anchorsOf = (movement: Movement): ({ at: number } & BorrowedRatio)[] => {
  if (movement.load.kind === 'external') return movement.load.from?.anchors ?? [];
  if (movement.load.kind === 'bodyweight' && movement.load.from) return [{ at: 0, ...movement.load.from }];
  return [];
};

/** What the settings of a rig do to a max. */
function settingFactor(movement: Movement, full: Rig, context?: Added): number {
  if (movement.load.kind === 'none') return 1;
  const share = full.added === 'chains' || full.added === 'bands' ? context?.addedShare : undefined;
  return share === undefined
    ? knobFactor(movement.load.factors, full)
    : knobFactor(movement.load.factors, { ...full, added: 'nothing' }) * share;
}

/** What each setting with a factor of its own adds to how unsure a max is, as a fraction. Common practice: .03–.08. */
export const ANOTHER_SETTING = 0.03;

/** Settings in which two rigs of a movement differ and that put a factor on its max; against plain ones when left out. */
export function settingsApart(movement: Movement, a: Rig, b?: Rig): number {
  const factors = movement.load.kind === 'none' ? [] : (movement.load.factors ?? []);
  const one = (full: Rig, factor: KnobFactor): number => knobFactor([factor], full);
  const [here, there] = [fullRig(movement, a), b && fullRig(movement, b)];
  return factors.filter((f) => Math.abs(one(here, f) - (there ? one(there, f) : 1)) > 0.004).length;
}

/** The anchors of a borrowed ratio on both sides of a rig, how far between them it is, and the knobs' factor. */
export function neighbours(movement: Movement, rig: Rig, context?: Added) {
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

/** A reference lift's max beside the bench press, with one standard deviation. */
const perBench: Record<ReferenceLift, { ratio: number; spread: number }> = {
  bench: { ratio: 1, spread: 0 },
  overhead: OVERHEAD_PER_BENCH,
  dip: DIP_PER_BENCH,
};

/**
 * A movement's max at a rig beside that of the bench press, in its own terms (each hand, stack, everything that moves),
 * with the spread of that on the logarithm; null where nothing is known to borrow.
 */
export function inBench(movement: Movement, rig: Rig): { ratio: number; spread: number } | null {
  const found = neighbours(movement, rig);
  if (!found) return null;
  const of = (anchor: BorrowedRatio): { log: number; spread: number } => {
    const reference = perBench[anchor.lift];
    return {
      log: Math.log(anchor.ratio * reference.ratio),
      spread: Math.hypot(anchor.spread / anchor.ratio, reference.spread / reference.ratio),
    };
  };
  const [a, b] = [of(found.a), of(found.b)];
  const apart = Math.sqrt(settingsApart(movement, rig)) * ANOTHER_SETTING;
  return {
    ratio: Math.exp(a.log + found.share * (b.log - a.log)) * found.factor,
    spread: Math.hypot(a.spread + found.share * (b.spread - a.spread), apart),
  };
}

/** Max as a share of the bench, as the coach says loads, for families nothing is known to borrow for. Own estimate. */
const shares: Partial<Record<FamilyId, number>> = {
  press: 0.5,
  overhead: 0.4,
  fly: 0.17,
  raise: 0.1,
  rear: 0.11,
  triceps: 0.33,
  guest: 0.3,
  corrective: 0.07,
};

/** About what a movement's max is beside the bench where nothing can be borrowed: what its family is used to. Rough. */
export const familyShare = ({ family }: Pick<Movement, 'family'>): number => shares[family] ?? 0.2;
