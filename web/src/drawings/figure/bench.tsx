import type { Figure } from '@drimbo/core/mechanics';
import type { KeyboardEvent, PointerEvent, ReactNode, RefObject } from 'react';
import { ink } from '../../look/theme';
import type { Pen, Point } from '../pen';

/** Bench notches of a gym, which is set, and how to set another. */
export interface Notches {
  notches: number[];
  deg: number;
  onTurn: (deg: number) => void;
}

const away = (from: Point, deg: number, metres: number): Point => {
  const a = (deg * Math.PI) / 180;
  return { x: from.x + metres * Math.cos(a), y: from.y + metres * Math.sin(a) };
};

/** How far the arc of notches is from the hinge, its labels beyond it, and both from all that is drawn, metres. */
const NOTCH_M = 1.04;
const LABEL_M = 0.04;
/** Room for half a label beside its tick, pixels. */
const LABEL_PX = 17;
const CLEAR_M = 0.17;

/** Whether anything of the figure comes near a place: its arms along the way, what they hold, the head. */
function isClear(figure: Figure, at: Point): boolean {
  const near = (q: Point): boolean => Math.hypot(q.x - at.x, q.y - at.y) < CLEAR_M;
  return (
    !figure.moments.some(({ arm }) => near(arm.elbow) || near(arm.grip)) &&
    !(figure.body && (near(figure.body.head) || near(figure.body.shoulder)))
  );
}

/** The arc of notches a back rest can be set to; a label that would cross the figure is left out, its tick stays. */
export function NotchArc({ pen, figure, bench }: { pen: Pen; figure: Figure; bench: Notches }): ReactNode {
  const { X, Y, line } = pen;
  const { hinge } = figure.bench!;
  return (
    <g aria-hidden>
      {bench.notches.map((n) => {
        const set = Math.abs(n - bench.deg) < 0.01;
        const label = away(hinge, n, NOTCH_M + LABEL_M + LABEL_PX / pen.k);
        return (
          <g key={n} onClick={() => bench.onTurn(n)} style={{ cursor: 'pointer' }}>
            <path
              d={line(away(hinge, n, NOTCH_M - 0.03), away(hinge, n, NOTCH_M + 0.02))}
              stroke={set ? ink.ink : ink.soft}
              strokeWidth={set ? 3 : 1.3}
            />
            {isClear(figure, label) && (
              <text
                x={X(label.x)}
                y={Y(label.y) + 4}
                textAnchor="middle"
                style={set ? { fill: ink.ink, fontWeight: 700 } : {}}
              >
                {n}°
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

function keyed(bench: Notches): (e: KeyboardEvent) => void {
  return (e) => {
    const { notches: sorted, deg } = bench;
    const up = ['ArrowUp', 'ArrowRight', 'PageUp'].includes(e.key);
    const down = ['ArrowDown', 'ArrowLeft', 'PageDown'].includes(e.key);
    const to = up
      ? sorted.find((n) => n > deg + 0.01)
      : down
        ? [...sorted].reverse().find((n) => n < deg - 0.01)
        : e.key === 'Home'
          ? sorted[0]
          : e.key === 'End'
            ? sorted[sorted.length - 1]
            : undefined;
    if (up || down || e.key === 'Home' || e.key === 'End') e.preventDefault();
    if (to !== undefined && to !== deg) bench.onTurn(to);
  };
}

/** A bench; with notches it is a slider that the hand and the keys can turn. */
export function Bench({
  pen,
  svg,
  bench: b,
  trunkDeg,
  turn,
}: {
  pen: Pen;
  svg: RefObject<SVGSVGElement | null>;
  bench: NonNullable<Figure['bench']>;
  trunkDeg: number;
  turn: Notches | null;
}): ReactNode {
  const { X, Y, line } = pen;
  const turnTo = (e: PointerEvent): void => {
    if (!turn) return;
    const box = svg.current!.getBoundingClientRect();
    const dx = (e.clientX - box.left) * (pen.widthPx / box.width) - X(b.hinge.x);
    const dy = Y(b.hinge.y) - (e.clientY - box.top) * (pen.heightPx / box.height);
    const deg = (Math.atan2(dy, dx) * 180) / Math.PI;
    const near = turn.notches.reduce((a, n) => (Math.abs(n - deg) < Math.abs(a - deg) ? n : a));
    if (near !== turn.deg) turn.onTurn(near);
  };
  const back = {
    x: b.hinge.x + (b.backEnd.x - b.hinge.x) * 0.55,
    y: b.hinge.y + (b.backEnd.y - b.hinge.y) * 0.55,
  };
  return (
    <g
      className={turn ? 'turn' : undefined}
      {...(turn
        ? {
            role: 'slider',
            tabIndex: 0,
            'aria-label': 'Bench angle',
            'aria-valuemin': turn.notches[0] ?? 0,
            'aria-valuemax': turn.notches[turn.notches.length - 1] ?? 0,
            'aria-valuenow': Math.round(turn.deg),
            'aria-valuetext': `${Math.round(turn.deg)} degrees`,
            onKeyDown: keyed(turn),
            onPointerDown: (e: PointerEvent<SVGGElement>) => {
              e.currentTarget.setPointerCapture(e.pointerId);
            },
            onPointerMove: (e: PointerEvent<SVGGElement>) => {
              if (e.buttons > 0) turnTo(e);
            },
          }
        : {})}
    >
      <path
        d={line({ x: b.hinge.x - 0.12, y: 0 }, { x: b.hinge.x - 0.05, y: b.hinge.y })}
        stroke={ink.ink}
        strokeWidth={3}
      />
      {b.ahead && (
        <path
          d={line({ x: b.seatEnd.x, y: 0 }, { x: b.seatEnd.x - 0.03, y: b.hinge.y })}
          stroke={ink.ink}
          strokeWidth={3}
        />
      )}
      {!b.ahead && trunkDeg < 100 && (
        <path d={line({ x: b.hinge.x + 0.5, y: 0 }, back)} stroke={ink.ink} strokeWidth={3} />
      )}
      {!b.ahead && trunkDeg >= 100 && (
        <path d={line({ x: b.backEnd.x + 0.12, y: 0 }, back)} stroke={ink.ink} strokeWidth={3} />
      )}
      <path
        className="halo"
        d={line(b.hinge, b.backEnd)}
        stroke={ink.ink}
        strokeWidth={16}
        opacity={0}
        strokeLinecap="round"
        fill="none"
        strokeOpacity={0.18}
      />
      <path
        className="pad"
        d={line(b.seatEnd, b.hinge, b.backEnd)}
        stroke={ink.ink}
        strokeWidth={6}
        strokeLinejoin="round"
        strokeLinecap="round"
        fill="none"
      />
      {turn && (
        <circle
          cx={X(b.backEnd.x)}
          cy={Y(b.backEnd.y)}
          r={7}
          fill={ink.sheet}
          stroke={ink.ink}
          strokeWidth={2}
        />
      )}
    </g>
  );
}
