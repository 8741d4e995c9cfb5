import { keptFrom } from '@drimbo/core/formats/any-version';
import { notebookSchema, type Notebook } from '@drimbo/core/movements/notebook';
import type { NotebookChange } from '@drimbo/core/movements/notebook-changes';
import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { Drafts, tabId } from './drafts';
import { sameBy, soundMerge, type Conflicting } from './same-document';
import { Saver, type SaveState } from './saver';
import { api } from '../data/api';
import { queryClient, withLiveTabs, type Stored } from '../data/queries';

const path = '/notebooks/coach';
const key = ['notebook'];
const keptNotebook = keptFrom('notebook', notebookSchema);

/** The notebook as this page has it: saved by the way of every document, whatever screen changes it. */
class KeptNotebook {
  private saver: Saver<Notebook> | null = null;
  private mine: Notebook | null = null;
  /** What was done since the server last had everything; done again on a version that is newer there. */
  private undone: NotebookChange[] = [];
  private state: SaveState<Notebook> = { is: 'saved' };
  private readonly listeners = new Set<() => void>();

  /** What the server answered, with what it does not have yet laid over it. */
  opened(stored: Stored<Notebook>): Stored<Notebook> {
    if (this.saver) return this.mine ? { ...stored, document: this.mine } : stored;
    const drafts = new Drafts(path, tabId(sessionStorage), localStorage, keptNotebook);
    this.saver = new Saver<Notebook>({
      revision: stored.revision,
      base: stored.document,
      drafts,
      same: sameBy(keptNotebook),
      merge: (base, mine, theirs) => this.merged(base, mine, theirs),
      became: (both) => this.show(both),
      put: (revision, document) => api.put<Stored<Notebook>>(path, { revision, document }),
      tell: (state) => this.tell(state),
    });
    const draft = drafts.recover(Date.now());
    if (!draft) return stored;
    this.mine = draft.document;
    if (draft.base === stored.revision) this.saver.goOn(draft.document);
    else this.saver.startFromDraft(draft, stored);
    return this.mine ? { ...stored, document: this.mine } : stored;
  }

  private merged(base: Notebook | null, mine: Notebook, theirs: Notebook): Notebook | null {
    if (this.undone.length === 0) return soundMerge('notebook', keptNotebook, base, mine, theirs);
    const again = this.undone.reduce((notebook, change) => change(notebook), theirs);
    return notebookSchema.safeParse(again).data ?? null;
  }

  private show(notebook: Notebook): void {
    this.mine = notebook;
    queryClient.setQueryData<Stored<Notebook>>(key, (old) => old && { ...old, document: notebook });
  }

  private tell(state: SaveState<Notebook>): void {
    this.state = state;
    if (state.is === 'saved') {
      this.undone = [];
      this.mine = null;
    }
    for (const listener of this.listeners) listener();
  }

  /** Throws what the schema says; nothing is changed then. */
  change(from: Notebook, change: NotebookChange): void {
    const checked = notebookSchema.safeParse(change(this.mine ?? from));
    if (!checked.success) {
      const issue = checked.error.issues[0]!;
      throw new Error(`${issue.path.slice(2).join(' ') || 'notebook'}: ${issue.message}`);
    }
    this.undone.push(change);
    this.show(checked.data);
    this.saver!.change(checked.data);
  }

  settle(chosen: Notebook): void {
    if (this.state.is !== 'conflict') return;
    const isTheirs = sameBy(keptNotebook)(chosen, this.state.theirs.document);
    this.show(chosen);
    if (isTheirs) this.saver!.yieldTo();
    else this.saver!.settle(chosen);
  }

  readonly heard = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly now = (): SaveState<Notebook> => this.state;

  /** The question that has to be answered, null where there is none. */
  conflict(): Conflicting<Notebook> | null {
    const { state, mine } = this;
    if (state.is !== 'conflict' || !mine) return null;
    return {
      kind: 'notebook',
      base: state.base,
      mine,
      theirs: state.theirs,
      settle: (chosen) => this.settle(chosen),
    };
  }
}

const kept = new KeptNotebook();

const fetched = async (): Promise<Stored<Notebook>> =>
  kept.opened(await withLiveTabs(api.get<Stored<Notebook>>(path)));

export const useNotebook = () => useQuery({ queryKey: key, queryFn: fetched, staleTime: 10_000 });

/** How the saving of the notebook stands. */
export function useNotebookSaving(): { state: SaveState<Notebook>; conflict: Conflicting<Notebook> | null } {
  const state = useSyncExternalStore(kept.heard, kept.now);
  return { state, conflict: kept.conflict() };
}

/**
 * Changes the notebook: kept on this device at once, with the server shortly after. Where somebody else was
 * quicker the change is done again on theirs. Throws what the schema says; nothing is changed then.
 */
export async function changeNotebook(change: NotebookChange): Promise<void> {
  const stored = await queryClient.ensureQueryData({ queryKey: key, queryFn: fetched });
  kept.change(stored.document, change);
}
