import type { Figure } from '@drimbo/core/mechanics/figure';
import { type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { figureInk, ink } from '../look/theme';

interface Turnable {
  value: number;
  min: number;
  max: number;
  step: number;
  onTurn: (value: number) => void;
}

interface RigAboveProps {
  figure: Figure;
  tuck: Turnable | null;
  grip: Turnable | null;
}

const W = 136;
const H = 118;
const CX = W / 2;
const CY = 46;

const Drawing = styled.svg`
  display: block;
  touch-action: none;
  text {
    font-size: 11px;
    fill: ${ink.soft};
  }
  .hold {
    cursor: grab;
  }
  .hold:focus-visible {
    outline: none;
  }
  .hold:focus-visible circle {
    stroke-width: 4;
  }
`;

const snap = (t: Turnable, value: number): number => {
  const stepped = Math.round(value / t.step) * t.step;
  return Number(Math.max(t.min, Math.min(t.max, stepped)).toFixed(3));
};

function keyed(t: Turnable): (e: KeyboardEvent) => void {
  return (e) => {
    const by = ['ArrowUp', 'ArrowRight'].includes(e.key)
      ? 1
      : ['ArrowDown', 'ArrowLeft'].includes(e.key)
        ? -1
        : 0;
    if (by === 0) return;
    e.preventDefault();
    t.onTurn(snap(t, t.value + by * t.step));
  };
}

const sliderProps = (label: string, t: Turnable, text: string) => ({
  role: 'slider',
  tabIndex: 0,
  'aria-label': label,
  'aria-valuemin': t.min,
  'aria-valuemax': t.max,
  'aria-valuenow': t.value,
  'aria-valuetext': text,
  onKeyDown: keyed(t),
});

/** The arms at the bottom of the range, seen from above the chest: tuck at the elbow, grip at the hand. */
export function RigAbove({ figure, tuck, grip }: RigAboveProps): ReactNode {
  if (!figure.above) return null;
  const { jointX, elbow, grip: hand, topElbow, topGrip } = figure.above;
  const widest = jointX + Math.max(Math.abs(elbow.x), Math.abs(hand.x)) + 0.04;
  const K = Math.min(104, CX / widest);
  const X = (m: number): number => CX + m * K;
  const Y = (m: number): number => CY - m * K;
  const side = (s: 1 | -1): ReactNode => (
    <g key={s}>
      <path
        d={`M${X(s * jointX)} ${Y(0)} L${X(s * (jointX + topElbow.x))} ${Y(topElbow.y)} L${X(s * (jointX + topGrip.x))} ${Y(topGrip.y)}`}
        fill="none"
        stroke={ink.ink}
        opacity={0.2}
        strokeWidth={4}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <path
        d={`M${X(s * jointX)} ${Y(0)} L${X(s * (jointX + elbow.x))} ${Y(elbow.y)} L${X(s * (jointX + hand.x))} ${Y(hand.y)}`}
        fill="none"
        stroke={ink.ink}
        strokeWidth={5}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <circle cx={X(s * (jointX + topGrip.x))} cy={Y(topGrip.y)} r={3} fill="none" stroke={ink.soft} />
    </g>
  );
  const metres = (e: PointerEvent): { x: number; y: number } => {
    const box = (e.currentTarget as SVGGElement).ownerSVGElement!.getBoundingClientRect();
    return {
      x: ((e.clientX - box.left) * (W / box.width) - CX) / K,
      y: (CY - (e.clientY - box.top) * (H / box.height)) / K,
    };
  };
  const dragTo = (act: (m: { x: number; y: number }) => void) => ({
    onPointerDown: (e: PointerEvent<SVGGElement>) => e.currentTarget.setPointerCapture(e.pointerId),
    onPointerMove: (e: PointerEvent<SVGGElement>) => {
      if (e.buttons > 0) act(metres(e));
    },
  });
  const elbowX = X(jointX + elbow.x);
  const elbowY = Y(elbow.y);
  return (
    <Drawing
      width={W}
      height={H}
      viewBox={`0 0 ${W} ${H}`}
      role="group"
      aria-label="The arms from above the chest"
    >
      <g aria-hidden>
        <path
          d={`M${X(-0.16)} ${Y(0.03)} Q${CX} ${Y(0.1)} ${X(0.16)} ${Y(0.03)} L${X(0.13)} ${Y(-0.5)} L${X(-0.13)} ${Y(-0.5)} Z`}
          fill={figureInk.hush}
        />
        <circle cx={CX} cy={Y(0.2)} r={9} fill={figureInk.hush} />
        {grip && (
          <line
            x1={X(-(jointX + hand.x) - 0.2)}
            x2={X(jointX + hand.x + 0.2)}
            y1={Y(hand.y)}
            y2={Y(hand.y)}
            stroke={ink.soft}
            strokeWidth={2}
          />
        )}
        {side(-1)}
        {side(1)}
      </g>
      {tuck && (
        <g
          className="hold"
          {...sliderProps('Elbow tuck', tuck, `${tuck.value} degrees from the trunk`)}
          {...dragTo(({ x, y }) =>
            tuck.onTurn(snap(tuck, (Math.atan2(Math.max(0.01, x - jointX), -y) * 180) / Math.PI)),
          )}
        >
          <circle cx={elbowX} cy={elbowY} r={6} fill={ink.sheet} stroke={ink.ink} strokeWidth={2} />
        </g>
      )}
      {grip && (
        <g
          className="hold"
          transform={`translate(0 -13)`}
          {...sliderProps('Grip width', grip, `${grip.value} times shoulder breadth`)}
          {...dragTo(({ x }) => grip.onTurn(snap(grip, (2 * Math.abs(x)) / (2 * jointX * (0.229 / 0.206)))))}
        >
          <circle
            cx={X(jointX + hand.x)}
            cy={Y(hand.y)}
            r={5}
            fill={ink.ink}
            stroke={ink.sheet}
            strokeWidth={1.5}
          />
        </g>
      )}
    </Drawing>
  );
}
