import type * as Typed from '@drimbo/core/shorthand';
import { useSyncExternalStore } from 'react';

type Reader = typeof Typed;

let reader: Reader | null = null;
const listeners = new Set<() => void>();

/** What reads a typed line; fetched when somebody is about to type one. */
export async function fetchReader(): Promise<Reader> {
  reader ??= await import('@drimbo/core/shorthand');
  for (const listener of listeners) listener();
  return reader;
}

const heard = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** The reader of typed lines, null until it has been fetched. */
export const useReader = (): Reader | null => useSyncExternalStore(heard, () => reader);
