import type { MassUnit } from '@drimbo/core/units';
import { lazy, Suspense, type ReactNode } from 'react';
import type { Conflicting } from '../../state/saving';

const Deciding = lazy(() => import('./deciding').then((m) => ({ default: m.Deciding })));

/** Asks which parts of two versions stay, where there are two; fetched only then. */
export const Conflict = <T extends object>({
  conflict,
  unit,
}: {
  conflict: Conflicting<T> | null;
  unit: MassUnit;
}): ReactNode =>
  conflict && (
    <Suspense fallback={<p role="alert">Changed somewhere else too…</p>}>
      <Deciding key={conflict.theirs.revision} conflict={conflict as never} unit={unit} />
    </Suspense>
  );
