import { documentWays, type Stored } from '@drimbo/core/contract';
import type { DocumentKind, Documents } from '@drimbo/core/documents';
import { ApiError, ask } from './api';
import { putDocument } from './documents';
import { idIsThrough, isOfThisPage, keptId } from './ids';

/**
 * Makes a document once, however often it is sent. Where an answer was lost and the form says something else by now, what
 * it made is changed, unless somebody has worked on it since: then another is made. `what`: the form or press, by which
 * a second try is known. Rejects where it cannot be kept; the same `what` then is the same document.
 */
export async function createOnce<K extends DocumentKind>(
  what: string,
  kind: K,
  document: Documents[K],
): Promise<Stored<Documents[K]>> {
  const id = keptId(what, kind);
  try {
    const made = await ask(documentWays(kind).make({ body: { id, document } }));
    idIsThrough(what);
    return made;
  } catch (error) {
    if (!(error instanceof ApiError) || !['taken', 'deleted'].includes(error.code)) throw error;
    const there = error.current as Stored<Documents[K]> | undefined;
    if (error.code === 'taken' && there?.revision === 1 && isOfThisPage(id)) {
      const changed = await putDocument(kind, id, 1, document);
      idIsThrough(what);
      return changed;
    }
    idIsThrough(what);
    return createOnce(what, kind, document);
  }
}
