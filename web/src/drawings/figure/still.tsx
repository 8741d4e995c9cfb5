import type { Body } from '@drimbo/core/anatomy';
import type { Movement, Rig } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { MovementDrawing } from './movement-drawing';
import { useDrawn } from './use-drawn';

/** Moments that are worked out for a small drawing. */
const FEW = 9;

/** A movement drawn small and still, its muscles at work where it is stretched. */
export function StillMovement({
  movement,
  rig,
  body,
  widthPx,
  heightPx,
  says,
}: {
  movement: Movement;
  rig: Rig;
  body: Body;
  widthPx: number;
  heightPx: number;
  says: string;
}): ReactNode {
  const { figure, pulls } = useDrawn(movement, rig, body, FEW);
  return (
    <MovementDrawing
      figure={figure}
      pulls={pulls}
      movement={movement}
      rig={rig}
      statureM={body.statureM}
      widthPx={widthPx}
      heightPx={heightPx}
      isLoaded={false}
      bench={null}
      at={0}
      says={says}
    />
  );
}
