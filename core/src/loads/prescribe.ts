import type { Client } from '../session/client';
import { makeableLoads, nearestLoad, missingFor, type MadeLoad } from '../kit/fitting';
import type { Kit } from '../kit/kit';
import { barLoads } from '../kit/plates';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import type { Line } from '../session/document';
import { clockTable } from '../clock/timeline';
import { setTargets, type SetTarget } from '../session/schemes';
import { moduleOf } from '../session/schemes/all';
import { maxOverLoad, MOST_REPS, repsAtLoad, type FormulaChoice } from '../strength/formulas';
import { movedShare, ratioAt, type MaxEstimate } from '../strength/max';

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
  /** Chance that the set ends within its range at its reserve, from how sure the max is; null where nothing is known. A model's estimate. */
  chance: number | null;
  /** A stage of a drop that this kit has no lighter load for. */
  noLighter: boolean;
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
 * Wished loads (everything that moves) of the bouts that find their own, before fitting. Schemes of one
 * load take what the last, tired set can still do; where that load would leave the first set above
 * its range, loads step down instead.
 */
function wishes(
  line: Line,
  targets: readonly SetTarget[],
  max: number,
  losses: readonly number[],
  formula: FormulaChoice,
): (number | null)[] {
  const each = targets.map((t, i) =>
    t.loadOf || t.holdS !== undefined ? null : loadFor(max * (1 - (losses[i] ?? 0)), t, formula),
  );
  const own = each.filter((kg) => kg !== null);
  if (!moduleOf(line.scheme).oneLoad || own.length === 0) return each;
  const one = Math.min(...own);
  const first = targets[0]!;
  const spare = repsAtLoad(max * (1 - (losses[0] ?? 0)), one, formula) - first.reserve - first.reps.hi;
  if (spare <= 1) return each.map((kg) => kg && one);
  let held = Infinity;
  return each.map((kg) => kg && (held = Math.min(held, kg)));
}

/**
 * Repetitions a set is expected to bring: as many as the target reserve allows, within the range. Where
 * one repetition more of effort still makes the lowest of the range, the client will do it.
 */
function expectedReps(toFailure: number, { reps, reserve, open }: SetTarget): number {
  const atReserve = Math.floor(toFailure - reserve + 0.3);
  if (open) return Math.max(0, Math.min(reps.hi, atReserve));
  const reaches = toFailure - reps.lo >= Math.max(0, reserve - 1);
  return Math.max(0, Math.min(reps.hi, reaches ? Math.max(atReserve, reps.lo) : atReserve));
}

/**
 * At the end of a set nobody can do more than the repetitions left; that comes back within seconds,
 * quicker than the stores of the fatigue model see. Own estimate, so that fifteen seconds of
 * rest–pause at a ten-rep load bring about three repetitions.
 */
const AT_ONCE_S = 15;

/** Share of a normal curve below `z`; Abramowitz & Stegun 1964, 26.2.17 (from memory), to 1e-7. */
function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

/** How far a client's day is from their estimate, beside the spread of the estimate. Own estimate. */
const DAY_SPREAD = 0.025;

/**
 * Chance that the lowest of the range is reached with the reserve kept, half a repetition given: the
 * max is taken as log-normal about what the client is able to at this moment.
 */
function chanceInRange(
  ableKg: number,
  spread: number,
  movedKg: number,
  target: SetTarget,
  formula: FormulaChoice,
): number {
  const needed = movedKg * maxOverLoad(Math.max(0.5, target.reps.lo + target.reserve - 0.5), formula);
  return normalBelow(Math.log(ableKg / needed) / Math.hypot(spread, DAY_SPREAD));
}

/** How far the max at a bout's own setting is from that at the line's; 1 without a change. */
function easierBy(movement: Movement, rig: Rig, target: SetTarget): number {
  if (!target.rig) return 1;
  const here = ratioAt(movement, rig);
  const there = ratioAt(movement, { ...rig, ...target.rig });
  return here && there && here.lift === there.lift ? there.ratio / here.ratio : 1;
}

/** The heaviest choice lighter than a load, nearest to a wish; null when there is none. */
function lighterThan(choices: readonly MadeLoad[], kg: number, wishKg: number): MadeLoad | null {
  const lighter = choices.filter((c) => c.kg < kg - 1e-9);
  return lighter.length > 0 ? nearestLoad(lighter, wishKg).load : null;
}

/**
 * Loads for every bout of a line on this kit.
 * `losses`: share of the fresh max lost at the start of each bout, from the fatigue model.
 * `askedKg`: what a share of another lift comes to; null where the load follows from reps and reserve.
 */
