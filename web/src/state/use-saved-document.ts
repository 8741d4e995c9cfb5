import { useCallback, useEffect, useRef, useState } from 'react';
import { keptSchemas, mayReplace } from '@drimbo/core/formats/kept';
import type { Documents } from '@drimbo/core/formats/opening';
import type { DocumentKind } from '@drimbo/core/formats/steps';
import type { ZodType } from 'zod';
import { api } from '../data/api';
import type { Stored } from '../data/queries';
import { Drafts, tabId } from './drafts';
import { sameBy, soundMerge, type Conflicting } from './same-document';
import { Saver, type SaveState } from './saver';

export interface SavedDocument<T> {
  document: T;
  change: (patch: Partial<T>) => void;
  says: string;
  /** The same part was changed somewhere else; the coach says which version stays. Null where all is well. */
  conflict: Conflicting<T> | null;
}

function wordsFor(state: SaveState<unknown>): string {
  switch (state.is) {
    case 'saved':
      return 'Saved';
    case 'saving':
      return 'Saving…';
    case 'waiting':
      return state.why;
    case 'refused':
      return `Not saved: ${state.why}`;
    case 'conflict':
      return 'Not saved: changed somewhere else too.';
  }
}

/**
 * A document saved as it changes, by the same way as a session: kept on this device first, sent in order, tried
 * again. What the schema refuses is shown and not saved. `kept` hears of every version the server has taken.
 */
export function useSavedDocument<K extends DocumentKind, T extends Documents[K] = Documents[K]>(
  kind: K,
  stored: Stored<T>,
  kept: (stored: Stored<T>) => void,
): SavedDocument<T> {
  const path = `/${kind}s/${stored.id}`;
  const schema = keptSchemas[kind] as unknown as ZodType<T>;
  const [opening] = useState(() => {
    const drafts = new Drafts(path, tabId(sessionStorage), localStorage, schema);
    return { drafts, draft: drafts.recover(Date.now()), stored };
  });
  const [document, setDocument] = useState(opening.draft?.document ?? stored.document);
  const [state, setState] = useState<SaveState<T>>({ is: 'saved' });
  const [wrong, setWrong] = useState<string | null>(null);
  const now = useRef(document);
  const saver = useRef<Saver<T> | null>(null);
  const tell = useRef(kept);
  useEffect(() => {
    tell.current = kept;
  }, [kept]);

  useEffect(() => {
    const { drafts, draft } = opening;
    const made = new Saver<T>({
      revision: opening.stored.revision,
      base: opening.stored.document,
      drafts,
      same: sameBy(schema),
      merge: (base, mine, theirs) => soundMerge(kind, schema, base, mine, theirs),
      became: (both) => {
        now.current = both;
        setDocument(both);
      },
      put: async (revision, next) => {
        const answer = await api.put<Stored<T>>(path, { revision, document: next });
        tell.current(answer);
        return answer;
      },
      tell: setState,
    });
    saver.current = made;
    if (draft?.base === opening.stored.revision) made.goOn(draft.document);
    else if (draft) made.startFromDraft(draft, opening.stored);
    return () => made.stop();
  }, [kind, path, schema, opening]);

  const show = useCallback((next: T): void => {
    now.current = next;
    setDocument(next);
  }, []);
  const change = useCallback(
    (patch: Partial<T>): void => {
      const next = { ...now.current, ...patch };
      show(next);
      const checked = mayReplace(kind, next, opening.stored.document);
      const issue = 'error' in checked ? checked.error.issues[0] : undefined;
      setWrong(issue ? `Not saved: ${issue.path.join(' ')} ${issue.message}` : null);
      if (!issue) saver.current?.change(next);
    },
    [kind, opening, show],
  );

  return {
    document,
    change,
    says: wrong ?? wordsFor(state),
    conflict:
      state.is === 'conflict'
        ? {
            kind,
            base: state.base,
            mine: document,
            theirs: state.theirs,
            settle: (chosen) => {
              if (sameBy(schema)(chosen, state.theirs.document)) saver.current?.yieldTo();
              else saver.current?.settle(chosen);
              setWrong(null);
              show(chosen);
            },
          }
        : null,
  };
}
