import type { PerformedSet } from './performed-set';

/** The sets of a session as they were at a moment: `at` counts the changes there were, and never comes down. */
export interface SetList {
  /** The database that counts; a copy put back counts anew under another name. */
  house: string;
  at: number;
  sets: PerformedSet[];
  /** How many more there are that cannot be read; left out for none. */
  torn?: number;
}

/** A set as a device keeps it. */
export interface KeptSet {
  id: string;
  sessionId: string;
  set: PerformedSet;
  /** The count of changes at which the server had it; null while nobody answered that it has. */
  at: number | null;
  /** Logged on this device. */
  isMine: boolean;
}

/** A set that was taken away on this device, and the count at which the server knew; null while it may not. */
export interface TakenAway {
  id: string;
  sessionId: string;
  at: number | null;
}

/** What a device does with a list of sets that somebody read for it. */
export interface AfterList {
  put: KeptSet[];
  drop: string[];
  /** Taken away so long ago that every list from now on knows. */
  forget: string[];
  /** What the server had and has no more, since a copy of its database was put back: to be sent again. */
  again: { sets: PerformedSet[]; removes: string[] };
}

/**
 * What a device keeps after a list arrives. What it knows and has not seen answered stays, and so does whatever was
 * answered later than the list was read; all else is as the list has it. Lists may come in any order and late.
 * `house`: the database this device has heard of so far; null for none.
 */
export function afterList(
  kept: readonly KeptSet[],
  away: readonly TakenAway[],
  list: SetList,
  sessionId: string,
  house: string | null,
): AfterList {
  const isOther = house !== null && house !== list.house;
  const after: AfterList = { put: [], drop: [], forget: [], again: { sets: [], removes: [] } };
  const listed = new Set(list.sets.map((s) => s.id));
  const isLater = (at: number | null): boolean => at === null || (!isOther && at > list.at);
  for (const k of kept) {
    if (listed.has(k.id) || k.at === null) continue;
    if (isOther && k.isMine) {
      after.put.push({ ...k, at: null });
      after.again.sets.push(k.set);
    } else if (!isLater(k.at)) after.drop.push(k.id);
  }
  const here = new Map(kept.map((k) => [k.id, k]));
  const gone = new Map(away.map((t) => [t.id, t]));
  for (const set of list.sets) {
    const taken = gone.get(set.id);
    if (taken && isOther && taken.at !== null) after.again.removes.push(set.id);
    if (taken && (isOther || isLater(taken.at))) continue;
    const known = here.get(set.id);
    after.put.push({
      id: set.id,
      sessionId,
      set,
      at: isOther ? list.at : Math.max(list.at, known?.at ?? 0),
      isMine: known?.isMine ?? false,
    });
  }
  for (const t of away) if (!isLater(t.at) && !listed.has(t.id)) after.forget.push(t.id);
  return after;
}
