import type { Figure, Moment } from '@drimbo/core/mechanics';
import type { Movement, Rig } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { ink } from '../../look/theme';
import type { Pen, Point } from '../pen';
import { Added } from './added';
import { Lever } from './lever';

interface EquipmentProps {
  pen: Pen;
  figure: Figure;
  movement: Movement;
  rig: Rig;
  now: Moment;
}

/** Where a guided bar runs: through both ends of its way, from the floor to over head. */
function railOf(figure: Figure): [Point, Point] | null {
  const first = figure.path[0];
  const last = figure.path[figure.path.length - 1];
  if (!first || !last || Math.abs(last.y - first.y) < 0.02) return null;
  const x = (y: number): number => first.x + ((last.x - first.x) * (y - first.y)) / (last.y - first.y);
  return [
    { x: x(0), y: 0 },
    { x: x(2.2), y: 2.2 },
  ];
}

/** A box on the floor: what hands or feet stand on. */
const Block = ({
  pen,
  from,
  to,
  heightM,
}: {
  pen: Pen;
  from: number;
  to: number;
  heightM: number;
}): ReactNode => (
  <rect
    x={pen.X(from)}
    y={pen.Y(heightM)}
    width={(to - from) * pen.k}
    height={heightM * pen.k}
    fill={ink.sheet}
    stroke={ink.ink}
    strokeWidth={1.6}
  />
);

/** A tower with its pulley, the stack that moves in it, and the cable to the hand. */
function Tower({
  pen,
  pulley,
  grip,
  rise,
}: {
  pen: Pen;
  pulley: Point;
  grip: Point;
  rise: number;
}): ReactNode {
  const { X, Y, k } = pen;
  const out = pulley.x < grip.x ? -1 : 1;
  const post = pulley.x + out * 0.07;
  return (
    <g>
      <path
        d={`M${X(post)} ${Y(0)} V${Y(Math.max(2.05, pulley.y))} M${X(post - 0.1)} ${Y(0.01)} H${X(post + 0.1)}`}
        stroke={ink.rule}
        strokeWidth={5}
        fill="none"
      />
      <rect
        x={X(post) - 0.045 * k}
        y={Y(0.34 + rise)}
        width={0.09 * k}
        height={0.2 * k}
        fill={ink.sheet}
        stroke={ink.soft}
        strokeWidth={1.2}
      />
      <path d={`M${X(post)} ${Y(0.34 + rise)} V${Y(2.05)}`} stroke={ink.soft} strokeWidth={0.8} />
      <line
        x1={X(pulley.x)}
        y1={Y(pulley.y)}
        x2={X(grip.x)}
        y2={Y(grip.y)}
        stroke={ink.ink}
        strokeWidth={1.2}
      />
      <circle
        cx={X(pulley.x)}
        cy={Y(pulley.y)}
        r={0.045 * k}
        fill={ink.sheet}
        stroke={ink.ink}
        strokeWidth={1.8}
      />
    </g>
  );
}

/** Safety pins in a rack at the height where the bar rests. */
function Pins({ pen, at }: { pen: Pen; at: Point }): ReactNode {
  const { X, Y } = pen;
  return (
    <path
      d={`M${X(at.x + 0.3)} ${Y(0)} V${Y(1.7)} M${X(at.x - 0.16)} ${Y(at.y - 0.04)} H${X(at.x + 0.3)}`}
      stroke={ink.ink}
      strokeWidth={3}
      fill="none"
    />
  );
}

