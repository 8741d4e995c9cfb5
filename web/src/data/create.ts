import { api, ApiError } from './api';
import { idIsThrough, isOfThisPage, keptId } from './ids';
import type { Stored } from './queries';

type Path = '/clients' | '/kits' | '/schools' | '/sessions' | '/blocks';

/**
 * Makes a document once, however often it is sent. Where an answer was lost and the form says something else by now, what
 * it made is changed, unless somebody has worked on it since: then another is made. `what`: the form or press, by which
 * a second try is known. Rejects where it cannot be kept; the same `what` then is the same document.
 */
export async function createOnce<T>(
  what: string,
  path: Path,
  stem: string,
  document: unknown,
): Promise<Stored<T>> {
  const id = keptId(what, stem);
  try {
    const made = await api.create<Stored<T>>(path, id, document);
    idIsThrough(what);
    return made;
  } catch (error) {
    if (!(error instanceof ApiError) || !['taken', 'deleted'].includes(error.code)) throw error;
    const there = error.current as Stored<T> | undefined;
    if (error.code === 'taken' && there?.revision === 1 && isOfThisPage(id)) {
      const changed = await api.put<Stored<T>>(`${path}/${id}`, { revision: 1, document });
      idIsThrough(what);
      return changed;
    }
    idIsThrough(what);
    return createOnce(what, path, stem, document);
  }
}
