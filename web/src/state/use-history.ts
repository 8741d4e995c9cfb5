import type { History, HistoryOf } from '@drimbo/core/documents';
import { useCallback, useEffect, useReducer, useState } from 'react';
import type { KeptHistory } from './kept-history';

type To<T> = (document: T) => T;

type Deed<T> =
  | { do: 'commit' | 'fill'; to: To<T>; says: string; key: string | null }
  | { do: 'meet'; to: To<T> }
  | { do: 'undo' }
  | { do: 'redo' };

interface Held<T, C> {
  history: History<T, C>;
  /** What was filled in and is no document yet. */
  typed: T | null;
}

function afterDeed<T, C>(of: HistoryOf<T, C>, { history, typed }: Held<T, C>, deed: Deed<T>): Held<T, C> {
  switch (deed.do) {
    case 'undo':
      // What was typed and never became a document is the last thing that was done.
      return { history: typed === null ? of.undo(history) : { ...history, refused: null }, typed: null };
    case 'redo':
      return { history: of.redo(history), typed: null };
    case 'meet':
      return { history: { ...history, present: deed.to(history.present) }, typed };
    case 'commit':
      return { history: of.commit(history, deed.to(history.present), deed.says, deed.key), typed: null };
    case 'fill': {
      const after = deed.to(typed ?? history.present);
      const next = of.commit({ ...history, refused: null }, after, deed.says, deed.key);
      return { history: next, typed: next.refused === null ? null : after };
    }
  }
}

/** What can be done with something that is edited, and what can be undone of it. */
export interface Editing<T> {
  /** As it is to be shown: what was filled in too. */
  shown: T;
  /** As it was when it last was a valid document: what is saved. */
  present: T;
  /** Why the last thing was not done; null where it was. */
  refused: string | null;
  /** Does something; what would leave no valid document is refused and changes nothing. */
  commit: (to: To<T>, says: string, key?: string) => void;
  /** The same for forms: what is no valid document yet is shown as it was typed. */
  fill: (to: To<T>, says: string, key?: string) => void;
  /** Takes in something that was not done here: it leaves no step. */
  meet: (to: To<T>) => void;
  undo: () => void;
  redo: () => void;
  /** What would be undone and redone, in words; null where there is nothing. */
  canUndo: string | null;
  canRedo: string | null;
  /** How many steps can be taken back. */
  stepsBack: number;
}

/** Something edited with its history, which outlives a reload. */
export function useHistory<T, C>(of: HistoryOf<T, C>, kept: KeptHistory<T, C>, first: T): Editing<T> {
  const [begun] = useState(() => kept.recover(first));
  const [{ history, typed }, dispatch] = useReducer(
    (held: Held<T, C>, deed: Deed<T>) => afterDeed(of, held, deed),
    { history: begun, typed: null },
  );
  useEffect(() => kept.keep(history), [kept, history]);
  return {
    shown: typed ?? history.present,
    present: history.present,
    refused: history.refused,
    commit: useCallback((to, says, key) => dispatch({ do: 'commit', to, says, key: key ?? null }), []),
    fill: useCallback((to, says, key) => dispatch({ do: 'fill', to, says, key: key ?? null }), []),
    meet: useCallback((to) => dispatch({ do: 'meet', to }), []),
    undo: useCallback(() => dispatch({ do: 'undo' }), []),
    redo: useCallback(() => dispatch({ do: 'redo' }), []),
    canUndo: typed === null ? (history.past.at(-1)?.says ?? null) : 'what was typed',
    canRedo: history.future[0]?.says ?? null,
    stepsBack: history.past.length + (typed === null ? 0 : 1),
  };
}
