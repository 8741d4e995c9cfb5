import type { Figure, Moment } from '@drimbo/core/mechanics/figure';
import type { ReactNode } from 'react';
import { figureInk, ink } from '../look/theme';
import type { Pen, Point } from './pen';

interface LimbProps {
  pen: Pen;
  through: Point[];
  /** Thickness in metres. */
  metres: number;
  colour: string;
  opacity?: number;
}

function Limb({ pen, through, metres, colour, opacity = 1 }: LimbProps): ReactNode {
  return (
    <path
      d={pen.line(...through)}
      fill="none"
      stroke={colour}
      strokeWidth={Math.max(2, metres * pen.k)}
      strokeLinecap="round"
      strokeLinejoin="round"
      opacity={opacity}
    />
  );
}

/** A limb with an edge a shade darker. */
const Edged = ({ pen, through, metres }: Omit<LimbProps, 'colour'>): ReactNode => (
  <>
    <Limb pen={pen} through={through} metres={metres + 0.014} colour={figureInk.edge} />
    <Limb pen={pen} through={through} metres={metres} colour={figureInk.body} />
  </>
);

const Head = ({ pen, at, radius }: { pen: Pen; at: Point; radius: number }): ReactNode => (
  <ellipse
    cx={pen.X(at.x)}
    cy={pen.Y(at.y)}
    rx={radius * 0.94 * pen.k}
    ry={radius * pen.k}
    fill={figureInk.body}
    stroke={figureInk.edge}
  />
);

/** Somebody from the side. */
export function SideBody({
  pen,
  body: b,
  headRadius,
  faint = false,
}: {
  pen: Pen;
  body: NonNullable<Figure['body']>;
  headRadius: number;
  faint?: boolean;
}): ReactNode {
  const chest = {
    x: b.hip.x + (b.shoulder.x - b.hip.x) * 0.78,
    y: b.hip.y + (b.shoulder.y - b.hip.y) * 0.78,
  };
  return (
    <g opacity={faint ? 0.35 : 1}>
      <Edged pen={pen} through={[b.knee, b.ankle, b.toe]} metres={0.075} />
      <Edged pen={pen} through={[b.hip, b.knee]} metres={0.125} />
      <Edged pen={pen} through={[b.shoulder, b.neck, b.head]} metres={0.085} />
      <Edged pen={pen} through={[b.hip, b.shoulder]} metres={0.17} />
      <Limb pen={pen} through={[chest, b.shoulder]} metres={0.2} colour={figureInk.body} />
      <Limb pen={pen} through={[b.hip, b.knee]} metres={0.115} colour={figureInk.body} />
      <Head pen={pen} at={b.head} radius={headRadius} />
    </g>
  );
}

const mirrored = (q: Point): Point => ({ x: -q.x, y: q.y });

/** Somebody from the front; the right half is given. */
export function FrontBody({
  pen,
  body: b,
  headRadius,
}: {
  pen: Pen;
  body: NonNullable<Figure['front']>;
  headRadius: number;
}): ReactNode {
  const waist = { x: b.hip.x * 1.35, y: b.hip.y + (b.shoulder.y - b.hip.y) * 0.3 };
  const armpit = { x: b.shoulder.x * 0.86, y: b.shoulder.y - 0.1 };
  const trunk = [
    b.shoulder,
    armpit,
    waist,
    { x: b.hip.x * 1.9, y: b.hip.y },
    { x: -b.hip.x * 1.9, y: b.hip.y },
    mirrored(waist),
    mirrored(armpit),
    mirrored(b.shoulder),
  ];
  return (
    <g>
      {[b, { knee: mirrored(b.knee), ankle: mirrored(b.ankle), hip: mirrored(b.hip) }].map((half, i) => (
        <g key={i}>
          <Edged pen={pen} through={[half.knee, half.ankle]} metres={0.085} />
          <Edged pen={pen} through={[half.hip, half.knee]} metres={0.125} />
        </g>
      ))}
      <Edged pen={pen} through={[b.neck, b.head]} metres={0.085} />
      <path
        d={`${pen.line(...trunk)} Z`}
        fill={figureInk.body}
        stroke={figureInk.edge}
        strokeWidth={0.05 * pen.k}
        strokeLinejoin="round"
      />
      <path d={`${pen.line(...trunk)} Z`} fill={figureInk.body} />
      <Head pen={pen} at={b.head} radius={headRadius} />
    </g>
  );
}

/** An arm: solid at the moment shown, faint at the ends of the range. */
export function Arm({ pen, arm: a, faint }: { pen: Pen; arm: Moment['arm']; faint: boolean }): ReactNode {
  const through = [a.shoulder, a.elbow, a.grip];
  if (faint)
    return (
      <g>
        <Limb pen={pen} through={through} metres={0.052} colour={ink.sheet} />
        <Limb pen={pen} through={through} metres={0.06} colour={ink.ink} opacity={0.22} />
      </g>
    );
  return (
    <g>
      <Limb pen={pen} through={through} metres={0.078} colour={ink.sheet} />
      <Limb pen={pen} through={[a.shoulder, a.elbow]} metres={0.066} colour={ink.ink} />
      <Limb pen={pen} through={[a.elbow, a.grip]} metres={0.05} colour={ink.ink} />
      <circle
        cx={pen.X(a.shoulder.x)}
        cy={pen.Y(a.shoulder.y)}
        r={0.036 * pen.k}
        fill={ink.sheet}
        stroke={ink.ink}
        strokeWidth={1.4}
      />
      <circle cx={pen.X(a.elbow.x)} cy={pen.Y(a.elbow.y)} r={0.022 * pen.k} fill={ink.sheet} />
    </g>
  );
}

export const mirrorArm = (a: Moment['arm']): Moment['arm'] => ({
  shoulder: mirrored(a.shoulder),
  elbow: mirrored(a.elbow),
  grip: mirrored(a.grip),
});
