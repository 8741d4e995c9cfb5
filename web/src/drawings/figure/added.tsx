import type { ReactNode } from 'react';
import { ink } from '../../look/theme';
import type { Pen, Point } from '../pen';

/** What hangs from the bar: chains to the floor, bands under it, bells on straps. */
export function Added({ pen, added, grip }: { pen: Pen; added: string | undefined; grip: Point }): ReactNode {
  const { X, Y, k, line } = pen;
  if (added === 'chains')
    return (
      <path
        d={line(grip, { x: grip.x, y: 0.02 }, { x: grip.x + 0.14, y: 0.02 })}
        stroke={ink.ink}
        strokeWidth={4}
        strokeDasharray="5 3"
        fill="none"
        opacity={0.75}
      />
    );
  if (added === 'bands')
    return (
      <path
        d={line({ x: grip.x - 0.02, y: grip.y }, { x: grip.x, y: 0.02 }, { x: grip.x + 0.02, y: grip.y })}
        stroke={ink.ink}
        strokeWidth={1.6}
        fill="none"
      />
    );
  if (added !== 'hung bells') return null;
  return (
    <g>
      <path d={line(grip, { x: grip.x, y: grip.y - 0.32 })} stroke={ink.ink} strokeWidth={1.4} fill="none" />
      <circle
        cx={X(grip.x)}
        cy={Y(grip.y - 0.4)}
        r={0.08 * k}
        fill={ink.sheet}
        stroke={ink.ink}
        strokeWidth={2}
      />
    </g>
  );
}