export function prescribe(
  line: Line,
  movement: Movement,
  rig: Rig,
  max: MaxEstimate,
  losses: readonly number[],
  kit: Kit,
  client: Pick<Client, 'massKg' | 'formula'>,
  askedKg: number | null = null,
): Prescription {
  const targets = setTargets(line);
  const choices = choicesOf(kit, movement);
  const missing = missingFor(kit, movement);
  const known = max.basis !== 'calibrate';
  const wished = known ? wishes(line, targets, max.kg, losses, client.formula) : null;
  const body = (target: SetTarget): number =>
    movedShare(movement, target.rig ? { ...rig, ...target.rig } : rig) * client.massKg;
  let held: MadeLoad | null = null;
  const sets: LoadedSet[] = [];
  targets.forEach((target, i) => {
    const loss = losses[i] ?? 0;
    const bodyKg = body(target);
    const hand = byHandAt(line.loadKg, i);
    const base = target.loadOf ? sets[target.loadOf.bout] : undefined;
    const before = sets[i - 1];

    /** What the client could lift once at this moment, everything that moves, kg. */
    const momentary = (): number => {
      if (!known) return 0;
      const rested = max.kg * (1 - loss) * easierBy(movement, rig, target);
      if (target.stage === 0 || !before || before.kg === null || before.expectedReserve === null)
        return rested;
      const spent =
        (before.kg + bodyKg) * Math.max(0.97, maxOverLoad(before.expectedReserve, client.formula));
      const gap = (before.target.restAfterS ?? 0) + clockTable.nextStage;
      return Math.min(rested, rested - (rested - spent) * Math.exp(-gap / AT_ONCE_S));
    };
    const able = momentary();
    const repsAt = (kg: number): number =>
      known && kg + bodyKg > 0 ? repsAtLoad(able, kg + bodyKg, client.formula) : 0;
    /** How far outside its range a set would end at this load, in repetitions. */
    const outside = (kg: number): number => {
      const reps = repsAt(kg) - target.reserve;
      return reps < target.reps.lo ? target.reps.lo - reps : Math.max(0, reps - target.reps.hi);
    };

    let wish: number | null = null;
    if (target.loadOf) {
      if (base?.kg != null)
        wish = Math.max(0, (base.kg + body(base.target)) * target.loadOf.share - body(base.target));
    } else if (askedKg !== null) wish = askedKg;
    else if (wished?.[i] != null) wish = Math.max(0, wished[i] - bodyKg);
    const asked = hand ?? wish;
    let near = asked !== null && choices && choices.length > 0 ? nearestLoad(choices, asked).load : null;
    let noLighter = false;
    if (hand === null && near && wish !== null) {
      // A drop has to be one: where the kit's steps are coarse the next lighter load is taken.
      if (target.stage > 0 && target.loadOf!.share < 1 && before?.kg != null && near.kg >= before.kg) {
        near = lighterThan(choices!, before.kg, wish) ?? near;
        noLighter = near.kg >= before.kg;
      }
      // Where steps are coarse, keeping the bells can miss the range by less than changing them.
      const keeps = target.stage === 0 && !target.loadOf && askedKg === null && moduleOf(line.scheme).oneLoad;
      if (keeps && held && near.kg < held.kg && outside(held.kg) <= outside(near.kg)) near = held;
    }
    if (target.stage === 0) held = near;
    const makeable = hand === null || (near !== null && Math.abs(near.kg - hand) < 0.01) || choices === null;
    const kg = hand ?? near?.kg ?? (movement.load.kind === 'bodyweight' && !known ? 0 : null);
    const set: LoadedSet = {
      target,
      wishKg: wish,
      kg,
      byHand: hand !== null,
      makeable,
      nearestKg: near?.kg ?? null,
      noLighter,
      chance: null,
      expectedReps: null,
      expectedReserve: null,
      reserveShift: 0,
      loss,
    };
    if (near?.perSide && makeable) set.perSide = near.perSide;
    if (known && kg !== null && kg + bodyKg > 0 && target.holdS === undefined) {
      const toFailure = repsAt(kg);
      const reps = expectedReps(toFailure, target);
      set.expectedReps = reps;
      set.expectedReserve = Math.max(0, toFailure - reps);
      if (!target.open) set.chance = chanceInRange(able, max.spread, kg + bodyKg, target, client.formula);
      if (hand === null && wish !== null && wish + bodyKg > 0 && !target.loadOf)
        set.reserveShift = toFailure - repsAt(wish);
    }
    sets.push(set);
  });
  return {
    sets,
    calibrate: !known && movement.load.kind === 'external' && sets.some((s) => s.kg === null),
    missing,
  };
}
