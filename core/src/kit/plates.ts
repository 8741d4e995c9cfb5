import { markedUnit } from '../units/mass';
import type { Kit } from './kit';

/** Plates for one side of a bar, largest first. */
export type PlateStack = { kg: number; count: number }[];

export interface BarLoad {
  totalKg: number;
  perSide: PlateStack;
  plateCount: number;
}

const grams = (kg: number): number => Math.round(kg * 1000);

/** True when `a` is the better way to make the same load: fewer plates, then larger plates first. */
function better(a: number[], b: number[]): boolean {
  const plates = (counts: number[]): number => counts.reduce((x, y) => x + y, 0);
  const difference = plates(a) - plates(b);
  if (difference !== 0) return difference < 0;
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! > b[i]!;
  return false;
}

/**
 * Every load one side can carry, ascending, each with its best plates: a bounded subset sum over
 * the pairs the kit owns. Loads are compared in whole grams.
 */
function sideLoads(plates: Kit['plates']): { grams: number; perSide: PlateStack; plateCount: number }[] {
  const sizes = plates.filter((p) => p.pairs > 0).sort((a, b) => b.kg - a.kg);
  let reach = new Map<number, number[]>([[0, []]]);
  for (const size of sizes) {
    const next = new Map<number, number[]>();
    for (const [total, counts] of reach) {
      for (let n = 0; n <= size.pairs; n++) {
        const made = total + n * grams(size.kg);
        if (made > 400_000) break;
        const candidate = [...counts, n];
        const held = next.get(made);
        if (!held || better(candidate, held)) next.set(made, candidate);
      }
    }
    reach = next;
  }
  return [...reach.entries()]
    .sort(([a], [b]) => a - b)
    .map(([total, counts]) => ({
      grams: total,
      plateCount: counts.reduce((x, y) => x + y, 0),
      perSide: counts.flatMap((count, i) => (count > 0 ? [{ kg: sizes[i]!.kg, count }] : [])),
    }));
}

/** Plates marked in kilograms and in pounds, which nobody mixes on one sleeve. */
const byMark = (plates: Kit['plates']): Kit['plates'][] =>
  (['kg', 'lb'] as const)
    .map((unit) => plates.filter((p) => markedUnit(p.kg, 'kg') === unit))
    .filter((group) => group.length > 0);

/** Loads of several groups of plates as one list; of two ways to the same load that with fewer plates. */
function merged(groups: ReturnType<typeof sideLoads>[]): ReturnType<typeof sideLoads> {
  if (groups.length < 2) return groups[0] ?? sideLoads([]);
  const best = new Map<number, ReturnType<typeof sideLoads>[number]>();
  for (const load of groups.flat()) {
    const held = best.get(load.grams);
    if (!held || load.plateCount < held.plateCount) best.set(load.grams, load);
  }
  return [...best.values()].sort((a, b) => a.grams - b.grams);
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

const loadsOf = (plates: Kit['plates'], barKg: number, ends: 1 | 2): BarLoad[] =>
  merged(byMark(plates).map(sideLoads)).map((side) => ({
    totalKg: Number((barKg + (ends * side.grams) / 1000).toFixed(3)),
    perSide: side.perSide,
    plateCount: side.plateCount,
  }));

/** Every total a bar of `barKg` can be loaded to with these plates, ascending. */
export const barLoads = (plates: Kit['plates'], barKg: number): BarLoad[] =>
  rememberedFor(bothEnds, plates, barKg, () => loadsOf(plates, barKg, 2));

/** The same with plates on one end only, where both plates of a pair can hang; `perSide` is that end. */
export const oneEndLoads = (plates: Kit['plates'], barKg: number): BarLoad[] =>
  rememberedFor(oneEnd, plates, barKg, () =>
    loadsOf(
      plates.map(({ kg, pairs }) => ({ kg, pairs: pairs * 2 })),
      barKg,
      1,
    ),
  );

/** Every weight that single plates on a belt come to, ascending, kilograms. */
export const beltLoads = (plates: Kit['plates']): number[] =>
  merged(
    byMark(plates).map((group) => sideLoads(group.map(({ kg, pairs }) => ({ kg, pairs: pairs * 2 })))),
  ).map((load) => load.grams / 1000);

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
