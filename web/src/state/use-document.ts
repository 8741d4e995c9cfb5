import type { Stored } from '@drimbo/core/contract';
import {
  changesOf,
  historyOf,
  refusal,
  type Change,
  type DocumentKind,
  type Documents,
  type Kind,
} from '@drimbo/core/documents';
import { useCallback, useState } from 'react';
import { addressOfDocument } from '../data/documents';
import { KeptHistory } from './kept-history';
import type { SaveState } from './saver';
import { leftHere, sameBy, savingWords, type Conflicting } from './saving';
import { useHistory, type Editing } from './use-history';
import { useSaving } from './use-saving';

/** A document that is open: edited, undone and saved. */
export interface OpenDocument<T extends object> extends Omit<
  Editing<T>,
  'shown' | 'present' | 'meet' | 'fill'
> {
  document: T;
  /** Changes some fields of a form; what is no valid document yet is shown as typed, told, and not saved. */
  change: (patch: Partial<T>) => void;
  save: SaveState<T>;
  /** How saving stands, in words. */
  says: string;
  /** Lets something else of the page write this document; see `Saver.through`. */
  through: (write: () => Promise<Stored<T>>, says: string) => Promise<void>;
  /** The same part was changed somewhere else; the coach says which version stays. Null where all is well. */
  conflict: Conflicting<T> | null;
}

/** What was filled in, by the names of its fields: "change minutes, goal". */
const fillingWords = (names: object, fields: readonly string[]): string =>
  `change ${fields.map((field) => ((names as Record<string, string>)[field] ?? field).toLowerCase()).join(', ')}`;

/**
 * Opens a document of any kind to be edited: with the work that was left on this device, undo over a reload, and saving.
 * `taken` hears of every version the server has taken.
 *
 * @example const { document, change, says, undo } = useDocument(kitKind, stored);
 */
export function useDocument<K extends DocumentKind>(
  kind: Kind<K, Documents[K]>,
  stored: Stored<Documents[K]>,
  taken?: (stored: Stored<Documents[K]>) => void,
): OpenDocument<Documents[K]> {
  type T = Documents[K];
  const [opening] = useState(() => {
    const history = historyOf(changesOf<T>(kind));
    const kept = new KeptHistory<T, Change>(addressOfDocument(kind.kind, stored.id), {
      history,
      storage: localStorage,
      fits: (present) => present,
      same: sameBy(kind),
    });
    return { stored, left: leftHere(kind, stored.id), history, kept };
  });
  const { left } = opening;
  const {
    shown,
    present,
    commit,
    fill,
    meet: _meet,
    ...editing
  } = useHistory(opening.history, opening.kept, left.draft?.document ?? opening.stored.document);
  const become = useCallback((document: T, says: string) => commit(() => document, says), [commit]);
  const { state, through, conflict } = useSaving<K>(
    { kind, stored: opening.stored, left },
    { present, become, taken },
  );
  const change = useCallback(
    (patch: Partial<T>) => {
      const fields = Object.keys(patch).sort();
      fill((now) => ({ ...now, ...patch }), fillingWords(kind.names, fields), fields.join(' '));
    },
    [kind, fill],
  );
  const wrong = shown === present ? null : refusal<T>(kind, shown, present);
  return {
    ...editing,
    document: shown,
    commit,
    change,
    through,
    save: state,
    says: wrong
      ? `Not saved: ${wrong.field === null ? '' : `${wrong.field}: `}${wrong.message}`
      : savingWords(state),
    conflict: conflict && { ...conflict, mine: shown },
  };
}
