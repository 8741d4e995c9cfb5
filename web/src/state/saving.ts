import type { Stored } from '@drimbo/core/contract';
import { mergedAlone, type DocumentKind, type Documents, type Kind } from '@drimbo/core/documents';
import { addressOfDocument, putDocument } from '../data/documents';
import { Drafts, tabId, type Draft } from './drafts';
import { Saver, type SaveState } from './saver';

/** Two versions of one document, and how the coach's choice is said. */
export interface Conflicting<T extends object> {
  kind: Kind<DocumentKind, T>;
  base: T | null;
  mine: T;
  theirs: Stored<T>;
  settle: (chosen: T) => void;
}

/** Whether two documents of a kind say the same, whatever the order of their keys. */
export const sameBy =
  <T extends object>({ kept }: Pick<Kind<string, T>, 'kept'>) =>
  (a: unknown, b: unknown): boolean =>
    JSON.stringify(kept.parse(a)) === JSON.stringify(kept.parse(b));

/** What was left of a document on this device, and how it is kept there. */
export interface LeftHere<T> {
  drafts: Drafts<T>;
  draft: Draft<T> | null;
}

/** Unsaved work on a document, of this tab or of one that is gone. */
export function leftHere<K extends DocumentKind>(
  kind: Kind<K, Documents[K]>,
  id: string,
): LeftHere<Documents[K]> {
  const name = addressOfDocument(kind.kind, id);
  const drafts = new Drafts(name, tabId(sessionStorage), localStorage, kind.kept);
  return { drafts, draft: drafts.recover(Date.now()) };
}

interface Hearing<T> {
  /** The document became another; `says` by what, where that was not both versions becoming one. */
  became: (document: T, says?: string) => void;
  tell: (state: SaveState<T>) => void;
  /** The server has taken a version. */
  taken?: (stored: Stored<T>) => void;
}

/** The saver of a document that is opened: it goes on with what was left here. */
export function saverOf<K extends DocumentKind>(
  kind: Kind<K, Documents[K]>,
  stored: Stored<Documents[K]>,
  { drafts, draft }: LeftHere<Documents[K]>,
  { became, tell, taken }: Hearing<Documents[K]>,
): Saver<Documents[K]> {
  const saver = new Saver<Documents[K]>({
    revision: stored.revision,
    base: stored.document,
    drafts,
    same: sameBy(kind),
    merge: (base, mine, theirs) => mergedAlone(kind, base, mine, theirs),
    became,
    put: async (revision, document) => {
      const answer = await putDocument(kind.kind, stored.id, revision, document);
      taken?.(answer);
      return answer;
    },
    tell,
  });
  if (draft?.base === stored.revision) saver.goOn(draft.document);
  else if (draft) saver.startFromDraft(draft, stored);
  return saver;
}

/** How saving stands, in words. */
export function savingWords(state: SaveState<unknown>): string {
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
