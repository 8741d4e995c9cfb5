import { lazy, Suspense, useState, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';

const OverlapDialog = lazy(() => import('./overlap-dialog').then((m) => ({ default: m.OverlapDialog })));

/** The way to the matrix of the session's movements, fetched when it is asked for. */
export function OverlapButton({ designer }: { designer: Designer }): ReactNode {
  const [isOpen, setOpen] = useState(false);
  if (designer.appraisal.lines.length < 2) return null;
  return (
    <>
      <Button small kind="quiet" onPress={() => setOpen(true)}>
        Overlap
      </Button>
      <Suspense fallback={null}>
        {isOpen && <OverlapDialog designer={designer} onClose={() => setOpen(false)} />}
      </Suspense>
    </>
  );
}
