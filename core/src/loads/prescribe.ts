import type { Client } from '../session/client';
import { makeableLoads, nearestLoad, missingFor, type MadeLoad } from '../kit/fitting';
import type { Kit } from '../kit/kit';
import { barLoads } from '../kit/plates';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import type { Line } from '../session/document';
import { setTargets, type SetTarget } from '../session/schemes';
import { maxOverLoad, MOST_REPS, repsAtLoad, type FormulaChoice } from '../strength/formulas';
import { movedShare, type MaxEstimate } from '../strength/max';

/** One working set with its load on this kit. Loads in kg as the coach says them. */
export interface LoadedSet {
  target: SetTarget;
  /** What the arithmetic asks for before the kit has its say; null when there is nothing to go by. */
  wishKg: number | null;
  kg: number | null;
  perSide?: MadeLoad['perSide'];
  /** True when the coach set it. */
  byHand: boolean;
  /** False when this kit cannot make it; `nearestKg` then says what it can. */
  makeable: boolean;
  nearestKg: number | null;
  /** Repetitions expected at the target reserve, and what would then be left. A model estimate. */
  expectedReps: number | null;
  expectedReserve: number | null;
  /** Change of the reserve that fitting to the kit made: + easier, − harder. */
  reserveShift: number;
  /** Share of the fresh max lost to the sets before. */
  loss: number;
}

export interface Prescription {
  sets: LoadedSet[];
  /** Nothing to borrow from: the first set finds the load. */
  calibrate: boolean;
  /** What the gym lacks for this movement. */
  missing: string | null;
}

const beltLoads = new WeakMap<Kit['plates'], MadeLoad[]>();
function loadsOnBelt(kit: Kit): MadeLoad[] {
  if (!kit.dipBelt) return [{ kg: 0 }];
  let loads = beltLoads.get(kit.plates);
  if (!loads) {
    // Single plates on a belt: halves in pairs give the same sums as whole plates one by one.
    const singles = kit.plates.map((p) => ({ kg: p.kg / 2, pairs: p.pairs * 2 }));
    loads = barLoads(singles, 0).map((l) => ({ kg: l.totalKg }));
    beltLoads.set(kit.plates, loads);
  }
  return loads;
}

/** The loads a line can choose from; null where no load is chosen at all. */
export function choicesOf(kit: Kit, movement: Movement): readonly MadeLoad[] | null {
  if (movement.load.kind === 'none') return null;
  if (movement.load.kind === 'bodyweight') return movement.load.canAdd ? loadsOnBelt(kit) : [{ kg: 0 }];
  return makeableLoads(kit, movement);
}

const byHandAt = (loadKg: Line['loadKg'], i: number): number | null =>
  loadKg === null ? null : Array.isArray(loadKg) ? (loadKg[Math.min(i, loadKg.length - 1)] ?? null) : loadKg;

/** Largest load (everything that moves) at which a set still reaches its lowest reps and its reserve. */
const loadFor = (momentaryMax: number, target: SetTarget, formula: FormulaChoice): number =>
  momentaryMax / maxOverLoad(Math.min(MOST_REPS, target.reps.lo + target.reserve), formula);

/**
 * Wished loads before fitting. Straight sets take one load that the last, tired set can still do;
 * where that load would leave the first set above its range, loads step down instead.
 */
function wishes(
  line: Line,
  targets: readonly SetTarget[],
  max: number,
  losses: readonly number[],
  formula: FormulaChoice,
): number[] {
  const each = targets.map((t, i) => loadFor(max * (1 - (losses[i] ?? 0)), t, formula));
  if (line.scheme.kind !== 'straight') return each;
  const one = Math.min(...each);
  const first = targets[0]!;
  const spare = repsAtLoad(max * (1 - (losses[0] ?? 0)), one, formula) - first.reserve - first.reps.hi;
  if (spare <= 1) return each.map(() => one);
  let held = Infinity;
  return each.map((kg) => (held = Math.min(held, kg)));
}

/**
 * Repetitions a set is expected to bring: as many as the target reserve allows, within the range. Where
 * one repetition more of effort still makes the lowest of the range, the client will do it.
 */
function expectedReps(toFailure: number, { reps, reserve }: SetTarget): number {
  const atReserve = Math.floor(toFailure - reserve + 0.3);
  const reaches = toFailure - reps.lo >= Math.max(0, reserve - 1);
  return Math.max(0, Math.min(reps.hi, reaches ? Math.max(atReserve, reps.lo) : atReserve));
}

/**
 * Loads for every working set of a line on this kit.
 * `losses`: share of the fresh max lost at the start of each set, from the fatigue model.
 */
export function prescribe(
  line: Line,
  movement: Movement,
  rig: Rig,
  max: MaxEstimate,
  losses: readonly number[],
  kit: Kit,
  client: Pick<Client, 'massKg' | 'formula'>,
): Prescription {
  const targets = setTargets(line);
  const choices = choicesOf(kit, movement);
  const missing = missingFor(kit, movement);
  const bodyKg = movedShare(movement, rig) * client.massKg;
  const known = max.basis !== 'calibrate';
  const wished = known ? wishes(line, targets, max.kg, losses, client.formula) : null;
  const repsAt = (kg: number, loss: number): number =>
    known && kg + bodyKg > 0 ? repsAtLoad(max.kg * (1 - loss), kg + bodyKg, client.formula) : 0;
  /** How far outside its range a set would end at this load, in repetitions. */
  const outside = (kg: number, target: SetTarget, loss: number): number => {
    const reps = repsAt(kg, loss) - target.reserve;
    return reps < target.reps.lo ? target.reps.lo - reps : Math.max(0, reps - target.reps.hi);
  };
  let held: MadeLoad | null = null;
  const sets = targets.map((target, i): LoadedSet => {
    const loss = losses[i] ?? 0;
    const hand = byHandAt(line.loadKg, i);
    const wish = wished ? Math.max(0, wished[i]! - bodyKg) : null;
    const asked = hand ?? wish;
    let near = asked !== null && choices && choices.length > 0 ? nearestLoad(choices, asked).load : null;
    // Where steps are coarse, keeping the bells can miss the range by less than changing them.
    if (hand === null && near && held && line.scheme.kind === 'straight' && near.kg < held.kg)
      if (outside(held.kg, target, loss) <= outside(near.kg, target, loss)) near = held;
    held = near;
    const makeable = hand === null || (near !== null && Math.abs(near.kg - hand) < 0.01) || choices === null;
    const kg = hand ?? near?.kg ?? (movement.load.kind === 'bodyweight' && !known ? 0 : null);
    const set: LoadedSet = {
      target,
      wishKg: wish,
      kg,
      byHand: hand !== null,
      makeable,
      nearestKg: near?.kg ?? null,
      expectedReps: null,
      expectedReserve: null,
      reserveShift: 0,
      loss,
    };
    if (near?.perSide && makeable) set.perSide = near.perSide;
    if (known && kg !== null && kg + bodyKg > 0) {
      const toFailure = repsAt(kg, loss);
      const reps = expectedReps(toFailure, target);
      set.expectedReps = reps;
      set.expectedReserve = Math.max(0, toFailure - reps);
      if (hand === null && wish !== null && wish + bodyKg > 0)
        set.reserveShift = toFailure - repsAt(wish, loss);
    }
    return set;
  });
  return {
    sets,
    calibrate: !known && movement.load.kind === 'external' && sets.some((s) => s.kg === null),
    missing,
  };
}
