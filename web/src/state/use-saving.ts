import type { Stored } from '@drimbo/core/contract';
import type { DocumentKind, Documents, Kind } from '@drimbo/core/documents';
import { useCallback, useEffect, useRef, useState } from 'react';
import { sameBy, saverOf, type Conflicting, type LeftHere } from './saving';
import type { Saver, SaveState } from './saver';

interface Whose<K extends DocumentKind> {
  kind: Kind<K, Documents[K]>;
  /** As the server had it when it was opened. */
  stored: Stored<Documents[K]>;
  left: LeftHere<Documents[K]>;
}

interface Edited<T> {
  present: T;
  /** Puts another version in the place of what is edited, as something that was done: it can be undone. */
  become: (document: T, says: string) => void;
  taken?: ((stored: Stored<T>) => void) | undefined;
}

/** Saves a document as it changes, by the one way there is: kept on this device first, sent in order, tried again. */
export function useSaving<K extends DocumentKind>(
  { kind, stored, left }: Whose<K>,
  { present, become, taken }: Edited<Documents[K]>,
): {
  state: SaveState<Documents[K]>;
  conflict: Conflicting<Documents[K]> | null;
  /** Lets something else of the page write this document; see `Saver.through`. */
  through: (write: () => Promise<Stored<Documents[K]>>, says: string) => Promise<void>;
} {
  type T = Documents[K];
  const [state, setState] = useState<SaveState<T>>({ is: 'saved' });
  const saver = useRef<Saver<T> | null>(null);
  const written = useRef<T>(stored.document);
  const hears = useRef({ become, taken });
  useEffect(() => {
    hears.current = { become, taken };
  }, [become, taken]);

  useEffect(() => {
    if (left.draft && left.draft.base !== stored.revision) written.current = left.draft.document;
    const made = saverOf(kind, stored, left, {
      became: (document, says = 'merge what was changed elsewhere') => {
        written.current = document;
        hears.current.become(document, says);
      },
      tell: setState,
      taken: (answer) => hears.current.taken?.(answer),
    });
    saver.current = made;
    return () => made.stop();
  }, [kind, stored, left]);

  useEffect(() => {
    if (present === written.current) return;
    written.current = present;
    saver.current?.change(present);
  }, [present]);

  const through = useCallback(
    async (write: () => Promise<Stored<T>>, says: string) => saver.current?.through(write, says),
    [],
  );

  if (state.is !== 'conflict') return { state, through, conflict: null };
  const { base, theirs } = state;
  const settle = (chosen: T): void => {
    if (sameBy(kind)(chosen, theirs.document)) saver.current?.yieldTo();
    else saver.current?.settle(chosen);
    written.current = chosen;
    if (!sameBy(kind)(chosen, present)) become(chosen, 'take the other version');
  };
  return { state, through, conflict: { kind: kind as never, base, mine: present, theirs, settle } };
}
