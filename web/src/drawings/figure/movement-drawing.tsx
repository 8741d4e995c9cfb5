import type { Figure, Pull } from '@drimbo/core/mechanics';
import type { Movement, Rig } from '@drimbo/core/movements';
import { useRef, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../../look/theme';
import { penFor } from '../pen';
import { Bench, NotchArc, type Notches } from './bench';
import { ArmShape, FrontBody, Joints, mirrorArm, SideBody } from './body';
import { Held } from './held';
import { Equipment } from './equipment';
import { Strands } from './strands';

interface MovementDrawingProps {
  figure: Figure;
  /** The muscles' strands at each moment; none where they are not drawn. */
  pulls: readonly (readonly Pull[])[];
  movement: Movement;
  rig: Rig;
  statureM: number;
  heightPx: number;
  widthPx: number;
  /** True where a load hangs from the hand. */
  isLoaded: boolean;
  /** Bench notches of this gym, and which is set; null without a bench to turn. */
  bench: Notches | null;
  /** Share of the way that is shown solid. */
  at: number;
  /** What the drawing shows, in words. */
  says: string;
}

const Svg = styled.svg`
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

/** Loads that hang from the hand have their weight drawn as an arrow. */
const hangs = new Set<Movement['implement']>(['barbell', 'guided bar', 'curl bar', 'dumbbells', 'dumbbell']);
const ARROW_M = 0.22;
const SEAT_M = 0.46;

/** A movement as a measured drawing: the body, its muscles at work, the hand's way, and what is lifted. */
export function MovementDrawing({
  figure,
  pulls,
  movement,
  rig,
  statureM: h,
  heightPx,
  widthPx,
  isLoaded,
  bench,
  at,
  says,
}: MovementDrawingProps): ReactNode {
  const svg = useRef<SVGSVGElement>(null);
  const pen = penFor(figure, widthPx, heightPx);
  const { X, Y, k, line } = pen;
  const { moments } = figure;
  const last = moments.length - 1;
  const index = Math.round(at * last);
  const now = moments[index];
  const far = moments[at < 0.5 ? last : 0];
  const { implement } = movement;
  const strands = pulls[index] ?? [];
  const isFront = figure.view === 'front';
  const bothArms = isFront && movement.oneSided !== true;
  const body = now?.body ?? figure.body;
  const arms = (arm: NonNullable<typeof now>['arm'], faint: boolean): ReactNode => (
    <>
      {isFront && (
        <ArmShape
          pen={pen}
          arm={bothArms ? mirrorArm(arm) : hanging(arm, h)}
          h={h}
          faint={faint && bothArms}
        />
      )}
      <ArmShape pen={pen} arm={arm} h={h} faint={faint} />
    </>
  );
  const held = (arm: NonNullable<typeof now>['arm'], faint: boolean): ReactNode => (
    <>
      {bothArms && <Held pen={pen} implement={implement} at={mirrorArm(arm).grip} isFront faint={faint} />}
      <Held pen={pen} implement={implement} at={arm.grip} isFront={isFront} faint={faint} />
    </>
  );
  const farBody = far !== now ? far?.body : null;
  return (
    <Svg
      ref={svg}
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role={bench ? 'group' : 'img'}
      aria-label={says}
    >
      <line x1={0} x2={widthPx} y1={Y(0)} y2={Y(0)} stroke={ink.rule} strokeWidth={1.4} aria-hidden />
      {now && <Equipment pen={pen} figure={figure} movement={movement} rig={rig} now={now} />}
      {bench && figure.bench && <NotchArc pen={pen} figure={figure} bench={bench} />}
      {figure.bench && (
        <Bench pen={pen} svg={svg} bench={figure.bench} trunkDeg={figure.stand.trunkDeg} turn={bench} />
      )}
      <g aria-hidden>
        {farBody && figure.handsStay && <SideBody pen={pen} body={farBody} eye={far!.trunkEye} h={h} faint />}
        {far && far !== now && !figure.handsStay && arms(far.arm, true)}
        {far && far !== now && !farBody && held(far.arm, true)}
        {body && now && <SideBody pen={pen} body={body} eye={now.trunkEye} h={h} />}
        {figure.front && now && (
          <FrontBody
            pen={pen}
            body={figure.front}
            eye={now.trunkEye}
            h={h}
            seatY={figure.stand.support === 'seat' ? SEAT_M : null}
          />
        )}
        {body && !now && <SideBody pen={pen} body={body} eye={uprightAt(body)} h={h} />}
        {figure.path.length > 1 && (
          <path
            d={line(...figure.path)}
            fill="none"
            stroke={ink.ink}
            strokeWidth={1.4}
            strokeDasharray="2 4"
          />
        )}
        {now && arms(now.arm, false)}
        {now && (
          <>
            <Strands pen={pen} eye={now.eye} pulls={strands} />
            {bothArms && <Strands pen={pen} eye={now.eye} pulls={strands} isMirrored />}
            <Joints pen={pen} arm={now.arm} />
            {bothArms && <Joints pen={pen} arm={mirrorArm(now.arm)} />}
            {held(now.arm, false)}
          </>
        )}
        {now && isLoaded && hangs.has(implement) && (
          <path
            d={`M${X(now.arm.grip.x)} ${Y(now.arm.grip.y - 0.1)} v${ARROW_M * k} m-4 -7 l4 7 l4 -7`}
            fill="none"
            stroke={ink.ink}
            strokeWidth={1.6}
          />
        )}
      </g>
    </Svg>
  );
}

/** The arm that has nothing to do. */
function hanging({ shoulder }: { shoulder: { x: number; y: number } }, h: number) {
  const x = -shoulder.x;
  return {
    shoulder: { x, y: shoulder.y },
    elbow: { x: x - 0.02 * h, y: shoulder.y - 0.186 * h },
    grip: { x: x - 0.024 * h, y: shoulder.y - 0.36 * h },
  };
}

/** The frame of a body that has no arm path. */
function uprightAt({ shoulder, hip }: NonNullable<Figure['body']>): Figure['moments'][number]['eye'] {
  const n = Math.hypot(shoulder.x - hip.x, shoulder.y - hip.y) || 1;
  const [ux, uy] = [(shoulder.x - hip.x) / n, (shoulder.y - hip.y) / n];
  return { origin: shoulder, across: [-uy, ux, 0], upward: [ux, uy, 0] };
}
