import {
  choiceKnobs,
  choiceWords,
  type Entry,
  fullRig,
  type LimitId,
  type Movement,
  movementOf,
  numericKnobs,
  type Rig,
  rigWords,
  variantOf,
} from '../movements';
import { type Line, linesOf, type Session, setCountOf } from '../session';
import { doingOf, metBy } from './limits';
import { preferred } from './limit-preferences';
import type { Doing } from './limit-questions';

/** What the table of limits says of a movement as it is set up and done. */
export interface Kindness {
  /** Things to avoid or to change that it meets, and things only worth knowing. */
  avoids: number;
  notes: number;
  /** Things it does that the limit is better off with. */
  prefers: number;
}

/** How a movement at a setting stands with some limits together. `doing`: how hard it is done, where that is known. */
export function kindnessOf(
  movement: Movement,
  rig: Rig,
  limits: readonly LimitId[],
  doing?: Doing,
): Kindness {
  const setting = { movement, rig: fullRig(movement, rig) };
  const met = limits.flatMap((limit) => metBy(movement, rig, limit, doing));
  const notes = met.filter((m) => m.isNote).length;
  return {
    avoids: met.length - notes,
    notes,
    prefers: preferred.filter((row) => limits.includes(row.limit) && row.when(setting, doing)).length,
  };
}

/**
 * Whether the table has the first kinder than the second: nothing to avoid any more where there was something, or nothing
 * in either, no more to be careful about, and more of what the limit prefers.
 */
export const isKinder = (then: Kindness, now: Kindness): boolean =>
  then.avoids === 0 &&
  (now.avoids > 0 || (then.notes <= now.notes && (then.notes < now.notes || then.prefers > now.prefers)));

/** Settings that are tried to answer a limit, the nearest to what coaches do first. */
const numericTries: Partial<Record<(typeof numericKnobs)[number], readonly number[]>> = {
  tuckDeg: [45, 30],
  gripBiacromial: [1.5, 1.3],
  benchDeg: [45, 30, 15, 0],
  elevationM: [-0.3],
};
const choiceTries: Partial<Record<(typeof choiceKnobs)[number], readonly string[]>> = {
  forearm: ['neutral', 'rotating', 'pronated'],
  range: ['chest level', 'full'],
  stance: ['seated', 'prone', 'lying', 'incline bench', 'kneeling', 'floor'],
  hands: ['free'],
};

/** One knob turned to something that is tried, where the movement has it and stands otherwise. */
function turnsOf(movement: Movement, full: Rig): Rig[] {
  const turns: Rig[] = [];
  for (const knob of numericKnobs) {
    const spec = movement.knobs[knob];
    const from = full[knob];
    if (!spec || from === undefined) continue;
    for (const to of numericTries[knob] ?? [])
      // A bench is only ever lowered, hands only brought in, elbows only tucked.
      if (to >= spec.min && to <= spec.max && to < from) turns.push({ [knob]: to });
  }
  for (const knob of choiceKnobs) {
    const spec = movement.knobs[knob];
    for (const to of choiceTries[knob] ?? [])
      if (spec?.options.includes(to) && full[knob] !== to) turns.push({ [knob]: to } as Rig);
  }
  return turns;
}

/** Every way of turning one knob or two, the fewest first. */
function* waysFrom(movement: Movement, full: Rig): Generator<Rig> {
  const turns = turnsOf(movement, full);
  yield* turns;
  for (const [i, a] of turns.entries())
    for (const b of turns.slice(i + 1)) {
      if (Object.keys(a)[0] !== Object.keys(b)[0]) yield { ...a, ...b };
    }
}

/** What was turned, in words: "tuck 45°, neutral grip". */
export function turnWords(movement: Movement, turned: Rig): string {
  const said = rigWords(turned, movement.knobs);
  if (said !== '') return said;
  const [knob, value] = Object.entries(turned)[0] ?? [];
  return knob === undefined ? '' : choiceWords(knob as (typeof choiceKnobs)[number], String(value));
}

/** A setting that answers some limits. */
export interface KindSetting {
  rig: Rig;
  /** What had to be turned; nothing for one that is kind as it comes. */
  turned: Rig;
}

