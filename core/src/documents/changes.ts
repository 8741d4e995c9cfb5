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

const mapped = <V, W>(
  table: Readonly<Record<string, V>>,
  to: (value: V, key: string) => W,
): Record<string, W> =>
  Object.fromEntries(Object.entries(table).map(([key, value]) => [key, to(value, key)]));

/** Changes of several things by their ids. One that is not there is passed over; one that comes or goes is no change. */
export const eachOf = <T, C>(
  one: Algebra<T, C>,
): Algebra<Readonly<Record<string, T>>, Readonly<Record<string, C>>> => ({
  between: (before, after) => {
    const changes: Record<string, C> = {};
    for (const [id, now] of Object.entries(after)) {
      if (!(id in before) || before[id] === now) continue;
      const change = one.between(before[id]!, now);
      if (!one.isNothing(change)) changes[id] = change;
    }
    return changes;
  },
  apply: (to, changes) => ({
    ...to,
    ...mapped(Object.fromEntries(Object.entries(changes).filter(([id]) => id in to)), (change, id) =>
      one.apply(to[id]!, change),
    ),
  }),
  inverse: (changes) => mapped(changes, one.inverse),
  squash: (first, second) => {
    const both = mapped({ ...first, ...second }, (change, id) =>
      id in first && id in second ? one.squash(first[id]!, second[id]!) : change,
    );
    return Object.fromEntries(Object.entries(both).filter(([, change]) => !one.isNothing(change)));
  },
  isNothing: (changes) => Object.values(changes).every((change) => one.isNothing(change)),
  against: (after, before) => {
    for (const [id, now] of Object.entries(after)) {
      const wrong = id in before && before[id] !== now ? one.against(now, before[id]!) : null;
      if (wrong !== null) return wrong;
    }
    return null;
  },
});

/** Changes of two different things that are changed together. */
export const bothOf = <A, CA, B, CB>(
  first: Algebra<A, CA>,
  second: Algebra<B, CB>,
): Algebra<readonly [A, B], readonly [CA, CB]> => ({
  between: ([a, b], [a2, b2]) => [first.between(a, a2), second.between(b, b2)],
  apply: ([a, b], [ca, cb]) => [first.apply(a, ca), second.apply(b, cb)],
  inverse: ([ca, cb]) => [first.inverse(ca), second.inverse(cb)],
  squash: ([ca, cb], [ca2, cb2]) => [first.squash(ca, ca2), second.squash(cb, cb2)],
  isNothing: ([ca, cb]) => first.isNothing(ca) && second.isNothing(cb),
  against: ([a2, b2], [a, b]) => first.against(a2, a) ?? second.against(b2, b),
});
