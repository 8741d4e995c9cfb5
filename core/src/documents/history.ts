import type { Algebra } from './changes';

/** One thing done: what it changed, which is the way back too. */
export interface HistoryStep<C> {
  change: C;
  /** What was done, in words: "remove Chest dip". */
  says: string;
  /** Steps with the same key that follow each other count as one: typing in a cell. */
  key: string | null;
}

/** Something with everything that can be undone and redone. */
export interface History<T, C> {
  present: T;
  past: readonly HistoryStep<C>[];
  future: readonly HistoryStep<C>[];
  /** Why the last thing was not done; null where it was. */
  refused: string | null;
}

/** What can be done with a history. None of it touches the one given. */
export interface HistoryOf<T, C> {
  start: (present: T) => History<T, C>;
  /**
   * Goes on to `after`. What changes nothing leaves no step; what no document can be is refused and changes nothing. A
   * step with the key of the one before it becomes one with it.
   */
  commit: (history: History<T, C>, after: T, says: string, key?: string | null) => History<T, C>;
  undo: (history: History<T, C>) => History<T, C>;
  redo: (history: History<T, C>) => History<T, C>;
}

const doesNotFit = 'this step no longer fits: it was changed somewhere else';

/**
 * The history of something whose changes are known.
 *
 * @example
 * const { start, commit, undo } = historyOf(changesOf(clientKind));
 * const changed = commit(start(client), { ...client, minutes: 50 }, 'Minutes');
 * undo(changed).present;   // client
 */
export function historyOf<T, C>(of: Algebra<T, C>): HistoryOf<T, C> {
  /** After one step back or on; null where the step does not fit what is there. */
  const stepped = (present: T, changeOf: () => C): T | null => {
    try {
      const after = of.apply(present, changeOf());
      return of.against(after, present) === null ? after : null;
    } catch {
      return null;
    }
  };
  return {
    start: (present) => ({ present, past: [], future: [], refused: null }),
    commit: (history, after, says, key = null) => {
      const { present, past } = history;
      const change = of.between(present, after);
      if (of.isNothing(change)) return history;
      const refused = of.against(after, present);
      if (refused !== null) return { ...history, refused };
      const last = past.at(-1);
      if (key === null || !last || last.key !== key)
        return { present: after, past: [...past, { change, says, key }], future: [], refused: null };
      const whole = of.squash(last.change, change);
      const before = past.slice(0, -1);
      return {
        present: after,
        past: of.isNothing(whole) ? before : [...before, { change: whole, says, key }],
        future: [],
        refused: null,
      };
    },
    undo: (history) => {
      const step = history.past.at(-1);
      if (!step) return history;
      const present = stepped(history.present, () => of.inverse(step.change));
      if (present === null) return { ...history, past: [], refused: doesNotFit };
      const future = [{ ...step, key: null }, ...history.future];
      return { present, past: history.past.slice(0, -1), future, refused: null };
    },
    redo: (history) => {
      const step = history.future[0];
      if (!step) return history;
      const present = stepped(history.present, () => step.change);
      if (present === null) return { ...history, future: [], refused: doesNotFit };
      return { present, past: [...history.past, step], future: history.future.slice(1), refused: null };
    },
  };
}
