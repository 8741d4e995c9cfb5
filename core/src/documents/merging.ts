import isSame from 'fast-deep-equal';
import type { Kind } from './kind';
import { partOf } from './splitting';

/** Where two versions of one document differ. */
export interface Part {
  key: string;
  mine: unknown;
  theirs: unknown;
  /** Whose it is that differs from what both began with. */
  changedBy: 'mine' | 'theirs' | 'both';
}

function changedBy(was: unknown, mine: unknown, theirs: unknown): Part['changedBy'] {
  if (isSame(was, mine)) return 'theirs';
  return isSame(was, theirs) ? 'mine' : 'both';
}

/** The parts in which two versions differ. `base` is what both began with; unknown, all counts as changed by both. */
export function differing<T extends object>(
  kind: Kind<string, T>,
  base: T | null,
  mine: T,
  theirs: T,
): Part[] {
  const [m, t, b] = [kind.apart(mine), kind.apart(theirs), base && kind.apart(base)];
  return [...new Set([...m.keys(), ...t.keys()])]
    .map((key) => ({ key, mine: m.get(key), theirs: t.get(key) }))
    .filter((part) => !isSame(part.mine, part.theirs))
    .map((part) => ({
      ...part,
      changedBy: b ? changedBy(b.get(part.key), part.mine, part.theirs) : 'both',
    }));
}

/**
 * My version with the parts of these keys as they are in theirs. What stands in a list with an order is taken from
 * whoever has it: the chosen order says whether it stays.
 */
export function merged<T extends object>(
  kind: Kind<string, T>,
  mine: T,
  theirs: T,
  fromTheirs: ReadonlySet<string>,
): T {
  const [m, t] = [kind.apart(mine), kind.apart(theirs)];
  const splits = kind.splits as Record<string, { isOrdered?: boolean } | undefined>;
  const parts = new Map<string, unknown>();
  for (const key of new Set([...m.keys(), ...t.keys()])) {
    const [first, second] = fromTheirs.has(key) ? [t, m] : [m, t];
    const { field, id } = partOf(key);
    const isFromWhoever = id !== '' && splits[field]?.isOrdered === true;
    parts.set(key, first.has(key) || !isFromWhoever ? first.get(key) : second.get(key));
  }
  return kind.together(parts);
}

/**
 * Both versions in one, a valid document of today, where no part was changed on both sides; null where the coach has to
 * choose.
 *
 * @example mergedAlone(clientKind, base, { ...base, minutes: 50 }, { ...base, goal: 'Size' }) // both changes
 */
export function mergedAlone<T extends object>(
  kind: Kind<string, T>,
  base: T | null,
  mine: T,
  theirs: T,
): T | null {
  const parts = differing(kind, base, mine, theirs);
  if (parts.some((part) => part.changedBy === 'both')) return null;
  const fromTheirs = parts.filter((part) => part.changedBy === 'theirs').map((part) => part.key);
  return kind.kept.safeParse(merged(kind, mine, theirs, new Set(fromTheirs))).data ?? null;
}
