import type { ZodError } from 'zod';

/** Where a document is larger, longer or more than is taken today, and by how much. */
export interface Beyond {
  /** Where in the document, "blocks.2.lines". */
  at: string;
  says: string;
  /** How far beyond the bound: letters, things of a list, or units of the figure. */
  by: number;
}

type Issue = ZodError['issues'][number];

const valueAt = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (inner, step) =>
      typeof inner === 'object' && inner !== null ? (inner as Record<PropertyKey, unknown>)[step] : undefined,
    value,
  );

const sizeOf = (value: unknown): number =>
  typeof value === 'number' ? value : typeof value === 'string' || Array.isArray(value) ? value.length : NaN;

/** By how much an issue is one of a bound; null for one of another kind: what is missing, unknown or senseless. */
function beyondBy(issue: Issue, value: unknown): number | null {
  if (issue.code === 'custom') return typeof issue.params?.by === 'number' ? issue.params.by : null;
  const size = sizeOf(valueAt(value, issue.path));
  if (issue.code === 'too_big') return size - Number(issue.maximum);
  // What has to hold at least one thing is nothing without it.
  if (issue.code === 'too_small') return issue.origin === 'number' ? Number(issue.minimum) - size : null;
  return null;
}

/**
 * What a schema has against a value where it is nothing but bounds that it is beyond; null where it has anything else.
 * Documents of an earlier version may be beyond the bounds of today, and are documents all the same.
 */
export function beyondIn(error: ZodError, value: unknown): Beyond[] | null {
  const found: Beyond[] = [];
  for (const issue of error.issues) {
    const by = beyondBy(issue, value);
    if (by === null || Number.isNaN(by)) return null;
    found.push({ at: issue.path.map(String).join('.'), says: issue.message, by });
  }
  return found;
}

/** Places of a list are alike: taking one out moves those behind it. */
const placeOf = ({ at, says }: Beyond): string =>
  `${at.replace(/(^|\.)\d+(?=\.|$)/g, '$1#')} ${says.replace(/\d+/g, '#')}`;

/** Whether nothing is beyond a bound that was not before, and nothing further than it was. */
export function isNoWorse(now: readonly Beyond[], before: readonly Beyond[]): boolean {
  const left = new Map<string, number[]>();
  for (const b of [...before].sort((x, y) => y.by - x.by)) {
    const place = placeOf(b);
    left.set(place, [...(left.get(place) ?? []), b.by]);
  }
  return [...now]
    .sort((x, y) => y.by - x.by)
    .every((b) => {
      const was = left.get(placeOf(b))?.shift();
      return was !== undefined && b.by <= was;
    });
}