/** Settings of a movement that meet none of these limits, those with the fewest knobs turned first; `keepsName` where only those are wanted that are still called the same. */
export function* kindSettings(
  movement: Movement,
  rig: Rig,
  limits: readonly LimitId[],
  keepsName: boolean,
  doing?: Doing,
): Generator<KindSetting> {
  const full = fullRig(movement, rig);
  const name = variantOf(movement, full).id;
  const isFree = (at: Rig): boolean => {
    const { avoids, notes } = kindnessOf(movement, at, limits, doing);
    return avoids + notes === 0;
  };
  if (isFree(full)) yield { rig: full, turned: {} };
  for (const turned of waysFrom(movement, full)) {
    const at = fullRig(movement, { ...full, ...turned });
    const variant = variantOf(movement, at);
    if (keepsName ? variant.id !== name : variant.offByDefault === true) continue;
    if (isFree(at)) yield { rig: at, turned };
  }
}

const remembered = new Map<string, KindSetting | null>();
const MOST_REMEMBERED = 20_000;

/**
 * The one answer to "is it kind to these limits": an entry as it comes, or under the same name with the fewest settings
 * turned so that nothing of the table speaks against it (an incline press with the elbows at 45°); null where that cannot
 * be. Everything that offers a movement to a client asks this.
 */
export function kindTo(entry: Entry, limits: readonly LimitId[]): { entry: Entry; turned: Rig } | null {
  if (limits.length === 0) return { entry, turned: {} };
  const { movement, rig } = entry;
  const key = `${limits.join()} ${movement.id} ${entry.own ?? ''} ${JSON.stringify(fullRig(movement, rig))}`;
  let found = remembered.get(key);
  if (found === undefined) {
    if (remembered.size >= MOST_REMEMBERED) remembered.clear();
    const first = kindSettings(movement, rig, limits, true).next();
    found = first.done ? null : first.value;
    remembered.set(key, found);
  }
  if (!found) return null;
  const { turned } = found;
  return { entry: Object.keys(turned).length === 0 ? entry : { ...entry, rig: found.rig }, turned };
}

/** What was turned from one set-up of a movement to another, in words; empty where nothing was. */
export function turnedWords(from: Entry, to: Entry): string {
  const [was, is] = [fullRig(from.movement, from.rig), fullRig(to.movement, to.rig)];
  const turned = Object.fromEntries(
    Object.entries(is).filter(([knob, value]) => was[knob as keyof Rig] !== value),
  ) as Rig;
  return Object.keys(turned).length === 0 ? '' : turnWords(to.movement, turned);
}

/** Those of some entries that are kind to a client, each set up so that it is. */
export const kindEntries = (
  pool: readonly Entry[],
  { limits }: { limits: readonly { limit: LimitId }[] },
): Entry[] => {
  const ids = limits.map((l) => l.limit);
  return pool.flatMap((e) => kindTo(e, ids)?.entry ?? []);
};

/** Whether nothing of a client's limits speaks against a line as it is done: only then is more of it ever offered. */
export const mayHaveMore = (
  m: { movement: Movement; rig: Rig; line: Line },
  { limits }: { limits: readonly { limit: LimitId }[] },
): boolean =>
  kindnessOf(
    m.movement,
    m.rig,
    limits.map((l) => l.limit),
    doingOf(m.line),
  ).avoids === 0;

/**
 * Whether an edit brings a client something their limits speak against: another movement in such a setting, or more sets
 * of one that stands there.
 */
export function bringsUnkind(
  before: Session,
  after: Session,
  client: { limits: readonly { limit: LimitId }[] },
): boolean {
  if (client.limits.length === 0) return false;
  const was = new Map(linesOf(before).map((l) => [l.id, l]));
  return linesOf(after).some((line) => {
    const old = was.get(line.id);
    const isMore = !old || old.movement !== line.movement || setCountOf(line.scheme) > setCountOf(old.scheme);
    return isMore && !mayHaveMore({ movement: movementOf(line.movement), rig: line.rig, line }, client);
  });
}
