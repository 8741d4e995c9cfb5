import type { Client } from '../session/client';
import { makeableLoads, nearestLoad, missingFor, type MadeLoad } from '../kit/fitting';
import type { Kit } from '../kit/kit';
import { beltLoads } from '../kit/plates';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import type { Line } from '../session/document';
import { clockTable } from '../clock/timeline';
import { setTargets, type SetTarget } from '../session/schemes';
import { maxOverLoad, MOST_REPS, repsAtLoad } from '../strength/formulas';
import { movedShare, ratioAt, type MaxEstimate } from '../strength/max';
import { chanceInRange } from './chance';
import { costOf, fitted, MAY_MISS, missOf, sharesLoad, wishes } from './wishes';

/** One working set with its load on this kit. Loads in kg as the coach says them. */
export interface LoadedSet {
  target: SetTarget;
  /** What the arithmetic asks for before the kit has its say; null when there is nothing to go by. */
  wishKg: number | null;
  kg: number | null;
  perSide?: MadeLoad['perSide'];
  pinKg?: MadeLoad['pinKg'];
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

const onBelt = new WeakMap<Kit['plates'], MadeLoad[]>();
function loadsOnBelt(kit: Kit): MadeLoad[] {
  if (!kit.dipBelt) return [{ kg: 0 }];
  let loads = onBelt.get(kit.plates);
  if (!loads) {
    loads = beltLoads(kit.plates).map((kg) => ({ kg }));
    onBelt.set(kit.plates, loads);
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

/**
 * Repetitions a set is expected to bring: as many as the target reserve allows, within the range. Where
 * one repetition more of effort still makes the lowest of the range, the client will do it.
 */
function expectedReps(toFailure: number, { reps, reserve, open }: SetTarget): number {
  const atReserve = Math.floor(toFailure - reserve + MAY_MISS);
  if (open) return Math.max(0, Math.min(reps.hi, atReserve));
  const reaches = toFailure - reps.lo >= Math.max(0, reserve - 1);
  return Math.max(0, Math.min(reps.hi, reaches ? Math.max(atReserve, reps.lo) : atReserve));
}

/** False where more is asked for than the formulas reach, and what is known of the client reaches it too. */
const isTold = (toFailure: number, { reps, reserve, open }: SetTarget, pace: number): boolean =>
  open === true || (reps.lo + reserve) * pace <= MOST_REPS || toFailure * pace < MOST_REPS - 1;

/**
 * At the end of a set nobody can do more than the repetitions left; that comes back within seconds,
 * quicker than the stores of the fatigue model see. Own estimate, so that fifteen seconds of
 * rest–pause at a ten-rep load bring about three repetitions.
 */
const AT_ONCE_S = 15;

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
 * `pace`: ordinary repetitions that one of the line's tempo is worth.
 * `askedKg`: what a share of another lift comes to, everything that moves; null where the load follows from reps and reserve.
 */
export function prescribe(
  line: Line,
  movement: Movement,
  rig: Rig,
  max: MaxEstimate,
  losses: readonly number[],
  kit: Kit,
  client: Pick<Client, 'massKg' | 'formula'>,
  askedKg: number | null,
  pace: number,
): Prescription {
  const targets = setTargets(line);
  const choices = choicesOf(kit, movement);
  const missing = missingFor(kit, movement);
  const known = max.basis !== 'calibrate';
  const toFailureAt = (maxKg: number, kg: number): number => repsAtLoad(maxKg, kg, client.formula) / pace;
  const wished = known ? wishes(line, targets, max.kg, losses, client.formula, pace) : null;
  const body = (target: SetTarget): number =>
    movedShare(movement, target.rig ? { ...rig, ...target.rig } : rig) * client.massKg;

  /** One made load for all bouts that find their own, where one keeps them in range or the coach wants one. */
  function sharedLoad(maxKg: number): MadeLoad | null {
    const own = targets.flatMap((target, i) => (wished![i] === null || target.open ? [] : [{ target, i }]));
    const wish = own[0] && wished![own[0].i]!;
    if (!wish || !choices?.length || own.some(({ i }) => wished![i] !== wish)) return null;
    const bodyKg = body(own[0]!.target);
    const able = (kg: number, i: number): number => toFailureAt(maxKg * (1 - (losses[i] ?? 0)), kg);
    // The set with the least to give decides; what the others then have to spare is judged after it.
    const slack = ({ target, i }: (typeof own)[number]): number =>
      able(wish, i) - target.reserve - target.reps.lo;
    const tightest = own.reduce((a, o) => (slack(o) < slack(a) ? o : a));
    const load = fitted(choices, Math.max(0, wish - bodyKg), (kg) =>
      costOf(able(kg + bodyKg, tightest.i), tightest.target),
    );
    const keeps = own.every(({ target, i }) => missOf(able(load.kg + bodyKg, i), target) <= MAY_MISS);
    return line.loads === 'one' || keeps ? load : null;
  }

  const shared = known ? sharedLoad(max.kg) : null;
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
        (before.kg + bodyKg) * Math.max(0.97, maxOverLoad(before.expectedReserve * pace, client.formula));
      const gap = (before.target.restAfterS ?? 0) + clockTable.nextStage;
      return Math.min(rested, rested - (rested - spent) * Math.exp(-gap / AT_ONCE_S));
    };
    const able = momentary();
    const repsAt = (kg: number): number => (known && kg + bodyKg > 0 ? toFailureAt(able, kg + bodyKg) : 0);
    const cost = (kg: number): number => costOf(repsAt(kg), target);

    let wish: number | null = null;
    if (target.loadOf) {
      if (base?.kg != null)
        wish = Math.max(0, (base.kg + body(base.target)) * target.loadOf.share - body(base.target));
    } else if (askedKg !== null) wish = Math.max(0, askedKg - bodyKg);
    else if (wished?.[i] != null) wish = Math.max(0, wished[i] - bodyKg);
    const asked = hand ?? wish;
    let near = asked !== null && choices && choices.length > 0 ? nearestLoad(choices, asked).load : null;
    let noLighter = false;
    const finds = target.stage === 0 && !target.loadOf && askedKg === null && !target.open;
    if (hand === null && near && wish !== null) {
      if (finds) near = shared ?? fitted(choices!, wish, cost);
      // A drop has to be one: where the kit's steps are coarse the next lighter load is taken.
      if (target.stage > 0 && target.loadOf!.share < 1 && before?.kg != null && near.kg >= before.kg) {
        near = lighterThan(choices!, before.kg, wish) ?? near;
        noLighter = near.kg >= before.kg;
      }
      // Where steps are coarse, keeping the bells can miss the range by less than changing them.
      const keeps = finds && sharesLoad(line);
      if (keeps && held && near.kg < held.kg && cost(held.kg) <= cost(near.kg)) near = held;
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
    if (near?.pinKg !== undefined && makeable) set.pinKg = near.pinKg;
    const toFailure = kg === null ? 0 : repsAt(kg);
    const lifts = known && kg !== null && kg + bodyKg > 0 && target.holdS === undefined;
    if (lifts && isTold(toFailure, target, pace)) {
      const reps = expectedReps(toFailure, target);
      set.expectedReps = reps;
      set.expectedReserve = Math.max(0, toFailure - reps);
      if (!target.open)
        set.chance = chanceInRange(able, max.spread, kg + bodyKg, target, client.formula, pace);
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
