import type { ReactNode } from 'react';
import { LikenessMatrix } from '../../drawings/likeness-matrix';
import type { Designer } from '../../state/use-designer';
import { Dialog } from '../../parts/dialog';

/** The matrix of the session's movements: how far each does the job of each. */
export function OverlapDialog({ designer, onClose }: { designer: Designer; onClose: () => void }): ReactNode {
  const { lines } = designer.appraisal;
  return (
    <Dialog title="Which movements do the same job" isOpen onClose={onClose} widthPx={680}>
      {() => (
        <>
          <LikenessMatrix
            label="How far each movement does the job of each other, in hundredths"
            rows={lines}
            columns={lines}
          />
          <p style={{ marginTop: 8 }}>
            In hundredths, whatever the reps: the same fibres, at the same angle, hard at the same place. From
            85 on two movements are one job, and framed. A model’s estimate.
          </p>
        </>
      )}
    </Dialog>
  );
}
