import type { Implement } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { ink } from '../../look/theme';
import type { Pen, Point } from '../pen';

/** What is in the hand: a bar end on from the side, along itself from the front. */
export function Held({
  pen,
  implement,
  at: g,
  isFront,
  faint,
}: {
  pen: Pen;
  implement: Implement;
  at: Point;
  isFront: boolean;
  faint: boolean;
}): ReactNode {
  const { X, Y, k } = pen;
  const common = { stroke: ink.ink, opacity: faint ? 0.3 : 1 };
  switch (implement) {
    case 'none':
    case 'bodyweight':
      return null;
    case 'barbell':
    case 'guided bar':
    case 'curl bar':
      if (isFront)
        return (
          <path
            {...common}
            d={`M${X(0)} ${Y(g.y)} H${X(g.x + Math.sign(g.x) * 0.42)} M${X(g.x + Math.sign(g.x) * 0.36)} ${Y(g.y - 0.16)} V${Y(g.y + 0.16)}`}
            fill="none"
            strokeWidth={3}
          />
        );
      if (implement === 'curl bar')
        return (
          <g {...common}>
            <circle cx={X(g.x)} cy={Y(g.y)} r={0.1 * k} fill="none" strokeWidth={1.2} />
            <circle cx={X(g.x)} cy={Y(g.y)} r={0.026 * k} fill={ink.ink} />
          </g>
        );
      return (
        <g {...common}>
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.19 * k} fill="none" strokeWidth={1.2} />
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.03 * k} fill={ink.ink} />
        </g>
      );
    case 'dumbbells':
    case 'dumbbell':
      return (
        <rect
          {...common}
          x={X(g.x) - (isFront ? 0.08 : 0.05) * k}
          y={Y(g.y) - (isFront ? 0.05 : 0.08) * k}
          width={(isFront ? 0.16 : 0.1) * k}
          height={(isFront ? 0.1 : 0.16) * k}
          rx={3}
          fill={ink.sheet}
          strokeWidth={2}
        />
      );
    case 'machine':
      return (
        <rect
          {...common}
          x={X(g.x) - 0.025 * k}
          y={Y(g.y) - 0.06 * k}
          width={0.05 * k}
          height={0.12 * k}
          rx={0.025 * k}
          fill={ink.ink}
        />
      );
    default:
      return <circle {...common} cx={X(g.x)} cy={Y(g.y)} r={0.032 * k} fill={ink.sheet} strokeWidth={2} />;
  }
}
