import type { Figure, Moment } from '@drimbo/core/mechanics';
import type { Movement } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { ink } from '../../look/theme';
import type { Pen, Point } from '../pen';

/** The centre of the circle through three points; null where they lie on a line. */
function centreOf(a: Point, b: Point, c: Point): Point | null {
  const d = 2 * (a.x * (b.y - c.y) + b.x * (c.y - a.y) + c.x * (a.y - b.y));
  if (Math.abs(d) < 1e-3) return null;
  const [aa, bb, cc] = [a, b, c].map((q) => q.x * q.x + q.y * q.y) as [number, number, number];
  return {
    x: (aa * (b.y - c.y) + bb * (c.y - a.y) + cc * (a.y - b.y)) / d,
    y: (aa * (c.x - b.x) + bb * (a.x - c.x) + cc * (b.x - a.x)) / d,
  };
}

/** Where a machine's arm could turn: the middle of the hand's way where that is an arc, else behind the seat. */
function pivotOf(figure: Figure, movement: Movement): Point | null {
  const shoulder = figure.moments[0]?.arm.shoulder;
  if (shoulder && (movement.pattern === 'fly' || movement.pattern === 'raise rear'))
    return { x: shoulder.x + 0.03, y: shoulder.y + 0.44 };
  const { path } = figure;
  const [a, b, c] = [path[0], path[Math.floor(path.length / 2)], path[path.length - 1]];
  if (!a || !b || !c) return null;
  const centre = centreOf(a, b, c);
  const reach = centre ? Math.hypot(centre.x - a.x, centre.y - a.y) : Infinity;
  if (centre && reach < 1.1 && reach > 0.2 && centre.y > 0.1) return centre;
  return { x: a.x + 0.5, y: Math.min(1.9, a.y + 0.55) };
}

/** From the front: arms that turn about the shoulders, and the column behind the seat. */
function SideLevers({ pen, now }: { pen: Pen; now: Moment }): ReactNode {
  const { shoulder, grip } = now.arm;
  const { X, Y, k } = pen;
  return (
    <g>
      <path d={`M${X(0)} ${Y(0)} V${Y(shoulder.y + 0.12)}`} stroke={ink.rule} strokeWidth={8} fill="none" />
      {([1, -1] as const).map((s) => (
        <g key={s}>
          <path
            d={`M${X(s * shoulder.x)} ${Y(shoulder.y + 0.07)} L${X(s * grip.x)} ${Y(grip.y + 0.05)}`}
            stroke={ink.ink}
            strokeWidth={3}
            strokeLinecap="round"
          />
          <circle
            cx={X(s * shoulder.x)}
            cy={Y(shoulder.y + 0.07)}
            r={0.03 * k}
            fill={ink.sheet}
            stroke={ink.ink}
            strokeWidth={1.6}
          />
        </g>
      ))}
    </g>
  );
}

/** The moving arm of a machine from its pivot to the handle, with the frame it hangs in and the stack behind. */
export function Lever({
  pen,
  figure,
  movement,
  now,
}: {
  pen: Pen;
  figure: Figure;
  movement: Movement;
  now: Moment;
}): ReactNode {
  if (movement.id === 'assisted-dip') return null;
  if (figure.view === 'front') return <SideLevers pen={pen} now={now} />;
  const pivot = pivotOf(figure, movement);
  if (!pivot) return null;
  const { X, Y, k, line } = pen;
  const { grip } = now.arm;
  const back = Math.max(pivot.x, (figure.body?.hip.x ?? 0) + 0.3) + 0.18;
  return (
    <g>
      <path
        d={line({ x: back, y: 0 }, { x: back, y: Math.max(1.5, pivot.y + 0.1) }, pivot)}
        stroke={ink.rule}
        strokeWidth={5}
        fill="none"
        strokeLinejoin="round"
      />
      <rect
        x={X(back) - 0.06 * k}
        y={Y(0.62)}
        width={0.12 * k}
        height={0.44 * k}
        fill={ink.sheet}
        stroke={ink.soft}
        strokeWidth={1.2}
      />
      <path
        d={`M${X(back) - 0.06 * k} ${Y(0.44)} h${0.12 * k} M${X(back) - 0.06 * k} ${Y(0.34)} h${0.12 * k} M${X(back) - 0.06 * k} ${Y(0.53)} h${0.12 * k}`}
        stroke={ink.soft}
        strokeWidth={0.8}
      />
      <path d={line(pivot, grip)} stroke={ink.ink} strokeWidth={3} fill="none" strokeLinecap="round" />
      <circle
        cx={X(pivot.x)}
        cy={Y(pivot.y)}
        r={0.03 * k}
        fill={ink.sheet}
        stroke={ink.ink}
        strokeWidth={1.8}
      />
    </g>
  );
}
