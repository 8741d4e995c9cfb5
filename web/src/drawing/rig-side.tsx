import type { Figure, FigureArm, FigureBody, Point } from '@drimbo/core/mechanics/figure';
import type { Implement } from '@drimbo/core/movements/model';
import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

type Frame = { x: [number, number]; y: [number, number] };

/** What part of the world is drawn, in metres: steady while a knob turns. */
const frames: Record<Figure['stand']['support'], Frame> = {
  bench: { x: [-0.72, 1.28], y: [-0.04, 1.86] },
  seat: { x: [-1.1, 0.75], y: [-0.04, 1.9] },
  floor: { x: [-0.95, 1.0], y: [-0.04, 0.95] },
  stand: { x: [-1.05, 1.05], y: [-0.04, 2.3] },
  hinge: { x: [-1.1, 0.7], y: [-0.04, 1.5] },
  kneel: { x: [-1.0, 0.9], y: [-0.04, 1.75] },
  'prone bench': { x: [-1.1, 0.8], y: [-0.04, 1.3] },
  'push-up': { x: [-0.5, 1.6], y: [-0.04, 0.95] },
  dip: { x: [-0.8, 0.9], y: [-0.04, 2.5] },
};

interface RigSideProps {
  figure: Figure;
  implement: Implement;
  heightPx: number;
  widthPx: number;
  /** Said at the hand: "24 kg each". */
  load: string;
  /** Bench notches of this gym, and which is set; null without a bench to turn. */
  bench: { notches: number[]; deg: number; onTurn: (deg: number) => void } | null;
  /** What the drawing shows, in words. */
  says: string;
}

const Drawing = styled.svg`
  display: block;
  touch-action: none;
  text {
    font-size: 11.5px;
    fill: ${ink.soft};
  }
  .turn {
    cursor: grab;
  }
  .turn:focus-visible {
    outline: none;
  }
  .turn:focus-visible .pad {
    stroke-width: 9;
  }
  .turn:focus-visible .halo {
    opacity: 1;
  }
`;

const bodyFill = '#c5d1d6';
const bodyEdge = '#9fb0b8';

