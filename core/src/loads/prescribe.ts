import { type MadeLoad, missingFor, nearestLoad } from '../kit';
import type { Movement, Rig } from '../movements';
import { type Line, moduleOf, type SetTarget } from '../session';
import {
  boundsOf,
  chooseEach,
  chooseOne,
  isOff,
  lighterLoad,
  type LineAsked,
  lossOf,
  nextLoad,
  ownReps,
  type Step,
  stepTo,
  type Stores,
  type Tried,
  tryLoad,
} from '../set-model';
import { movedShare, ratioAt } from '../strength';
import { choicesOf, kgsIn } from './choices';
import { askedSet, expectSet, type KnownLift, type SetExpected } from './expected';
import type { Beside, LoadedSet, LoadTask, Prescription } from './prescription';

const byHandAt = (loadKg: Line['loadKg'], i: number): number | null =>
  loadKg === null ? null : Array.isArray(loadKg) ? (loadKg[Math.min(i, loadKg.length - 1)] ?? null) : loadKg;

/** What a set that was handed over is loaded with; null where nothing was, or a load of the coach's own goes before. */
const handedAt = (line: Line, i: number): number | null =>
  line.loadKg === null ? (line.handed?.[i] ?? null) : null;

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

const bodyIn = ({ movement, rig, massKg }: LoadTask, target: SetTarget): number =>
  movedShare(movement, target.rig ? { ...rig, ...target.rig } : rig) * massKg;

/** What a bout wants, and what it gets. */
interface Found {
  wishKg: number;
  load: MadeLoad | null;
}

/** A line as the model of a set takes it: some of its bouts, by somebody as tired as the stores say. */
export const lineAsked = (task: LoadTask, bouts: readonly number[], stores: Stores): LineAsked => ({
  lift: task.lift.index,
  sets: bouts.map((i) => askedSet(task.asks[i]!)),
  stores,
  bodyKg: bodyIn(task, task.asks[bouts[0]!]!.target),
  scale: Math.exp(-task.lift.offset),
  done: bouts[0]!,
});

/** What the middle of a set's range with its reserve would take, if any load could be made: kg as the coach says it. */
function wishFor(task: LoadTask, i: number, loss: number): number {
  const { belief, index, offset } = task.lift;
  const { target, pace } = task.asks[i]!;
  const middle = target.open ? target.reps.lo : (target.reps.lo + target.reps.hi) / 2;
  const reps = (middle + (target.toFailure ? 0 : target.reserve)) * pace;
  const max = belief.state.mean[index]! + offset - loss;
  return Math.max(0, Math.exp(max - belief.curve.overAt(reps)) - bodyIn(task, target));
}

/** Loads of the bouts that share one, as they are chosen when the line begins. */
export interface ChosenLoads {
  found: ReadonlyMap<number, Found>;
  step: Step | null;
  beside: Beside[];
}

const nothingFound: ChosenLoads = { found: new Map(), step: null, beside: [] };

/** What the loads beside a chosen one would bring, where that is far from what is asked. */
function besideOf(task: LoadTask, asked: LineAsked, kgs: readonly number[], tried: Tried): Beside[] {
  const [first] = tried.sets;
  const [set] = asked.sets;
  if (!first || !set || !isOff(first, set.reserve)) return [];
  const at = kgs.findIndex((kg) => Math.abs(kg - tried.kg) < 1e-6);
  return [kgs[at - 1], kgs[at + 1]].flatMap((kg): Beside[] => {
    const other = kg === undefined ? undefined : tryLoad(task.lift.belief, asked, kg).sets[0];
    if (!other) return [];
    const reps = Math.max(0, Math.min(Math.round(other.reps), Math.floor(other.able)));
    return [{ kg: other.kg, reps, left: Math.max(0, other.able - reps) }];
  });
}

const isOwn = ({ loadOf, holdS, open }: SetTarget): boolean => !loadOf && holdS === undefined && !open;

/** Chooses the load a line's sets share, or each of them its own where the coach holds the reps. */
export function chooseLoads(task: LoadTask, stores: Stores): ChosenLoads {
  const { line, lift, kit, movement, askedKg } = task;
  const own = task.asks.flatMap(({ target }, i) => (isOwn(target) ? [i] : []));
  const choices = choicesOf(kit, movement) ?? [];
  if (!lift.isKnown || own.length === 0 || askedKg !== null) return nothingFound;
  if (!moduleOf(line.scheme).oneLoad || choices.length === 0) return nothingFound;
  const asked = lineAsked(task, own, stores);
  const tried = chosenOf(task, asked, kgsIn(choices));
  if (!tried) return nothingFound;
  const wishes = own.map((i, n) => wishFor(task, i, tried.sets[n]!.loss));
  const one = wishes.reduce((sum, kg) => sum + kg, 0) / wishes.length;
  const found = new Map<number, Found>();
  own.forEach((i, n) => {
    const { kg } = tried.sets[n]!;
    found.set(i, {
      wishKg: line.loads === 'down' ? wishes[n]! : one,
      load: nearestLoad(choices, kg).load,
    });
  });
  return {
    found,
    step: task.isLight ? 'lighter week' : stepTo(tried.kg, task.run),
    beside: besideOf(task, asked, kgsIn(choices), tried),
  };
}

function chosenOf(task: LoadTask, asked: LineAsked, kgs: readonly number[]): Tried | null {
  const { lift, run, isLight, line } = task;
  if (isLight) return lighterLoad(lift.belief, asked, kgs, run);
  if (line.loads !== 'down') return nextLoad(lift.belief, asked, kgs, run);
  const { answer, ...bounds } = boundsOf(lift.belief, asked, kgs, run);
  return chooseEach(lift.belief, asked, kgs, answer === undefined ? bounds : { ...bounds, most: answer });
}