/** What stands around the body: tower and cable, dip bars, blocks, wall, rail, pins, lever, and what is hung on. */
export function Equipment({ pen, figure, movement, rig, now }: EquipmentProps): ReactNode {
  const { X, Y, line, k } = pen;
  const { pulley, pivot, stand } = figure;
  const { implement } = movement;
  const first = figure.moments[0]?.arm.grip;
  const { grip } = now.arm;
  const rail = implement === 'guided bar' ? railOf(figure) : null;
  const rise =
    first && pulley
      ? 0.5 * Math.max(0, Math.hypot(grip.x - pulley.x, grip.y - pulley.y) - nearest(figure, pulley))
      : 0;
  return (
    <g aria-hidden>
      {stand.support === 'dip' && first && (
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
      {movement.id === 'assisted-dip' && now.body && (
        <path
          d={line(
            { x: now.body.knee.x - 0.12, y: now.body.knee.y - 0.07 },
            { x: now.body.knee.x + 0.34, y: now.body.knee.y - 0.07 },
            { x: now.body.knee.x + 0.55, y: 0.3 },
            { x: now.body.knee.x + 0.55, y: 0 },
          )}
          stroke={ink.ink}
          strokeWidth={4}
          fill="none"
        />
      )}
      {figure.handsOnM > 0 && first && (
        <Block pen={pen} from={first.x - 0.1} to={first.x + 0.1} heightM={figure.handsOnM} />
      )}
      {figure.feetOnM > 0 && figure.body && (
        <Block
          pen={pen}
          from={figure.body.toe.x - 0.16}
          to={figure.body.toe.x + 0.18}
          heightM={figure.feetOnM}
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
          <circle cx={X(grip.x)} cy={Y(grip.y)} r={0.14 * k} fill="none" stroke={ink.ink} strokeWidth={1.2} />
          <circle cx={X(pivot.x)} cy={Y(pivot.y)} r={4.5} fill={ink.sheet} stroke={ink.ink} strokeWidth={2} />
        </g>
      )}
      {rail && (
        <>
          <path d={line(...rail)} stroke={ink.rule} strokeWidth={6} fill="none" />
          <rect
            x={X(grip.x) - 0.035 * k}
            y={Y(grip.y) - 0.06 * k}
            width={0.07 * k}
            height={0.12 * k}
            fill={ink.ink}
          />
        </>
      )}
      {pulley && <Tower pen={pen} pulley={pulley} grip={grip} rise={rise} />}
      {implement === 'machine' && <Lever pen={pen} figure={figure} movement={movement} now={now} />}
      {(rig.range === 'pins' || rig.range === 'mid pins') && first && <Pins pen={pen} at={first} />}
      {rig.range === 'box' && first && (
        <rect
          x={X(first.x) - 0.09 * k}
          y={Y(first.y - 0.02)}
          width={0.18 * k}
          height={0.07 * k}
          fill={ink.sheet}
          stroke={ink.ink}
          strokeWidth={1.6}
        />
      )}
      <Added pen={pen} added={rig.added} grip={grip} />
      {implement === 'band' && <Band pen={pen} movement={movement} figure={figure} grip={grip} />}
    </g>
  );
}

/** The shortest the cable gets over the way, metres. */
const nearest = (figure: Figure, pulley: Point): number =>
  Math.min(...figure.moments.map(({ arm }) => Math.hypot(arm.grip.x - pulley.x, arm.grip.y - pulley.y)));

/** A band: between the hands from the front, from a post to the hand from the side. */
function Band({
  pen,
  movement,
  figure,
  grip,
}: {
  pen: Pen;
  movement: Movement;
  figure: Figure;
  grip: Point;
}): ReactNode {
  // Held wide and passed over the head it is seen end on.
  if (movement.pattern === 'pass-through') return null;
  const post = Math.min(...figure.path.map((q) => q.x)) - 0.45;
  const from = figure.view === 'front' ? { x: -grip.x, y: grip.y } : { x: post, y: figure.path[0]!.y };
  return (
    <>
      {figure.view === 'side' && (
        <path
          d={pen.line({ x: post, y: 0 }, { x: post, y: 1.9 })}
          stroke={ink.rule}
          strokeWidth={5}
          fill="none"
        />
      )}
      <path d={pen.line(from, grip)} stroke={ink.ink} strokeWidth={2} strokeDasharray="6 2" fill="none" />
    </>
  );
}
