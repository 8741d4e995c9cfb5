import { type Credits, regionIds } from '../anatomy';
import { clamp, interpolate } from '../units';
import type { CreditAdjustment, KnobFactor, Movement, SettingCurve, AtHome, Variant } from './model';
import { choiceKnobs, numericKnobs, type NumericKnob, type Rig } from './rig';

function fill(movement: Movement, rig: Rig): Rig {
  const full: Record<string, unknown> = {};
  for (const knob of numericKnobs) {
    const spec = movement.knobs[knob];
    if (spec) full[knob] = clamp(rig[knob] ?? spec.byDefault, spec.min, spec.max);
  }
  for (const knob of choiceKnobs) {
    const spec = movement.knobs[knob];
    if (spec) {
      const wish = rig[knob];
      full[knob] = wish !== undefined && spec.options.includes(wish) ? wish : spec.byDefault;
    }
  }
  return full as Rig;
}

/** Rigs are never changed in place, so the full one of each is made once and what hangs on it is kept. */
const filled = new WeakMap<Rig, { movement: Movement; full: Rig }>();

/** The movement's defaults with `rig` laid over them; knobs the movement lacks are dropped. */
export function fullRig(movement: Movement, rig: Rig): Rig {
  const known = filled.get(rig);
  if (known?.movement === movement) return known.full;
  const full = fill(movement, rig);
  filled.set(rig, { movement, full });
  filled.set(full, { movement, full });
  return full;
}

function covers(variant: Variant, rig: Rig): boolean {
  for (const [knob, want] of Object.entries(variant.when ?? {})) {
    const value = rig[knob as keyof Rig];
    if (Array.isArray(want)) {
      if (typeof value !== 'number' || value < want[0]! || value > want[1]!) return false;
    } else if (value !== want) return false;
  }
  return true;
}

/** The variant a set-up belongs to. Turning a knob moves a line from one name to the next. */
export function variantOf(movement: Movement, rig: Rig): Variant {
  const full = fullRig(movement, rig);
  return movement.variants.find((v) => covers(v, full)) ?? movement.variants[movement.variants.length - 1]!;
}

export const movementName = (movement: Movement, rig: Rig): string => variantOf(movement, rig).name;

/** Where a movement is at home at a rig: as the movement has it, or its variant. */
export const atHome = (movement: Movement, rig: Rig): AtHome => ({
  homeReps: movement.homeReps,
  hardWhere: movement.hardWhere,
  ...variantOf(movement, rig).home,
});

function creditAt(points: { at: number; credits: Credits }[], at: number, region: keyof Credits): number {
  return interpolate(
    points.map((p) => ({ at: p.at, value: p.credits[region] ?? 0 })),
    at,
  );
}

function settingAt(curve: SettingCurve, full: Rig, byDefault: number): number {
  const anchored = curve.filter((piece) => 'anchors' in piece);
  let value = anchored.length > 0 ? 0 : byDefault;
  for (const piece of curve) {
    const at = full[piece.knob];
    if ('anchors' in piece) value += typeof at === 'number' ? interpolate(piece.anchors, at) : 0;
    else if (at === piece.is) value += piece.value;
  }
  return value;
}

/** Where the credits of a movement were given for a knob, at its other settings; undefined where it has no such knob. */
function meantSetting(movement: Movement, full: Rig, knob: NumericKnob): number | undefined {
  const spec = movement.knobs[knob];
  if (!spec) return undefined;
  const curve = movement.credits.meantFor?.[knob];
  return clamp(curve ? settingAt(curve, full, spec.byDefault) : spec.byDefault, spec.min, spec.max);
}

/**
 * A rig with one knob where the credits were given for it; null where it stands there, where the table
 * follows it, or where there is no such knob.
 */
export function meantAt(movement: Movement, full: Rig, knob: NumericKnob | 'range'): Rig | null {
  const { knob: followed, adjust = [] } = movement.credits;
  const follows = (a: CreditAdjustment): boolean =>
    a.knob === knob && ('anchors' in a ? !a.offMeant : full[a.knob] === a.is);
  if (followed === knob || adjust.some(follows)) return null;
  if (knob === 'range') {
    const usual = movement.knobs.range?.byDefault as Rig['range'];
    return usual && full.range !== usual ? { ...full, range: usual } : null;
  }
  const meant = meantSetting(movement, full, knob);
  return meant === undefined || Math.abs(meant - full[knob]!) < 1e-9 ? null : { ...full, [knob]: meant };
}

/** Credits of a movement at a rig before the mechanics and before rounding, 0 to 1. */
export function anchoredCredits(movement: Movement, full: Rig): Credits {
  const model = movement.credits;
  const credits: Credits = {};
  for (const region of regionIds) {
    let credit = creditAt(model.anchors, model.knob ? (full[model.knob] ?? 0) : 0, region);
    for (const change of model.adjust ?? []) {
      const holds = change.over ? interpolate(change.over.anchors, full[change.over.knob] ?? 0) : 1;
      if ('anchors' in change) {
        const value = full[change.knob];
        if (value === undefined) continue;
        const from = change.offMeant ? (meantSetting(movement, full, change.knob) ?? value) : 0;
        credit +=
          holds *
          creditAt(
            change.anchors.map((a) => ({ at: a.at, credits: a.add })),
            value - from,
            region,
          );
      } else if (full[change.knob] === change.is) credit += holds * (change.add[region] ?? 0);
    }
    credit = clamp(credit, 0, 1);
    if (credit > 0) credits[region] = credit;
  }
  return credits;
}

/** The product of the factors that the knobs put on a borrowed ratio. */
export function knobFactor(factors: readonly KnobFactor[] | undefined, full: Rig): number {
  let product = 1;
  for (const f of factors ?? []) {
    const value = full[f.knob];
    if ('anchors' in f) {
      if (typeof value === 'number') product *= interpolate(f.anchors, value);
    } else if (value === f.is) product *= f.factor;
  }
  return product;
}

/** What stands behind a load: " each" in each hand, " a side" on each pulley; nothing where it is all of it. */
export const perHandWords = ({ load, oneSided, implement }: Movement): '' | ' each' | ' a side' =>
  oneSided || load.kind !== 'external' || !load.perHand ? '' : implement === 'cable' ? ' a side' : ' each';
