import type { Figure } from '@drimbo/core/mechanics/figure';
import type { Implement } from '@drimbo/core/movements/model';
import type { ReactNode } from 'react';
import { ink } from '../look/theme';
import type { Pen, Point } from './pen';

/** What is in the hand, seen from the side. */
export function Held({
  pen,
  implement,
  at: g,
  faint,
}: {
  pen: Pen;
  implement: Implement;
  at: Point;
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
      return (
        <g {...common}>
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.19 * k} fill="none" strokeWidth={1.2} />
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.03 * k} fill={ink.ink} />
        </g>
      );
    case 'curl bar':
      return (
        <g {...common}>
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.1 * k} fill="none" strokeWidth={1.2} />
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.026 * k} fill={ink.ink} />
        </g>
      );
    case 'dumbbells':
    case 'dumbbell':
      return (
        <rect
          {...common}
          x={X(g.x) - 0.05 * k}
          y={Y(g.y) - 0.08 * k}
          width={0.1 * k}
          height={0.16 * k}
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

/** What the load hangs on or comes from: tower and cable, dip bars, a bar on the floor, blocks, a rail. */
export function Surroundings({
  pen,
  figure,
  implement,
  grip,
  added,
}: {
  pen: Pen;
  figure: Figure;
  implement: Implement;
  grip: Point;
  added: string | undefined;
}): ReactNode {
  const { X, Y, k, line } = pen;
  const { pulley, pivot } = figure;
  const first = figure.moments[0]?.arm.grip;
  return (
    <g aria-hidden>
      {figure.stand.support === 'dip' && first && (
        <path
          d={line(
            { x: first.x - 0.25, y: first.y - 0.03 },
            { x: first.x + 0.3, y: first.y - 0.03 },
            { x: first.x + 0.3, y: 0 },
          )}
          stroke={ink.ink}
          strokeWidth={3.5}
          fill="none"
        />
      )}
      {figure.handsOnM > 0 && first && (
        <rect
          x={X(first.x) - 0.08 * k}
          y={Y(figure.handsOnM)}
          width={0.16 * k}
          height={figure.handsOnM * k}
          fill={ink.sheet}
          stroke={ink.ink}
          strokeWidth={1.6}
        />
      )}
      {figure.feetOnM > 0 && figure.body && (
        <rect
          x={X(figure.body.toe.x) - 0.16 * k}
          y={Y(figure.feetOnM)}
          width={0.34 * k}
          height={figure.feetOnM * k}
          fill={ink.sheet}
          stroke={ink.ink}
          strokeWidth={1.6}
        />
      )}
      {figure.wallX !== null && (
        <path
          d={line({ x: figure.wallX, y: 0 }, { x: figure.wallX, y: 2.2 })}
          stroke={ink.rule}
          strokeWidth={5}
          fill="none"
        />
      )}
      {pivot && (
        <g>
          <path d={line(grip, pivot)} stroke={ink.ink} strokeWidth={3} fill="none" strokeLinecap="round" />
          <circle cx={X(pivot.x)} cy={Y(pivot.y)} r={4.5} fill={ink.sheet} stroke={ink.ink} strokeWidth={2} />
        </g>
      )}
      {implement === 'guided bar' && first && (
        <path
          d={line({ x: first.x, y: 0 }, { x: first.x, y: 2.2 })}
          stroke={ink.rule}
          strokeWidth={4}
          fill="none"
        />
      )}
      {pulley && (
        <g>
          <line
            x1={X(pulley.x)}
            x2={X(pulley.x)}
            y1={Y(0)}
            y2={Y(Math.max(2.05, pulley.y))}
            stroke={ink.rule}
            strokeWidth={5}
          />
          <line
            x1={X(pulley.x)}
            y1={Y(pulley.y)}
            x2={X(grip.x)}
            y2={Y(grip.y)}
            stroke={ink.ink}
            strokeWidth={1.2}
          />
          <circle cx={X(pulley.x)} cy={Y(pulley.y)} r={5} fill={ink.sheet} stroke={ink.ink} strokeWidth={2} />
        </g>
      )}
      {added === 'chains' && (
        <path
          d={line(grip, { x: grip.x, y: 0.02 })}
          stroke={ink.ink}
          strokeWidth={4}
          strokeDasharray="5 3"
          fill="none"
          opacity={0.75}
        />
      )}
      {added === 'bands' && (
        <path
          d={line({ x: grip.x - 0.02, y: grip.y }, { x: grip.x, y: 0.02 }, { x: grip.x + 0.02, y: grip.y })}
          stroke={ink.ink}
          strokeWidth={1.6}
          fill="none"
        />
      )}
      {added === 'hung bells' && (
        <g>
          <path
            d={line(grip, { x: grip.x, y: grip.y - 0.32 })}
            stroke={ink.ink}
            strokeWidth={1.4}
            fill="none"
          />
          <circle
            cx={X(grip.x)}
            cy={Y(grip.y - 0.4)}
            r={0.08 * k}
            fill={ink.sheet}
            stroke={ink.ink}
            strokeWidth={2}
          />
        </g>
      )}
    </g>
  );
}
