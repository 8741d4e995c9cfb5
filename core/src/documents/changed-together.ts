import type { Algebra } from './changes';

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
