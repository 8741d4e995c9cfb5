import type { Stored } from '@drimbo/core/contract';
import { notebookKind } from '@drimbo/core/documents';
import { type Notebook, type NotebookChange, notebookSchema } from '@drimbo/core/movements';
import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { documentOf } from '../data/documents';
import { queryClient, withLiveTabs } from '../data/queries';
import { leftHere, sameBy, saverOf, type Conflicting } from './saving';
import type { Saver, SaveState } from './saver';

const COACH = 'coach';
const key = ['notebook'];
const same = sameBy(notebookKind);

/** The notebook as this page has it: saved by the way of every document, whatever screen changes it. */
class KeptNotebook {
  private saver: Saver<Notebook> | null = null;
  private mine: Notebook | null = null;
  private state: SaveState<Notebook> = { is: 'saved' };
  private readonly listeners = new Set<() => void>();

  /** What the server answered, with what it does not have yet laid over it. */
  opened(stored: Stored<Notebook>): Stored<Notebook> {
    if (!this.saver) {
      const left = leftHere(notebookKind, COACH);
      this.mine = left.draft?.document ?? null;
      this.saver = saverOf(notebookKind, stored, left, {
        became: (both) => this.show(both),
        tell: (state) => this.tell(state),
      });
    }
    return this.mine ? { ...stored, document: this.mine } : stored;
  }

  private show(notebook: Notebook): void {
    this.mine = notebook;
    queryClient.setQueryData<Stored<Notebook>>(key, (old) => old && { ...old, document: notebook });
  }

  private tell(state: SaveState<Notebook>): void {
    this.state = state;
    if (state.is === 'saved') this.mine = null;
    for (const listener of this.listeners) listener();
  }

  /** Throws what the schema says; nothing is changed then. */
  change(from: Notebook, change: NotebookChange): void {
    const checked = notebookSchema.safeParse(change(this.mine ?? from));
    if (!checked.success) {
      const issue = checked.error.issues[0]!;
      throw new Error(`${issue.path.slice(2).join(' ') || 'notebook'}: ${issue.message}`);
    }
    this.show(checked.data);
    this.saver!.change(checked.data);
  }

  settle(chosen: Notebook): void {
    if (this.state.is !== 'conflict') return;
    const isTheirs = same(chosen, this.state.theirs.document);
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
      kind: notebookKind as never,
      base: state.base,
      mine,
      theirs: state.theirs,
      settle: (chosen) => this.settle(chosen),
    };
  }
}

const kept = new KeptNotebook();

const fetched = async (): Promise<Stored<Notebook>> =>
  kept.opened(await withLiveTabs(documentOf('notebook', COACH)));

export const useNotebook = () => useQuery({ queryKey: key, queryFn: fetched, staleTime: 10_000 });

/** How the saving of the notebook stands. */
export function useNotebookSaving(): { state: SaveState<Notebook>; conflict: Conflicting<Notebook> | null } {
  const state = useSyncExternalStore(kept.heard, kept.now);
  return { state, conflict: kept.conflict() };
}

/**
 * Changes the notebook: kept on this device at once, with the server shortly after. Throws what the schema says; nothing is changed then.
 */
export async function changeNotebook(change: NotebookChange): Promise<void> {
  const stored = await queryClient.ensureQueryData({ queryKey: key, queryFn: fetched });
  kept.change(stored.document, change);
}
