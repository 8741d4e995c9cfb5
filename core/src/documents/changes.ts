import isSame from 'fast-deep-equal';
import { mayReplace } from './opening';
import type { Kind } from './kind';

/** What a part was and what it is now; left out where it is not there. */
export interface Turn {
  was?: unknown;
  is?: unknown;
}

/** A change of one document as data: every part that is another by now. It can be kept as JSON. */
export type Change = Readonly<Record<string, Turn>>;

/**
 * What can be done with changes of something: `apply(before, between(before, after))` is `after`, and
 * `apply(after, inverse(change))` is `before`.
 */
export interface Algebra<T, C> {
  between: (before: T, after: T) => C;
  /** The document after a change; the one given is not touched. */
  apply: (to: T, change: C) => T;
  inverse: (change: C) => C;
  /** Two changes that follow each other as one, as small as if it had been done at once. */
  squash: (first: C, second: C) => C;
  isNothing: (change: C) => boolean;
  /** What speaks against `after` in the place of `before`, in words; null where nothing does. */
  against: (after: T, before: T) => string | null;
}

const nothing: Change = {};

/** What speaks against `after` in the place of `before`, and the field it is about by its name; null where nothing does. */
export function refusal<T extends object>(
  kind: Kind<string, T>,
  after: T,
  before: T,
): { field: string | null; message: string } | null {
  const opened = mayReplace(kind, after, before);
  if ('document' in opened) return null;
  const { message, path } = opened.error.issues[0]!;
  return { field: (kind.names as Record<string, string>)[String(path[0])] ?? null, message };
}

function between<T extends object>(kind: Kind<string, T>, before: T, after: T): Change {
  if (before === after) return nothing;
  const [was, is] = [kind.apart(before), kind.apart(after)];
  const change: Record<string, Turn> = {};
  for (const key of new Set([...was.keys(), ...is.keys()])) {
    const [old, now] = [was.get(key), is.get(key)];
    if (old !== now && !isSame(old, now)) change[key] = { was: old, is: now };
  }
  return change;
}

function apply<T extends object>(kind: Kind<string, T>, to: T, change: Change): T {
  if (Object.keys(change).length === 0) return to;
  const parts = kind.apart(to);
  for (const [key, { is }] of Object.entries(change)) {
    if (is === undefined) parts.delete(key);
    else parts.set(key, is);
  }
  return kind.together(parts);
}

const inverse = (change: Change): Change =>
  Object.fromEntries(Object.entries(change).map(([key, { was, is }]) => [key, { was: is, is: was }]));

function squash(first: Change, second: Change): Change {
  const both: Record<string, Turn> = { ...first };
  for (const [key, turn] of Object.entries(second)) {
    const was = key in first ? first[key]!.was : turn.was;
    if (isSame(was, turn.is)) delete both[key];
    else both[key] = { was, is: turn.is };
  }
  return both;
}

/**
 * The changes of one kind of document.
 *
 * @example
 * const of = changesOf(clientKind);
 * const change = of.between(client, { ...client, minutes: 50 });   // { minutes: { was: 60, is: 50 } }
 * of.apply(client, change).minutes;                                 // 50
 * of.apply(of.apply(client, change), of.inverse(change));           // client
 */
export const changesOf = <T extends object>(kind: Kind<string, T>): Algebra<T, Change> => ({
  between: (before, after) => between(kind, before, after),
  apply: (to, change) => apply(kind, to, change),
  inverse,
  squash,
  isNothing: (change) => Object.keys(change).length === 0,
  against: (after, before) => refusal(kind, after, before)?.message ?? null,
});
