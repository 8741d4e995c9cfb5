import { massText, type MassUnit, toKg } from '../../../units';
import type { Line } from '../line';
import { reading, type Reading, type SaidLoad } from '../reading';

const kilos = ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'];
const pounds = ['lb', 'lbs', 'pound', 'pounds', '#'];
const MOST_KG = 600;

/** A unit of mass at this place. */
export const unitAt = (line: Line, i: number): MassUnit | null =>
  line.is(i, ...kilos) ? 'kg' : line.is(i, ...pounds) ? 'lb' : null;

const leading = ['@', 'at', 'with', 'w', '/', 'using', 'stack', 'load', 'weight', ':', 'of'];
export const mayLead = (line: Line, i: number): number => {
  const at = line.past(i, ...leading);
  return at > i && line.is(i, '/', ':', 'of') ? i : at;
};

/** "each", "per hand", "dumbbells", "DBs": whose load it is, past it. */
export function whose(line: Line, i: number): number {
  if (line.is(i, 'each', 'ea')) return line.is(i + 1, 'hand', 'arm', 'dumbbell') ? i + 2 : i + 1;
  const hand = line.run(i, ['per', 'a', 'in', '/'], ['hand', 'arm', 'dumbbell', 'db', 'each']);
  if (hand !== null) return hand;
  return line.is(i, 'dumbbells', 'dbs', 'dumbbell', 'db', 'stack') ? i + 1 : i;
}
/** "a side", "on each side", "plates": of the bar, and nobody knows the bar yet. The place after it. */
export const aSide = (line: Line, i: number): number | null =>
  line.run(i, ['per', 'a', 'each', '/'], ['side', 'end']) ??
  line.run(i, 'on', ['each', 'either'], 'side') ??
  (line.is(i, 'plates', 'plate') ? (aSide(line, i + 1) ?? i + 1) : null);

export const said = ({ values, unit, isAdded }: SaidLoad): string =>
  `${isAdded ? 'added ' : ''}${values.map((v) => massText(Number(toKg(v, unit).toFixed(3)), unit)).join(', ')}`;

export function put(from: number, to: number, load: SaidLoad, sure = 1): Reading[] {
  const fits = load.values.every((v) => v > 0 && toKg(v, load.unit) <= MOST_KG);
  return fits ? [reading(from, to, ['load'], said(load), { load }, sure)] : [];
}
