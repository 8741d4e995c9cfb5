import { lazy, Suspense, useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { isTyping } from '../designer/keys';

const FindDialog = lazy(() => import('./find-dialog').then((m) => ({ default: m.FindDialog })));

/** Finds anything with `/`, tells the keys with `?`; what it opens is fetched then. */
export function Find(): ReactNode {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  /** What is typed before the dialog has come; null while nobody waits for it. */
  const early = useRef<string | null>(null);
  useEffect(() => {
    const keys = (e: globalThis.KeyboardEvent): void => {
      if (early.current !== null && e.key.length === 1 && !e.ctrlKey && !e.metaKey && !e.altKey) {
        e.preventDefault();
        e.stopPropagation();
        early.current += e.key;
        return;
      }
      if (isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      if (e.key === '/' || e.key === '?') {
        e.preventDefault();
        if (e.key === '/') early.current = '';
        setOpen(e.key === '/' ? 'find' : 'keys');
      }
    };
    window.addEventListener('keydown', keys, { capture: true });
    return () => window.removeEventListener('keydown', keys, { capture: true });
  }, []);
  const begin = useCallback((): string => {
    const typed = early.current ?? '';
    early.current = null;
    return typed;
  }, []);
  return (
    <>
      <Button kind="quiet" small className="keys" onPress={() => setOpen('keys')}>
        Keys <kbd>?</kbd>
      </Button>
      <Button small onPress={() => setOpen('find')}>
        Find <kbd>/</kbd>
      </Button>
      {open && (
        <Suspense fallback={null}>
          <FindDialog shows={open} begin={begin} close={() => setOpen(null)} />
        </Suspense>
      )}
    </>
  );
}
