import { appraiseAtOnce, type Appraisal, type Context } from '@drimbo/core';
import type { Stored } from '@drimbo/core/contract';
import { sessionKind } from '@drimbo/core/documents';
import { type LineSigns, signsOf } from '@drimbo/core/review';
import { applyEdit, type Edit, linesOf, type Session } from '@drimbo/core/session';
import { useCallback, useMemo, useState } from 'react';
import type { SaveState } from './saver';
import type { Conflicting } from './saving';
import { useDocument } from './use-document';
import { contextOf, type OpenedSession } from './use-opened';
import { useRemedies } from './use-remedies';

export interface Designer {
  session: Session;
  appraisal: Appraisal;
  context: Context;
  /** Where the open findings stand in the session. */
  signs: ReadonlyMap<string, LineSigns>;
  selected: string | null;
  select: (lineId: string | null) => void;
  /** The finding that is open by its key; null where none is to be, undefined where nobody has asked for one. */
  asked: string | null | undefined;
  ask: (finding: string | null | undefined) => void;
  edit: (edit: Edit, says: string, key?: string) => void;
  undo: () => void;
  redo: () => void;
  canUndo: string | null;
  canRedo: string | null;
  stepsBack: number;
  /** Why the last edit was not done; null where it was. */
  refused: string | null;
  save: SaveState<Session>;
  /** Lets something else of the page write the session; see `Saver.through`. */
  through: (write: () => Promise<Stored<Session>>, says: string) => Promise<void>;
  /** The same part was changed somewhere else; null where all is well. */
  conflict: Conflicting<Session> | null;
}

/** The designer's state: the document with its history, its appraisal, and the saving of it. */
export function useDesigner(opened: OpenedSession): Designer {
  const { stored, file, kits, notebook, schools } = opened;
  const open = useDocument(sessionKind, stored);
  const { document: session, commit, save } = open;
  const [selected, select] = useState<string | null>(() => linesOf(session)[0]?.id ?? null);

  const [asked, ask] = useState<string | null | undefined>(undefined);

  const { kitId } = session;
  const context = useMemo(
    () => contextOf({ kitId }, { file, kits, notebook, schools }),
    [kitId, file, kits, notebook, schools],
  );
  const atOnce = useMemo(() => appraiseAtOnce(session, context), [session, context]);
  const signs = useMemo(() => signsOf(atOnce.findings), [atOnce]);
  const appraisal = useRemedies(session, context, atOnce);

  const edit = useCallback(
    (e: Edit, says: string, key?: string) => commit((now) => applyEdit(now, e), says, key),
    [commit],
  );
  const lines = linesOf(session);
  const alive = lines.some((l) => l.id === selected) ? selected : (lines[0]?.id ?? null);

  return {
    session,
    appraisal,
    context,
    signs,
    selected: alive,
    select,
    asked,
    ask,
    edit,
    undo: open.undo,
    redo: open.redo,
    canUndo: open.canUndo,
    canRedo: open.canRedo,
    stepsBack: open.stepsBack,
    refused: open.refused,
    save,
    through: open.through,
    conflict: open.conflict,
  };
}
