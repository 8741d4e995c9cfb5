import { regionIds, type Credits } from '../anatomy/regions';
import { clamp, interpolate } from '../units/numbers';
import type { CreditModel, KnobFactor, Movement, SettingCurve, Teaching, Variant } from './model';
import { choiceKnobs, numericKnobs, type Rig } from './rig';

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

/** What is taught about a movement at a rig: the movement's, with what its variant says otherwise. */
export const teachingOf = (movement: Movement, rig: Rig): Teaching => ({
  ...movement,
  ...variantOf(movement, rig).teaching,
});

function creditAt(points: { at: number; credits: Credits }[], at: number, region: keyof Credits): number {
  return interpolate(
    points.map((p) => ({ at: p.at, value: p.credits[region] ?? 0 })),
    at,
  );
}

/** Credits of a model at a rig before the mechanics and before rounding, 0 to 1. */
export function anchoredCredits(model: CreditModel, full: Rig): Credits {
  const credits: Credits = {};
  for (const region of regionIds) {
    let credit = creditAt(model.anchors, model.knob ? (full[model.knob] ?? 0) : 0, region);
    for (const change of model.adjust ?? []) {
      if ('anchors' in change) {
        const value = full[change.knob];
        if (value !== undefined)
          credit += creditAt(
            change.anchors.map((a) => ({ at: a.at, credits: a.add })),
            value,
            region,
          );
      } else if (full[change.knob] === change.is) credit += change.add[region] ?? 0;
    }
    credit = clamp(credit, 0, 1);
    if (credit > 0) credits[region] = credit;
  }
  return credits;
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

/**
 * The rig a movement's credits are meant for, nearest to `rig`: settings the credits follow stay as
 * they are, the others go to where the credits were given. Null when nothing differs.
 */
export function meantRig(movement: Movement, rig: Rig): Rig | null {
  const full = fullRig(movement, rig);
  const { knob, adjust = [], meantFor = {} } = movement.credits;
  const followed = new Set<string>([...(knob ? [knob] : []), ...adjust.map((a) => a.knob)]);
  const meant: Rig = { ...full };
  let differs = false;
  for (const k of numericKnobs) {
    const spec = movement.knobs[k];
    if (!spec || followed.has(k)) continue;
    const curve = meantFor[k];
    const value = clamp(curve ? settingAt(curve, full, spec.byDefault) : spec.byDefault, spec.min, spec.max);
    if (Math.abs(value - full[k]!) > 1e-9) differs = true;
    meant[k] = value;
  }
  if (movement.knobs.range && !followed.has('range') && full.range !== movement.knobs.range.byDefault) {
    meant.range = movement.knobs.range.byDefault as NonNullable<Rig['range']>;
    differs = true;
  }
  return differs ? meant : null;
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
