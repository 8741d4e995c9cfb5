import { type MassUnit, readMass } from '@drimbo/core/units';

export const readText = (t: string): string | null => (t.trim() === '' || t.length > 60 ? null : t.trim());
export const readCount =
  (min: number, max: number) =>
  (t: string): number | null => {
    const n = Number(t);
    return t.trim() !== '' && Number.isInteger(n) && n >= min && n <= max ? n : null;
  };

/** A weight in the gym's unit, or with its own behind it, in kilograms up to `most`. */
export const readWeight =
  (unit: MassUnit, most = 300) =>
  (text: string): number | null => {
    const kg = readMass(text, unit);
    return kg !== null && kg <= most ? kg : null;
  };

export const replaced = <T>(list: readonly T[], i: number, item: T): T[] =>
  list.map((x, n) => (n === i ? item : x));
export const without = <T>(list: readonly T[], i: number): T[] => list.filter((_, n) => n !== i);
