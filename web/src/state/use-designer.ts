import { appraiseAtOnce, type Appraisal, type Context } from '@drimbo/core';
import { keptSession } from '@drimbo/core/formats/any-version';
import { linesOf, type Session } from '@drimbo/core/session/document';
import type { Edit } from '@drimbo/core/session/edits';
import { commit, redo, undo, type History } from '@drimbo/core/session/history';
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { api } from '../data/api';
import { noteSave } from '../data/pending-saves';
import type { Stored } from '../data/queries';
import { contextOf, type OpenedSession } from './use-opened';
import { Drafts, tabId } from './drafts';
import { KeptHistory } from './kept-history';
import { useRemedies } from './use-remedies';
import { sameBy, soundMerge, type Conflicting } from './same-document';
import { Saver, type SaveState } from './saver';

type Action = { do: 'edit'; edit: Edit; says: string; key: string | null } | { do: 'undo' } | { do: 'redo' };

function step(history: History, action: Action): History {
  if (action.do === 'undo') return undo(history);
  if (action.do === 'redo') return redo(history);
  return commit(history, action.edit, action.says, action.key);
}

/** Everything of a session but its ids and its format, to put over what the server has. */
function contents(session: Session): Edit {
  const { format: _format, version: _version, ...values } = session;
  return { do: 'put', values };
}

const sameSession = sameBy(keptSession);

export interface Designer {
  session: Session;
  appraisal: Appraisal;
  context: Context;
  selected: string | null;
  select: (lineId: string | null) => void;
  edit: (edit: Edit, says: string, key?: string) => void;
  undo: () => void;
  redo: () => void;
  canUndo: string | null;
  canRedo: string | null;
  /** Why the last edit was not done; null where it was. */
  refused: string | null;
  save: SaveState<Session>;
  /** The same part was changed somewhere else; null where all is well. */
  conflict: Conflicting<Session> | null;
}

/** The designer's state: the document with its history, its appraisal, and the saving of it. */
export function useDesigner(opened: OpenedSession): Designer {
  const { stored, file, kits, notebook, schools } = opened;
  const [opening] = useState(() => {
    const drafts = new Drafts(stored.id, tabId(sessionStorage), localStorage, keptSession);
    const kept = new KeptHistory(stored.id, localStorage, sameSession);
    return { drafts, kept, draft: drafts.recover(Date.now()) };
  });
  const [history, dispatch] = useReducer(step, undefined, () =>
    opening.kept.recover(opening.draft?.document ?? stored.document),
  );
  useEffect(() => opening.kept.keep(history), [opening, history]);
  const [save, setSave] = useState<SaveState<Session>>({ is: 'saved' });
  const [selected, select] = useState<string | null>(() => linesOf(history.present)[0]?.id ?? null);
  const session = history.present;
  const saver = useRef<Saver<Session> | null>(null);
  const written = useRef<Session>(stored.document);

  useEffect(() => {
    const made = new Saver({
      revision: stored.revision,
      base: stored.document,
      drafts: opening.drafts,
      same: sameSession,
      merge: (base, mine, theirs) => soundMerge('session', keptSession, base, mine, theirs),
      became: (both) =>
        dispatch({ do: 'edit', edit: contents(both), says: 'merge what was changed elsewhere', key: null }),
      put: (revision, document) =>
        noteSave(stored.id, api.put<Stored<Session>>(`/sessions/${stored.id}`, { revision, document })),
      tell: setSave,
    });
    saver.current = made;
    const { draft } = opening;
    if (draft?.base === stored.revision) made.goOn(draft.document);
    else if (draft) {
      written.current = draft.document;
      made.startFromDraft(draft, stored);
    }
    return () => made.stop();
  }, [stored, opening]);

  useEffect(() => {
    if (session === written.current) return;
    written.current = session;
    saver.current?.change(session);
  }, [session]);

  const { kitId } = session;
  const context = useMemo(
    () => contextOf({ kitId }, { file, kits, notebook, schools }),
    [kitId, file, kits, notebook, schools],
  );
  const atOnce = useMemo(() => appraiseAtOnce(session, context), [session, context]);
  const appraisal = useRemedies(session, context, atOnce);

  const edit = useCallback(
    (e: Edit, says: string, key?: string) => dispatch({ do: 'edit', edit: e, says, key: key ?? null }),
    [],
  );
  const lines = linesOf(session);
  const alive = lines.some((l) => l.id === selected) ? selected : (lines[0]?.id ?? null);

  return {
    session,
    appraisal,
    context,
    selected: alive,
    select,
    edit,
    undo: useCallback(() => dispatch({ do: 'undo' }), []),
    redo: useCallback(() => dispatch({ do: 'redo' }), []),
    canUndo: history.past[history.past.length - 1]?.says ?? null,
    canRedo: history.future[0]?.says ?? null,
    refused: history.refused,
    save,
    conflict:
      save.is === 'conflict'
        ? {
            kind: 'session',
            base: save.base,
            mine: session,
            theirs: save.theirs,
            settle: (chosen) => {
              if (sameSession(chosen, save.theirs.document)) saver.current?.yieldTo();
              else saver.current?.settle(chosen);
              if (!sameSession(chosen, session))
                dispatch({ do: 'edit', edit: contents(chosen), says: 'take the other version', key: null });
            },
          }
        : null,
  };
}
