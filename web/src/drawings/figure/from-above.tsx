import { type Eye, type Figure, type Pull, seenBy } from '@drimbo/core/mechanics';
import { type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { figureInk, ink } from '../../look/theme';
import type { Pen } from '../pen';
import { ArmShape, FrontTrunk, Joints } from './body';
import { Strands } from './strands';

interface Turnable {
  value: number;
  min: number;
  max: number;
  step: number;
  onTurn: (value: number) => void;
}

interface FromAboveProps {
  figure: Figure;
  /** The muscles' strands at each moment. */
  pulls: readonly (readonly Pull[])[];
  statureM: number;
  /** Share of the way that is shown solid. */
  at: number;
  tuck: Turnable | null;
  grip: Turnable | null;
}

const W = 150;
const H = 132;
const CX = W / 2;
/** Where the line through the shoulders lies while nothing reaches past the head, pixels from the top. */
const HIGH = 48;
/** Room for the hand beyond its grip, metres. */
const HAND_M = 0.09;

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

/** Seen from above the chest, both arms at one moment: tuck at the elbow, grip at the hand, the muscles at work. */
export function FromAbove({ figure, pulls, statureM: h, at, tuck, grip }: FromAboveProps): ReactNode {
  if (!figure.above) return null;
  const { jointX, eye, arms } = figure.above;
  const last = arms.length - 1;
  const index = Math.round(at * last);
  const now = arms[index]!;
  const far = arms[at < 0.5 ? last : 0]!;
  const { elbow, grip: hand } = arms[0]!;
  const widest =
    jointX + Math.max(...arms.map((a) => Math.max(Math.abs(a.elbow.x), Math.abs(a.grip.x)))) + 0.06;
  const K = Math.min(120, CX / widest);
  const reach = (sign: 1 | -1): number =>
    K * (HAND_M + Math.max(...arms.flatMap((a) => [sign * a.elbow.y, sign * a.grip.y])));
  const CY = Math.max(HIGH, reach(1));
  const height = CY + Math.max(H - HIGH, reach(-1));
  const X = (m: number): number => CX + m * K;
  const Y = (m: number): number => CY - m * K;
  const pen: Pen = {
    k: K,
    widthPx: W,
    heightPx: height,
    X,
    Y,
    line: (...points) => `M${points.map((q) => `${X(q.x)},${Y(q.y)}`).join(' L')}`,
  };
  const joined: Eye = { ...eye, origin: { x: jointX, y: 0 } };
  const armAt = (a: typeof now, s: 1 | -1) => ({
    shoulder: { x: s * jointX, y: 0 },
    elbow: { x: s * (jointX + a.elbow.x), y: a.elbow.y },
    grip: { x: s * (jointX + a.grip.x), y: a.grip.y },
  });
  /** Seen along the spine the trunk is the breadth of the shoulders and as deep as the chest. */
  const turned = Math.abs(eye.upward[0]);
  const head = seenBy(joined, [0.012 * h, 0.132 * h, -jointX]);
  const metres = (e: PointerEvent): { x: number; y: number } => {
    const box = (e.currentTarget as SVGGElement).ownerSVGElement!.getBoundingClientRect();
    return {
      x: ((e.clientX - box.left) * (W / box.width) - CX) / K,
      y: (CY - (e.clientY - box.top) * (height / box.height)) / K,
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
      height={height}
      viewBox={`0 0 ${W} ${height}`}
      role="group"
      aria-label="The arms from above the chest"
    >
      <g aria-hidden>
        {turned > 0.5 ? (
          <>
            <ellipse
              cx={CX}
              cy={CY}
              rx={0.125 * h * K}
              ry={0.068 * h * K}
              fill={figureInk.body}
              stroke={figureInk.edge}
            />
            <ellipse
              cx={X(head.x)}
              cy={Y(head.y)}
              rx={0.046 * h * K}
              ry={0.058 * h * K}
              fill={figureInk.body}
              stroke={figureInk.edge}
            />
          </>
        ) : (
          <FrontTrunk pen={pen} eye={joined} jointX={jointX} h={h} />
        )}
        {grip && (
          <line
            x1={X(-(jointX + now.grip.x) - 0.16)}
            x2={X(jointX + now.grip.x + 0.16)}
            y1={Y(now.grip.y)}
            y2={Y(now.grip.y)}
            stroke={ink.soft}
            strokeWidth={2}
          />
        )}
        {([-1, 1] as const).map((s) => (
          <g key={s}>
            {far !== now && <ArmShape pen={pen} arm={armAt(far, s)} h={h} faint />}
            <ArmShape pen={pen} arm={armAt(now, s)} h={h} />
            <Strands pen={pen} eye={joined} pulls={pulls[index] ?? []} isMirrored={s === -1} />
            <Joints pen={pen} arm={armAt(now, s)} />
          </g>
        ))}
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
