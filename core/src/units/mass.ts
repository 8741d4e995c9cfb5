/** The international avoirdupois pound in kilograms, exact by definition. */
export const KG_PER_LB = 0.45359237;

export type MassUnit = 'kg' | 'lb';

export const kgFromLb = (lb: number): number => lb * KG_PER_LB;
export const lbFromKg = (kg: number): number => kg / KG_PER_LB;

/** A mass given in `unit`, in kilograms. */
export const toKg = (value: number, unit: MassUnit): number => (unit === 'kg' ? value : kgFromLb(value));

/** A mass in kilograms, in `unit`. */
export const fromKg = (kg: number, unit: MassUnit): number => (unit === 'kg' ? kg : lbFromKg(kg));

/**
 * A mass as a coach writes it: at most two decimals, no trailing zeros, no unit.
 * `massFigure(22.5, 'kg')` is "22.5"; `massFigure(20.41165665, 'lb')` is "45".
 */
export function massFigure(kg: number, unit: MassUnit): string {
  const value = fromKg(kg, unit);
  const decimals = unit === 'kg' ? 2 : 1;
  return String(Number(value.toFixed(decimals)));
}

/** The same with its unit behind a space: "22.5 kg". */
export const massText = (kg: number, unit: MassUnit): string => `${massFigure(kg, unit)} ${unit}`;
