import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useRef, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { Tooltip } from '../../parts/tooltip';
import type { Editing } from '../../state/use-history';

type Undoing = Pick<Editing<unknown>, 'undo' | 'redo' | 'canUndo' | 'canRedo' | 'stepsBack'>;

/** What would be taken back, and how far back it goes. */
const backWords = (what: string, steps: number): string =>
  steps === 1 ? `Undo ${what}: the first thing done here` : `Undo ${what}; ${steps} steps back in all`;

const isField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

/** Ctrl Z takes back what was done last, Ctrl Y and Ctrl Shift Z do it again; in a field that is typed in they are the field’s. */
function useUndoKeys(undoing: Undoing): void {
  const now = useRef(undoing);
  useEffect(() => {
    now.current = undoing;
  });
  useEffect(() => {
    const keys = (e: KeyboardEvent): void => {
      if (e.defaultPrevented || e.altKey || !(e.ctrlKey || e.metaKey) || isField(e.target)) return;
      const key = e.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      e.preventDefault();
      if (key === 'y' || e.shiftKey) now.current.redo();
      else now.current.undo();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
}

/** The two buttons of a history; each says what it would do. `plain`: in words alone, beside buttons that are. */
export function UndoButtons({
  undo,
  redo,
  canUndo,
  canRedo,
  stepsBack,
  plain = false,
}: Undoing & { plain?: boolean }): ReactNode {
  return (
    <>
      <Tooltip says={canUndo === null ? 'Nothing to undo' : backWords(canUndo, stepsBack)}>
        <Button
          aria-label={canUndo === null ? 'Undo' : `Undo ${canUndo}`}
          isDisabled={canUndo === null}
          onPress={undo}
        >
          {!plain && <Undo2 size={15} aria-hidden />} Undo
        </Button>
      </Tooltip>
      <Button
        aria-label={canRedo === null ? 'Redo' : `Redo ${canRedo}`}
        isDisabled={canRedo === null}
        onPress={redo}
      >
        {!plain && <Redo2 size={15} aria-hidden />} Redo
      </Button>
    </>
  );
}

/** Undo and redo of a page that has no other use for the keys. */
export function UndoOfPage(undoing: Undoing): ReactNode {
  useUndoKeys(undoing);
  return <UndoButtons plain {...undoing} />;
}
