/** The international avoirdupois pound in kilograms, exact by definition. */
export const KG_PER_LB = 0.45359237;

export type MassUnit = 'kg' | 'lb';

export const kgFromLb = (lb: number): number => lb * KG_PER_LB;
export const lbFromKg = (kg: number): number => kg / KG_PER_LB;

/** A mass given in `unit`, in kilograms. */
export const toKg = (value: number, unit: MassUnit): number => (unit === 'kg' ? value : kgFromLb(value));

/** A mass in kilograms, in `unit`. */
export const fromKg = (kg: number, unit: MassUnit): number => (unit === 'kg' ? kg : lbFromKg(kg));

const isStep = (value: number, step: number, within: number): boolean =>
  Math.abs(value - Math.round(value / step) * step) < within;

/**
 * A mass as a coach writes it: in steps a plate can have, else to a tenth; no trailing zeros, no unit.
 * `massFigure(6.25, 'kg')` is "6.25"; `massFigure(20.41165665, 'kg')` is "20.4" and in pounds "45".
 */
export function massFigure(kg: number, unit: MassUnit): string {
  const value = fromKg(kg, unit);
  const decimals = unit === 'kg' && isStep(value, 0.25, 6e-4) ? 2 : 1;
  return String(Number(value.toFixed(decimals)));
}

/** The same with its unit behind a space: "22.5 kg". */
export const massText = (kg: number, unit: MassUnit): string => `${massFigure(kg, unit)} ${unit}`;

/** From one mass to another, the unit once: "22–26 kg". */
export const massRange = (lowKg: number, highKg: number, unit: MassUnit): string =>
  `${massFigure(lowKg, unit)}–${massText(highKg, unit)}`;

/** What is computed rather than made, to a tenth of the unit or as said: "101.3 kg". */
export const roughMass = (kg: number, unit: MassUnit, decimals = 1): string =>
  `${Number(fromKg(kg, unit).toFixed(decimals))} ${unit}`;

/**
 * The unit an iron is marked in: kilograms where it weighs a quarter or a multiple of it, else pounds where
 * it weighs a half or a multiple, else the usual one. `markedUnit(20.41165665, 'kg')` is "lb".
 */
export function markedUnit(kg: number, usual: MassUnit): MassUnit {
  if (isStep(kg, 0.25, 6e-4)) return 'kg';
  return isStep(lbFromKg(kg), 0.5, 1.4e-3) ? 'lb' : usual;
}

/** What stands on an iron, with its unit where that is not the usual one: "20", "45 lb". */
export function markText(kg: number, usual: MassUnit): string {
  const unit = markedUnit(kg, usual);
  return unit === usual ? massFigure(kg, unit) : massText(kg, unit);
}

/** A weight as typed, "20", "45 lb", "12,5 kg", in kilograms; null when it makes no sense. */
export function readMass(text: string, usual: MassUnit): number | null {
  const m = /^(\d+(?:[.,]\d+)?)\s*(kg|lb)?$/i.exec(text.trim());
  if (!m) return null;
  const kg = toKg(Number(m[1]!.replace(',', '.')), (m[2]?.toLowerCase() as MassUnit | undefined) ?? usual);
  return kg > 0 ? Number(kg.toFixed(4)) : null;
}
