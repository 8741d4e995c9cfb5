import { notebookSchema, type Notebook, type OwnMovement } from '@drimbo/core/movements/notebook';
import { useQuery } from '@tanstack/react-query';
import { api, ApiError } from './api';
import { queryClient, type Stored } from './queries';

const path = '/notebooks/coach';
const key = ['notebook'];

export const useNotebook = () =>
  useQuery({ queryKey: key, queryFn: () => api.get<Stored<Notebook>>(path), staleTime: 10_000 });

/**
 * Changes the notebook as the server has it now: where somebody else was quicker the change is done
 * again on theirs. Throws what the schema or the server says; nothing is changed then.
 */
export async function changeNotebook(change: (notebook: Notebook) => Notebook): Promise<void> {
  let stored = queryClient.getQueryData<Stored<Notebook>>(key) ?? (await api.get<Stored<Notebook>>(path));
  for (let turn = 0; ; turn++) {
    const checked = notebookSchema.safeParse(change(stored.document));
    if (!checked.success) {
      const issue = checked.error.issues[0]!;
      throw new Error(`${issue.path.slice(2).join(' ') || 'notebook'}: ${issue.message}`);
    }
    try {
      queryClient.setQueryData(
        key,
        await api.put<Stored<Notebook>>(path, { revision: stored.revision, document: checked.data }),
      );
      return;
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409 || turn >= 3) throw error;
      stored = error.current as Stored<Notebook>;
    }
  }
}

export const keepOwn =
  (own: OwnMovement) =>
  (n: Notebook): Notebook => ({
    ...n,
    own: n.own.some((o) => o.id === own.id) ? n.own.map((o) => (o.id === own.id ? own : o)) : [...n.own, own],
  });

export const dropOwn =
  (id: string) =>
  (n: Notebook): Notebook => ({ ...n, own: n.own.filter((o) => o.id !== id) });

/** Puts a name out of sight or back. */
export const setOffered =
  (id: string, offered: boolean) =>
  (n: Notebook): Notebook => ({
    ...n,
    hidden: offered ? n.hidden.filter((h) => h !== id) : [...new Set([...n.hidden, id])],
    shown: offered ? [...new Set([...n.shown, id])] : n.shown.filter((h) => h !== id),
  });

/** The coach's cues for a name; none takes them back. */
export const setCues =
  (entryId: string, cues: string[] | null) =>
  (n: Notebook): Notebook => {
    const { [entryId]: _before, ...others } = n.cues;
    return { ...n, cues: cues && cues.length > 0 ? { ...others, [entryId]: cues } : others };
  };