export function RigSide({
  figure,
  implement,
  heightPx,
  widthPx,
  load,
  bench,
  says,
}: RigSideProps): ReactNode {
  const f = frames[figure.stand.support];
  const k = Math.min(widthPx / (f.x[1] - f.x[0]), heightPx / (f.y[1] - f.y[0]));
  const shiftX = (widthPx - k * (f.x[1] - f.x[0])) / 2;
  const X = (m: number): number => shiftX + (m - f.x[0]) * k;
  const Y = (m: number): number => heightPx - (m - f.y[0]) * k;
  const at = (q: Point): string => `${X(q.x).toFixed(1)},${Y(q.y).toFixed(1)}`;
  const line = (...points: Point[]): string => `M${points.map(at).join(' L')}`;
  const svg = useRef<SVGSVGElement>(null);

  const turnTo = (e: PointerEvent): void => {
    if (!bench || !figure.bench) return;
    const box = svg.current!.getBoundingClientRect();
    const dx = (e.clientX - box.left) * (widthPx / box.width) - X(figure.bench.hinge.x);
    const dy = Y(figure.bench.hinge.y) - (e.clientY - box.top) * (heightPx / box.height);
    const deg = (Math.atan2(dy, dx) * 180) / Math.PI;
    const near = bench.notches.reduce((a, b) => (Math.abs(b - deg) < Math.abs(a - deg) ? b : a));
    if (near !== bench.deg) bench.onTurn(near);
  };
  const keys = (e: KeyboardEvent): void => {
    if (!bench) return;
    const up = ['ArrowUp', 'ArrowRight', 'PageUp'].includes(e.key);
    const down = ['ArrowDown', 'ArrowLeft', 'PageDown'].includes(e.key);
    const sorted = bench.notches;
    const to = up
      ? sorted.find((n) => n > bench.deg + 0.01)
      : down
        ? [...sorted].reverse().find((n) => n < bench.deg - 0.01)
        : e.key === 'Home'
          ? sorted[0]
          : e.key === 'End'
            ? sorted[sorted.length - 1]
            : undefined;
    if (up || down || e.key === 'Home' || e.key === 'End') e.preventDefault();
    if (to !== undefined && to !== bench.deg) bench.onTurn(to);
  };

  const limb = (
    d: string,
    metres: number,
    colour: string,
    extra: Record<string, unknown> = {},
  ): ReactNode => (
    <path
      d={d}
      fill="none"
      stroke={colour}
      strokeWidth={Math.max(2, metres * k)}
      strokeLinecap="round"
      strokeLinejoin="round"
      {...extra}
    />
  );
  const drawBody = (b: FigureBody, ghost: boolean): ReactNode => (
    <g opacity={ghost ? 0.35 : 1} key={ghost ? 'end' : 'start'}>
      {limb(line(b.hip, b.knee, b.ankle, b.toe), 0.105, bodyEdge)}
      {limb(line(b.hip, b.knee, b.ankle, b.toe), 0.09, bodyFill)}
      {limb(line(b.hip, b.shoulder), 0.215, bodyEdge)}
      {limb(line(b.hip, b.shoulder), 0.2, bodyFill)}
      {limb(line(b.shoulder, b.neck, b.head), 0.09, bodyFill)}
      <circle cx={X(b.head.x)} cy={Y(b.head.y)} r={figure.headRadius * k} fill={bodyFill} stroke={bodyEdge} />
    </g>
  );
  const drawArm = (a: FigureArm, top: boolean): ReactNode =>
    top ? (
      <g key="top">
        {limb(line(a.shoulder, a.elbow, a.grip), 0.052, ink.sheet)}
        {limb(line(a.shoulder, a.elbow, a.grip), 0.06, ink.ink, { opacity: 0.28 })}
      </g>
    ) : (
      <g key="bottom">
        {limb(line(a.shoulder, a.elbow, a.grip), 0.075, ink.sheet)}
        {limb(line(a.shoulder, a.elbow, a.grip), 0.06, ink.ink)}
        <circle
          cx={X(a.shoulder.x)}
          cy={Y(a.shoulder.y)}
          r={0.035 * k}
          fill={ink.sheet}
          stroke={ink.ink}
          strokeWidth={1.4}
        />
        <circle cx={X(a.elbow.x)} cy={Y(a.elbow.y)} r={0.024 * k} fill={ink.sheet} />
      </g>
    );
  const held = (g: Point, faint: boolean): ReactNode => {
    const common = { stroke: ink.ink, opacity: faint ? 0.35 : 1 };
    if (implement === 'barbell' || implement === 'guided bar')
      return (
        <g {...common}>
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.19 * k} fill="none" strokeWidth={1.2} />
          <circle cx={X(g.x)} cy={Y(g.y)} r={0.028 * k} fill={ink.ink} />
        </g>
      );
    if (implement === 'dumbbells' || implement === 'dumbbell' || implement === 'curl bar')
      return (
        <rect
          {...common}
          x={X(g.x) - 0.05 * k}
          y={Y(g.y) - 0.09 * k}
          width={0.1 * k}
          height={0.18 * k}
          rx={3}
          fill={ink.sheet}
          strokeWidth={2.2}
        />
      );
    return <circle {...common} cx={X(g.x)} cy={Y(g.y)} r={0.032 * k} fill={ink.sheet} strokeWidth={2} />;
  };

  const arms = figure.arms;
  const low = arms?.[0].grip;
  const still = figure.bodies.length === 1;
  return (
    <Drawing
      ref={svg}
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="group"
      aria-label={says}
    >
      <line x1={0} x2={widthPx} y1={Y(0)} y2={Y(0)} stroke={ink.rule} strokeWidth={1.4} />
      {figure.stand.support === 'dip' && arms && (
        <path
          d={line(
            { x: arms[0].grip.x - 0.25, y: arms[0].grip.y - 0.03 },
            { x: arms[0].grip.x + 0.3, y: arms[0].grip.y - 0.03 },
            { x: arms[0].grip.x + 0.3, y: 0 },
          )}
          stroke={ink.ink}
          strokeWidth={3.5}
          fill="none"
        />
      )}
      {implement === 'landmine' && low && (
        <path d={line(low, { x: low.x - 1.1, y: 0.04 })} stroke={ink.ink} strokeWidth={3} fill="none" />
      )}
      {figure.pulley && low && (
        <g>
          <line
            x1={X(figure.pulley.x)}
            x2={X(figure.pulley.x)}
            y1={Y(0)}
            y2={Y(2.05)}
            stroke={ink.rule}
            strokeWidth={5}
          />
          <line
            x1={X(figure.pulley.x)}
            y1={Y(figure.pulley.y)}
            x2={X(low.x)}
            y2={Y(low.y)}
            stroke={ink.ink}
            strokeWidth={1.2}
          />
          <circle
            cx={X(figure.pulley.x)}
            cy={Y(figure.pulley.y)}
            r={5}
            fill={ink.sheet}
            stroke={ink.ink}
            strokeWidth={2}
          />
        </g>
      )}
      {bench && figure.bench && (
        <g aria-hidden>
          {bench.notches.map((n) => {
            const a = (n * Math.PI) / 180;
            const r = 1.02;
            const set = Math.abs(n - bench.deg) < 0.01;
            const p0 = {
              x: figure.bench!.hinge.x + r * Math.cos(a),
              y: figure.bench!.hinge.y + r * Math.sin(a),
            };
            const p1 = {
              x: figure.bench!.hinge.x + (r + 0.05) * Math.cos(a),
              y: figure.bench!.hinge.y + (r + 0.05) * Math.sin(a),
            };
            const p2 = {
              x: figure.bench!.hinge.x + (r + 0.13) * Math.cos(a),
              y: figure.bench!.hinge.y + (r + 0.13) * Math.sin(a),
            };
            return (
              <g key={n} onClick={() => bench.onTurn(n)} style={{ cursor: 'pointer' }}>
                <path d={line(p0, p1)} stroke={set ? ink.ink : ink.soft} strokeWidth={set ? 3 : 1.3} />
                <text
                  x={X(p2.x)}
                  y={Y(p2.y) + 4}
                  textAnchor="middle"
                  style={set ? { fill: ink.ink, fontWeight: 700 } : {}}
                >
                  {n}°
                </text>
              </g>
            );
          })}
        </g>
      )}
      {figure.bench && (
        <g
          className={bench ? 'turn' : undefined}
          {...(bench
            ? {
                role: 'slider',
                tabIndex: 0,
                'aria-label': 'Bench angle',
                'aria-valuemin': bench.notches[0] ?? 0,
                'aria-valuemax': bench.notches[bench.notches.length - 1] ?? 0,
                'aria-valuenow': Math.round(bench.deg),
                'aria-valuetext': `${Math.round(bench.deg)} degrees`,
                onKeyDown: keys,
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
            d={line(
              { x: figure.bench.hinge.x - 0.12, y: 0 },
              { x: figure.bench.hinge.x - 0.05, y: figure.bench.hinge.y },
            )}
            stroke={ink.ink}
            strokeWidth={3}
          />
          {figure.stand.trunkDeg < 100 && (
            <path
              d={line(
                { x: figure.bench.hinge.x + 0.5, y: 0 },
                {
                  x: figure.bench.hinge.x + (figure.bench.backEnd.x - figure.bench.hinge.x) * 0.55,
                  y: figure.bench.hinge.y + (figure.bench.backEnd.y - figure.bench.hinge.y) * 0.55,
                },
              )}
              stroke={ink.ink}
              strokeWidth={3}
            />
          )}
          <path
            className="halo"
            d={line(figure.bench.hinge, figure.bench.backEnd)}
            stroke={ink.ink}
            strokeWidth={16}
            opacity={0}
            strokeLinecap="round"
            fill="none"
            strokeOpacity={0.18}
          />
          <path
            className="pad"
            d={line(figure.bench.seatEnd, figure.bench.hinge, figure.bench.backEnd)}
            stroke={ink.ink}
            strokeWidth={6}
            strokeLinejoin="round"
            strokeLinecap="round"
            fill="none"
          />
          {bench && (
            <circle
              cx={X(figure.bench.backEnd.x)}
              cy={Y(figure.bench.backEnd.y)}
              r={7}
              fill={ink.sheet}
              stroke={ink.ink}
              strokeWidth={2}
            />
          )}
        </g>
      )}
      <g aria-hidden>
        {still ? null : figure.bodies[1] && drawBody(figure.bodies[1], true)}
        {figure.bodies[0] && drawBody(figure.bodies[0], false)}
        {arms && drawArm(arms[1], true)}
        {figure.path.length > 1 && still && (
          <path
            d={line(...figure.path)}
            fill="none"
            stroke={ink.ink}
            strokeWidth={1.4}
            strokeDasharray="2 4"
          />
        )}
        {arms && drawArm(arms[0], false)}
        {arms && implement !== 'none' && implement !== 'bodyweight' && implement !== 'machine' && (
          <>
            {held(arms[1].grip, true)}
            {held(arms[0].grip, false)}
          </>
        )}
        {low &&
          load &&
          implement !== 'cable' &&
          implement !== 'bodyweight' &&
          implement !== 'machine' &&
          implement !== 'band' && (
            <path
              d={`M${X(low.x)} ${Y(low.y)} v${0.26 * k} m-4 -7 l4 7 l4 -7`}
              fill="none"
              stroke={ink.ink}
              strokeWidth={1.8}
            />
          )}
      </g>
      {load && (
        <text x={8} y={16} style={{ fill: ink.ink, fontWeight: 650, fontSize: 13 }}>
          {load}
        </text>
      )}
      {figure.travelM > 0.03 && (
        <text x={8} y={load ? 31 : 16}>
          hand travels {Math.round(figure.travelM * 100)} cm
        </text>
      )}
    </Drawing>
  );
}
