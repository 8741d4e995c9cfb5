import { fromKg, markedUnit, type MassUnit, toKg } from '../units';
import { boundedSums } from './bounded-sums';
import type { Kit } from './kit';

/** Plates for one side of a bar, largest first. */
export type PlateStack = { kg: number; count: number }[];

export interface BarLoad {
  totalKg: number;
  perSide: PlateStack;
  pieceCount: number;
}

/** The most that hangs on one end, in kilograms. */
const MOST_A_SIDE = 300;
/** Plates are told apart to a hundredth of the unit they are marked in. */
const PARTS = 100;

/** More loads than this of one bar are more than anybody tells apart. */
export const MOST_LOADS = 2_000;

/**
 * At most so many of the loads, ascending: where there are more, of those that lie close together the one with
 * the fewest plates. Up to that number all of them are given back.
 */
export function thinned<T extends { pieceCount: number }>(loads: T[], kgOf: (load: T) => number): T[] {
  if (loads.length <= MOST_LOADS) return loads;
  const first = kgOf(loads[0]!);
  const width = (kgOf(loads.at(-1)!) - first) / MOST_LOADS;
  const best = new Map<number, T>();
  for (const load of loads) {
    const place = Math.min(MOST_LOADS - 1, Math.floor((kgOf(load) - first) / width));
    const held = best.get(place);
    if (!held || load.pieceCount < held.pieceCount) best.set(place, load);
  }
  return [...best.values()];
}

interface SideLoad {
  kg: number;
  perSide: PlateStack;
  pieceCount: number;
}

/** Every load one side can carry, ascending, each with its best plates; the plates are all of one mark. */
function sideLoads(plates: Kit['plates'], mark: MassUnit): SideLoad[] {
  const sizes = plates.filter((p) => p.pairs > 0).sort((a, b) => b.kg - a.kg);
  const pieces = sizes.map((p) => ({
    size: Math.max(1, Math.round(fromKg(p.kg, mark) * PARTS)),
    count: p.pairs,
  }));
  const most = Math.floor(fromKg(MOST_A_SIDE, mark) * PARTS);
  return thinned(boundedSums(pieces, most), ({ sum }) => sum).map(({ sum, pieceCount, counts }) => ({
    kg: toKg(sum / PARTS, mark),
    pieceCount,
    perSide: counts().flatMap((count, i) => (count > 0 ? [{ kg: sizes[i]!.kg, count }] : [])),
  }));
}

const inGrams = (kg: number): number => Math.round(kg * 1000);

/**
 * Every load of one side. Plates marked in kilograms and in pounds are not mixed on a sleeve; of two ways to
 * the same load that with fewer plates is taken.
 */
function everySide(plates: Kit['plates']): SideLoad[] {
  let known = sides.get(plates);
  if (!known) sides.set(plates, (known = sidesOf(plates)));
  return known;
}

const sides = new WeakMap<Kit['plates'], SideLoad[]>();

function sidesOf(plates: Kit['plates']): SideLoad[] {
  const best = new Map<number, SideLoad>();
  for (const mark of ['kg', 'lb'] as const)
    for (const load of sideLoads(
      plates.filter((p) => markedUnit(p.kg, 'kg') === mark),
      mark,
    )) {
      const held = best.get(inGrams(load.kg));
      if (!held || load.pieceCount < held.pieceCount) best.set(inGrams(load.kg), load);
    }
  return thinned(
    [...best.values()].sort((a, b) => a.kg - b.kg),
    (load) => load.kg,
  );
}

type ByBar = WeakMap<Kit['plates'], Map<number, BarLoad[]>>;

function rememberedFor(known: ByBar, plates: Kit['plates'], barKg: number, make: () => BarLoad[]): BarLoad[] {
  let byBar = known.get(plates);
  if (!byBar) known.set(plates, (byBar = new Map()));
  let loads = byBar.get(barKg);
  if (!loads) byBar.set(barKg, (loads = make()));
  return loads;
}

const bothEnds: ByBar = new WeakMap();
const oneEnd: ByBar = new WeakMap();

const singles = new WeakMap<Kit['plates'], Kit['plates']>();
/** Both plates of every pair, for where they hang alone. */
function singlesOf(plates: Kit['plates']): Kit['plates'] {
  let known = singles.get(plates);
  if (!known) singles.set(plates, (known = plates.map(({ kg, pairs }) => ({ kg, pairs: pairs * 2 }))));
  return known;
}

const loadsOf = (plates: Kit['plates'], barKg: number, ends: 1 | 2): BarLoad[] =>
  everySide(plates).map(({ kg, perSide, pieceCount }) => ({
    totalKg: Number((barKg + ends * kg).toFixed(3)),
    perSide,
    pieceCount,
  }));

/** Every total a bar of `barKg` can be loaded to with these plates, ascending. */
export const barLoads = (plates: Kit['plates'], barKg: number): BarLoad[] =>
  rememberedFor(bothEnds, plates, barKg, () => loadsOf(plates, barKg, 2));

/** The same with plates on one end only, where both plates of a pair can hang; `perSide` is that end. */
export const oneEndLoads = (plates: Kit['plates'], barKg: number): BarLoad[] =>
  rememberedFor(oneEnd, plates, barKg, () => loadsOf(singlesOf(plates), barKg, 1));

/** Every weight that single plates on a belt come to, ascending, kilograms. */
export const beltLoads = (plates: Kit['plates']): number[] =>
  everySide(singlesOf(plates)).map(({ kg }) => Number(kg.toFixed(3)));

/** Plates taken off and put on, both sides together unless there is one, to get from one loading to another. */
export function plateMoves(from: PlateStack, to: PlateStack, ends: 1 | 2 = 2): number {
  const sizes = new Set([...from, ...to].map((p) => p.kg));
  let perSide = 0;
  for (const kg of sizes) {
    const before = from.find((p) => p.kg === kg)?.count ?? 0;
    const after = to.find((p) => p.kg === kg)?.count ?? 0;
    perSide += Math.abs(after - before);
  }
  return perSide * ends;
}
