import { regionIds, type Credits } from '../anatomy/regions';
import { clamp, interpolate, roundTo } from '../units/numbers';
import type { CreditModel, KnobFactor, Movement, Variant } from './model';
import { numericKnobs, type ChoiceKnob, type Rig } from './rig';

const choiceKnobs: ChoiceKnob[] = ['forearm', 'stance', 'range'];

/** The movement's defaults with `rig` laid over them; knobs the movement lacks are dropped. */
export function fullRig(movement: Movement, rig: Rig): Rig {
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

function creditAt(points: { at: number; credits: Credits }[], at: number, region: keyof Credits): number {
  return interpolate(
    points.map((p) => ({ at: p.at, value: p.credits[region] ?? 0 })),
    at,
  );
}

function computeCredits(model: CreditModel, full: Rig): Credits {
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
    credit = clamp(roundTo(credit, 0.01), 0, 1);
    if (credit > 0) credits[region] = credit;
  }
  return credits;
}

const remembered = new WeakMap<Movement, Map<string, Credits>>();

/** Sets each region is owed for one hard set of `movement` at `rig`, 0 to 1. */
export function creditsOf(movement: Movement, rig: Rig): Credits {
  const full = fullRig(movement, rig);
  let known = remembered.get(movement);
  if (!known) remembered.set(movement, (known = new Map()));
  const key = JSON.stringify(full);
  let credits = known.get(key);
  if (!credits) {
    credits = computeCredits(movement.credits, full);
    if (known.size > 500) known.clear();
    known.set(key, credits);
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
