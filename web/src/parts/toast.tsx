import { lazy, Suspense, useSyncExternalStore, type ReactNode } from 'react';

const Region = lazy(() => import('./toast-region').then((m) => ({ default: m.ToastRegion })));

let isNeeded = false;
const listeners = new Set<() => void>();
const heard = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/**
 * Tells what was just done, for ten seconds, with a way back where there is one.
 *
 * @example tell('“Push A” is deleted.', () => bringBack(id))
 */
export function tell(words: string, undo?: () => void): void {
  isNeeded = true;
  for (const listener of listeners) listener();
  void import('./toast-region').then(({ show }) => show({ words, ...(undo ? { undo } : {}) }));
}

/**
 * Where what is told appears; stands once in the frame of the product and is fetched with the first thing to tell.
 *
 * @example <Toasts />
 */
export function Toasts(): ReactNode {
  const isShown = useSyncExternalStore(heard, () => isNeeded);
  return (
    isShown && (
      <Suspense fallback={null}>
        <Region />
      </Suspense>
    )
  );
}
