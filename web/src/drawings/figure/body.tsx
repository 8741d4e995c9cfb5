import {
  type Eye,
  type FigureBody,
  type FrontBody,
  type Moment,
  seenBy,
  type Vec,
} from '@drimbo/core/mechanics';
import type { ReactNode } from 'react';
import { figureInk, ink } from '../../look/theme';
import type { Pen, Point } from '../pen';
import { FIST, headFront, headSide, HEEL, limbs, trunkFront, trunkSide } from './outlines';
import { limb, smooth, type Girth } from './shapes';

type Arm = Moment['arm'];

const of = (girths: readonly Girth[], h: number): Girth[] =>
  girths.map(([at, fore, aft]) => [at, fore * h, aft * h] as const);

const Part = ({ d }: { d: string }): ReactNode => (
  <path d={d} fill={figureInk.body} stroke={figureInk.edge} strokeWidth={1} />
);

/** A foot from the ankle to the toe. */
function foot(pen: Pen, ankle: Point, toe: Point, h: number): string {
  const dx = toe.x - ankle.x;
  const dy = toe.y - ankle.y;
  const n = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / n, dy / n];
  const heel = { x: ankle.x - ux * HEEL * h, y: ankle.y - uy * HEEL * h };
  return limb(pen, heel, toe, [
    [0, HEEL * h, HEEL * h],
    [0.45, 0.016 * h, 0.014 * h],
    [1, 0.009 * h, 0.009 * h],
  ]);
}

function Legs({
  pen,
  hip,
  knee,
  ankle,
  toe,
  h,
}: {
  pen: Pen;
  hip: Point;
  knee: Point;
  ankle: Point;
  toe: Point | null;
  h: number;
}): ReactNode {
  return (
    <>
      {toe && <Part d={foot(pen, ankle, toe, h)} />}
      <Part d={limb(pen, knee, ankle, of(limbs.shank, h))} />
      <Part d={limb(pen, hip, knee, of(limbs.thigh, h))} />
    </>
  );
}

/** A trunk and head of outlines, seen by an eye; `place` puts a point of an outline into the trunk's frame. */
const outlined = (
  pen: Pen,
  eye: Eye,
  outline: readonly (readonly [number, number])[],
  h: number,
  place: (a: number, b: number) => Vec,
): string =>
  smooth(
    pen,
    outline.map(([a, b]) => seenBy(eye, place(a * h, b * h))),
  );

const HEAD_UP = 0.132;

/** Somebody from the side. */
/** An eye that looks along the chest of somebody on the side: the trunk is seen from its front. */
const looksAtFront = (eye: Eye): boolean => Math.abs(eye.upward[2]) > 0.5;
const JOINT_X = 0.103;

export function SideBody({
  pen,
  body: b,
  eye,
  h,
  faint = false,
}: {
  pen: Pen;
  body: FigureBody;
  eye: Eye;
  h: number;
  faint?: boolean;
}): ReactNode {
  return (
    <g opacity={faint ? 0.3 : 1}>
      <Legs pen={pen} hip={b.hip} knee={b.knee} ankle={b.ankle} toe={b.toe} h={h} />
      {looksAtFront(eye) ? (
        <FrontTrunk pen={pen} eye={eye} jointX={JOINT_X * h} h={h} />
      ) : (
        <>
          <Part d={outlined(pen, eye, headSide, h, (x, y) => [x + 0.012 * h, y + HEAD_UP * h, 0])} />
          <Part d={outlined(pen, eye, trunkSide, h, (x, y) => [x, y, 0])} />
        </>
      )}
    </g>
  );
}

const bothSides = (half: readonly (readonly [number, number])[]): (readonly [number, number])[] => [
  ...half,
  ...[...half]
    .reverse()
    .slice(1, -1)
    .map(([x, y]) => [-x, y] as const),
];
const trunkWhole = bothSides(trunkFront);
const headWhole = bothSides(headFront);

const mirrored = (q: Point): Point => ({ x: -q.x, y: q.y });

/** Trunk and head from the front, or from above the chest; the eye stands at the right shoulder joint. */
export const FrontTrunk = ({
  pen,
  eye,
  jointX,
  h,
}: {
  pen: Pen;
  eye: Eye;
  /** The joint's distance from the midline, metres. */
  jointX: number;
  h: number;
}): ReactNode => (
  <>
    <Part d={outlined(pen, eye, headWhole, h, (z, y) => [0.012 * h, y + HEAD_UP * h, z - jointX])} />
    <Part d={outlined(pen, eye, trunkWhole, h, (z, y) => [0, y, z - jointX])} />
  </>
);

/** Somebody from the front; the right half is given. */
export function FrontBody({
  pen,
  body: b,
  eye,
  h,
  seatY,
}: {
  pen: Pen;
  body: FrontBody;
  eye: Eye;
  h: number;
  /** Height of what is sat on, metres; null standing. */
  seatY: number | null;
}): ReactNode {
  const legs = [b, { hip: mirrored(b.hip), knee: mirrored(b.knee), ankle: mirrored(b.ankle) }];
  return (
    <g>
      {seatY !== null && (
        <path
          d={`M${pen.X(-0.2)} ${pen.Y(seatY)} H${pen.X(0.2)} M${pen.X(-0.14)} ${pen.Y(seatY)} V${pen.Y(0)} M${pen.X(0.14)} ${pen.Y(seatY)} V${pen.Y(0)}`}
          stroke={ink.ink}
          strokeWidth={3.5}
          fill="none"
        />
      )}
      {legs.map((half, i) => (
        <Legs
          key={i}
          pen={pen}
          hip={half.hip}
          knee={half.knee}
          ankle={half.ankle}
          toe={{ x: half.ankle.x * 1.35, y: 0.012 * h }}
          h={h}
        />
      ))}
      <FrontTrunk pen={pen} eye={eye} jointX={b.shoulder.x} h={h} />
    </g>
  );
}

/** An arm with its hand; faint at the far end of the range. */
export function ArmShape({
  pen,
  arm: a,
  h,
  faint = false,
}: {
  pen: Pen;
  arm: Arm;
  h: number;
  faint?: boolean;
}): ReactNode {
  const fist = FIST * h * pen.k;
  return (
    <g opacity={faint ? 0.4 : 1}>
      <Part d={limb(pen, a.elbow, a.grip, of(limbs.foreArm, h))} />
      <Part d={limb(pen, a.shoulder, a.elbow, of(limbs.upperArm, h))} />
      <circle
        cx={pen.X(a.grip.x)}
        cy={pen.Y(a.grip.y)}
        r={Math.max(2, fist)}
        fill={figureInk.body}
        stroke={figureInk.edge}
      />
    </g>
  );
}

/** The joints the arm turns about. */
export const Joints = ({ pen, arm: a }: { pen: Pen; arm: Arm }): ReactNode => (
  <>
    {[a.shoulder, a.elbow].map((q, i) => (
      <circle
        key={i}
        cx={pen.X(q.x)}
        cy={pen.Y(q.y)}
        r={Math.max(1.6, 0.016 * pen.k)}
        fill={ink.sheet}
        stroke={ink.ink}
        strokeWidth={1.2}
      />
    ))}
  </>
);

export const mirrorArm = (a: Arm): Arm => ({
  shoulder: mirrored(a.shoulder),
  elbow: mirrored(a.elbow),
  grip: mirrored(a.grip),
});
