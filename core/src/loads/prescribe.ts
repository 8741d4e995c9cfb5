import { clockTable } from '../clock';
import { beltLoads, type Kit, type MadeLoad, makeableLoads, missingFor, nearestLoad } from '../kit';
import type { Movement, Rig } from '../movements';
import { type Client, type Line, moduleOf, type SetTarget, setTargets } from '../session';
import { type MaxEstimate, maxOverLoad, movedShare, ratioAt, repsAtLoad } from '../strength';
import { beliefIn } from './chance';
import { bestShared, loadsFor } from './choosing-loads';
import { ownWish, sharedWish, shortBelow, type Seeking } from './seeking';
import { expectedOf, isTold } from './expected';

/** One working set with its load on this kit. Loads in kg as the coach says them. */
export interface LoadedSet {
  target: SetTarget;
  /** What the arithmetic asks for before the kit has its say; null when there is nothing to go by. */
  wishKg: number | null;
  kg: number | null;
  perSide?: MadeLoad['perSide'];
  oneEnd?: MadeLoad['oneEnd'];
  pinKg?: MadeLoad['pinKg'];
  /** True when the coach set it. */
  byHand: boolean;
  /** What would be loaded today, kg, where the session was handed over with another load; null where it is the same. */
  todayKg: number | null;
  /** False when this kit cannot make it; `nearestKg` then says what it can. */
  makeable: boolean;
  nearestKg: number | null;
  /** Chance that the set reaches the lowest of its range with its reserve kept, from how sure the max is; null where nothing is known. A model's estimate. */
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

/** Everything the loads of a line follow from. */
export interface LoadTask {
  line: Line;
  movement: Movement;
  rig: Rig;
  max: MaxEstimate;
  /** Ordinary repetitions that one of the line's tempo is worth. */
  pace: number;
  /** Share of the fresh max lost at the start of each bout, from the fatigue model. */
  losses: readonly number[];
  kit: Kit;
  client: Pick<Client, 'massKg' | 'formula'>;
  /** What a share of another lift comes to, everything that moves; null where the load follows from reps and reserve. */
  askedKg: number | null;
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

/** What a set that was handed over is loaded with; null where nothing was, or a load of the coach's own goes before. */
const handedAt = (line: Line, i: number): number | null =>
  line.loadKg === null ? (line.handed?.[i] ?? null) : null;

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

const bodyIn = ({ movement, rig, client }: LoadTask, target: SetTarget): number =>
  movedShare(movement, target.rig ? { ...rig, ...target.rig } : rig) * client.massKg;

const seeking = (task: LoadTask, target: SetTarget, loss: number): Seeking => ({
  reps: target.reps,
  reserve: target.reserve,
  loss,
  pace: task.pace,
  formula: task.client.formula,
  bodyKg: bodyIn(task, target),
});

/** What a bout that finds its own load wants, and what it gets. */
interface Found {
  wishKg: number;
  load: MadeLoad | null;
}

/** Loads of the bouts that find their own, by bout; a set of as many as come takes the load of the set before. */
function findLoads(task: LoadTask, targets: readonly SetTarget[]): Map<number, Found> {
  const { line, max, losses } = task;
  const found = new Map<number, Found>();
  if (max.basis === 'calibrate') return found;
  const choices = choicesOf(task.kit, task.movement) ?? [];
  const belief = beliefIn(max.kg, max.spread);
  const own = targets.flatMap((target, i) =>
    target.loadOf || target.holdS !== undefined || target.open
      ? []
      : [{ i, ...seeking(task, target, losses[i] ?? 0) }],
  );
  const alone = (s: Seeking): Found => ({
    wishKg: ownWish(s, max.kg),
    load: choices.length > 0 ? bestShared(choices, [s], max.kg, belief) : null,
  });
  if (own.length > 0 && moduleOf(line.scheme).oneLoad) {
    const loads = choices.length > 0 ? loadsFor(choices, own, max.kg, belief, line.loads) : [];
    const comesDown = line.loads === 'down' || new Set(loads.map((l) => l.kg)).size > 1;
    const one = sharedWish(own, max.kg);
    let least = Infinity;
    own.forEach((s, n) => {
      least = Math.min(least, ownWish(s, max.kg));
      found.set(s.i, { wishKg: comesDown ? least : one, load: loads[n] ?? null });
    });
  } else for (const s of own) found.set(s.i, alone(s));
  targets.forEach((target, i) => {
    if (!target.open || target.loadOf || found.has(i)) return;
    found.set(i, found.get(i - 1) ?? alone(seeking(task, target, losses[i] ?? 0)));
  });
  return found;
}

/** Loads for every bout of a line on this kit, with what is expected of each. */
export function prescribe(task: LoadTask): Prescription {
  const { line, movement, rig, max, losses, kit, client, askedKg, pace } = task;
  const targets = setTargets(line);
  const choices = choicesOf(kit, movement);
  const known = max.basis !== 'calibrate';
  const found = findLoads(task, targets);
  const sets: LoadedSet[] = [];
  targets.forEach((target, i) => {
    const loss = losses[i] ?? 0;
    const bodyKg = bodyIn(task, target);
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
    const repsAt = (kg: number): number =>
      known && kg + bodyKg > 0 ? repsAtLoad(able, kg + bodyKg, client.formula) / pace : 0;

    let wish: number | null = null;
    if (target.loadOf) {
      if (base?.kg != null)
        wish = Math.max(
          0,
          (base.kg + bodyIn(task, base.target)) * target.loadOf.share - bodyIn(task, base.target),
        );
    } else if (askedKg !== null) wish = Math.max(0, askedKg - bodyKg);
    else wish = found.get(i)?.wishKg ?? null;
    const asked = hand ?? wish;
    let near = asked !== null && choices && choices.length > 0 ? nearestLoad(choices, asked).load : null;
    let noLighter = false;
    if (hand === null && near && wish !== null) {
      if (askedKg === null && !target.loadOf) near = found.get(i)?.load ?? near;
      // A drop has to be one: where the kit's steps are coarse the next lighter load is taken.
      if (target.stage > 0 && target.loadOf!.share < 1 && before?.kg != null && near.kg >= before.kg) {
        near = lighterThan(choices!, before.kg, wish) ?? near;
        noLighter = near.kg >= before.kg;
      }
    }
    const computedKg = near?.kg ?? (movement.load.kind === 'bodyweight' && !known ? 0 : null);
    const handedKg = handedAt(line, i);
    if (handedKg !== null && choices && choices.length > 0) near = nearestLoad(choices, handedKg).load;
    const fixedKg = hand ?? handedKg;
    const makeable =
      fixedKg === null || (near !== null && Math.abs(near.kg - fixedKg) < 0.01) || choices === null;
    const kg = fixedKg ?? computedKg;
    const set: LoadedSet = {
      target,
      wishKg: wish,
      kg,
      byHand: hand !== null,
      todayKg:
        handedKg !== null && computedKg !== null && Math.abs(computedKg - handedKg) > 0.01
          ? computedKg
          : null,
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
    if (near?.oneEnd && makeable) set.oneEnd = near.oneEnd;
    if (near?.pinKg !== undefined && makeable) set.pinKg = near.pinKg;
    const toFailure = kg === null ? 0 : repsAt(kg);
    const lifts = known && kg !== null && kg + bodyKg > 0 && target.holdS === undefined;
    if (lifts && isTold(toFailure, target, pace)) {
      Object.assign(set, expectedOf(toFailure, target));
      if (!target.open)
        set.chance = beliefIn(able, max.spread).over(shortBelow(seeking(task, target, 0), kg));
      if (fixedKg === null && wish !== null && wish + bodyKg > 0 && !target.loadOf)
        set.reserveShift = toFailure - repsAt(wish);
    }
    sets.push(set);
  });
  return {
    sets,
    calibrate: !known && movement.load.kind === 'external' && sets.some((s) => s.kg === null),
    missing: missingFor(kit, movement, rig),
  };
}