/** What a bout wants that finds its load by itself, when its turn comes. */
function foundAlone(task: LoadTask, i: number, stores: Stores): Found {
  const { lift } = task;
  const choices = choicesOf(task.kit, task.movement) ?? [];
  const tried =
    choices.length > 0 ? chooseOne(lift.belief, lineAsked(task, [i], stores), kgsIn(choices)) : null;
  const loss = lossOf(stores, task.asks[i]!.credits) * Math.exp(lift.belief.tiring.mean);
  return { wishKg: wishFor(task, i, loss), load: tried && nearestLoad(choices, tried.kg).load };
}

/**
 * The load of one bout on this kit, with what is expected of it when its turn comes. `before`: the bouts of its line that
 * came first, as they were loaded.
 */
export function loadSet(
  task: LoadTask,
  i: number,
  { chosen, stores, before }: { chosen: ChosenLoads; stores: Stores; before: readonly LoadedSet[] },
): { set: LoadedSet; expected: SetExpected | null } {
  const { line, movement, rig, lift, kit, askedKg, asks } = task;
  const ask = asks[i]!;
  const { target } = ask;
  const choices = choicesOf(kit, movement);
  const bodyKg = bodyIn(task, target);
  const base = target.loadOf ? before[target.loadOf.bout] : undefined;
  const last = before[i - 1];
  const hand = byHandAt(line.loadKg, i);
  const known = lift.isKnown;

  let found = chosen.found.get(i) ?? null;
  if (!found && known && askedKg === null && !target.loadOf && target.holdS === undefined) {
    const carried = target.open && last?.kg != null && last.wishKg !== null && !last.target.loadOf;
    found = carried
      ? { wishKg: last.wishKg!, load: choices && nearestLoad(choices, last.kg!).load }
      : foundAlone(task, i, stores);
  }
  let wish: number | null = null;
  if (target.loadOf) {
    if (base?.kg != null) {
      const body = bodyIn(task, base.target);
      wish = Math.max(0, (base.kg + body) * target.loadOf.share - body);
    }
  } else if (askedKg !== null) wish = Math.max(0, askedKg - bodyKg);
  else wish = found?.wishKg ?? null;
  const asked = hand ?? wish;
  let near = asked !== null && choices && choices.length > 0 ? nearestLoad(choices, asked).load : null;
  let noLighter = false;
  if (hand === null && near && wish !== null) {
    if (askedKg === null && !target.loadOf) near = found?.load ?? near;
    // A drop has to be one: where the kit's steps are coarse the next lighter load is taken.
    if (target.stage > 0 && target.loadOf!.share < 1 && last?.kg != null && near.kg >= last.kg) {
      near = lighterThan(choices!, last.kg, wish) ?? near;
      noLighter = near.kg >= last.kg;
    }
  }
  const computedKg = near?.kg ?? (movement.load.kind === 'bodyweight' && !known ? 0 : null);
  const handedKg = handedAt(line, i);
  if (handedKg !== null && choices && choices.length > 0) near = nearestLoad(choices, handedKg).load;
  const fixedKg = hand ?? handedKg;
  const makeable =
    fixedKg === null || (near !== null && Math.abs(near.kg - fixedKg) < 0.01) || choices === null;
  const kg = fixedKg ?? computedKg;
  const isTurned = handedKg !== null && computedKg !== null && Math.abs(computedKg - handedKg) > 0.01;
  const set: LoadedSet = {
    target,
    wishKg: wish,
    kg,
    byHand: hand !== null,
    todayKg: isTurned ? computedKg : null,
    makeable,
    nearestKg: near?.kg ?? null,
    noLighter,
    chance: null,
    expectedReps: null,
    expectedReserve: null,
    likely: null,
    able: null,
    ableSd: null,
    reserveShift: 0,
    loss: 1 - Math.exp(-lossOf(stores, ask.credits) * Math.exp(lift.belief.tiring.mean)),
  };
  if (near?.perSide && makeable) set.perSide = near.perSide;
  if (near?.oneEnd && makeable) set.oneEnd = near.oneEnd;
  if (near?.pinKg !== undefined && makeable) set.pinKg = near.pinKg;
  if (!known || kg === null || kg + bodyKg <= 0 || target.holdS !== undefined) return { set, expected: null };
  const turned = { ...lift, offset: lift.offset + Math.log(easierBy(movement, rig, target)) };
  const expected = expectSet(turned, ask, kg + bodyKg, stores, i === 0);
  Object.assign(set, {
    expectedReps: expected.reps,
    expectedReserve: expected.left,
    likely: expected.likely,
    able: expected.able,
    ableSd: expected.ableSd,
    chance: target.open ? null : expected.chance,
    loss: expected.loss,
  });
  if (fixedKg === null && wish !== null && wish + bodyKg > 0 && !target.loadOf)
    set.reserveShift = expected.able - ableWith(turned, expected, (kg + bodyKg) / (wish + bodyKg), ask.pace);
  return { set, expected };
}

/** Repetitions possible with another load, `times` what it is beside this one. */
const ableWith = (
  { belief, index }: KnownLift,
  { overNow }: SetExpected,
  times: number,
  pace: number,
): number => belief.curve.repsAt(overNow + Math.log(times), ownReps(belief, index)) / pace;

export const prescriptionOf = (
  { movement, kit, rig, lift }: LoadTask,
  sets: LoadedSet[],
  { step, beside }: Pick<ChosenLoads, 'step' | 'beside'>,
): Prescription => ({
  sets,
  calibrate: !lift.isKnown && movement.load.kind === 'external' && sets.some((s) => s.kg === null),
  missing: missingFor(kit, movement, rig),
  step,
  beside,
});
