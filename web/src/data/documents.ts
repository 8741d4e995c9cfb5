import { documentWays, type Stored } from '@drimbo/core/contract';
import type { DocumentKind, Documents } from '@drimbo/core/documents';
import { ask } from './api';
import { onTop } from './on-top';
import { noteSave, savesDone } from './pending-saves';

/** A document by its kind and id, as writes under way and what is kept on this device are known by it. */
export const addressOfDocument = (kind: DocumentKind, id: string): string => `/${kind}s/${id}`;

/** A document as the server has it. */
export const documentOf = <K extends DocumentKind>(kind: K, id: string): Promise<Stored<Documents[K]>> =>
  ask(documentWays(kind).get({ id }));

/** Writes a document on the revision it is based on; whoever opens it next waits for it. */
export const putDocument = <K extends DocumentKind>(
  kind: K,
  id: string,
  revision: number,
  document: Documents[K],
): Promise<Stored<Documents[K]>> =>
  noteSave(addressOfDocument(kind, id), ask(documentWays(kind).change({ id, body: { revision, document } })));

/**
 * Changes a document that is not open here, on top of whatever else was changed meanwhile. Rejects where it cannot be kept.
 *
 * @example await changeDocument('client', 'ada', (client) => ({ ...client, minutes: 50 }))
 */
export async function changeDocument<K extends DocumentKind>(
  kind: K,
  id: string,
  change: (document: Documents[K]) => Documents[K],
): Promise<Stored<Documents[K]>> {
  await savesDone(addressOfDocument(kind, id));
  return onTop(
    () => documentOf(kind, id),
    ({ revision, document }) => putDocument(kind, id, revision, change(document)),
  );
}

/**
 * Deletes a document. `revision`: only as it was then; left out, as it is by now. `along`: what needs it goes along.
 * Rejects where it stays.
 */
export async function removeDocument(
  kind: DocumentKind,
  id: string,
  { revision, along = false }: { revision?: number; along?: boolean } = {},
): Promise<void> {
  await savesDone(addressOfDocument(kind, id));
  const meant = revision ?? (await documentOf(kind, id)).revision;
  await ask(documentWays(kind).remove({ id, query: { revision: meant, ...(along ? { along } : {}) } }));
}
