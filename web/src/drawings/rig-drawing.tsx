import type { Figure } from '@drimbo/core/mechanics/figure';
import type { Implement } from '@drimbo/core/movements/model';
import { useRef, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../look/theme';
import { penFor } from './pen';
import { Bench, NotchArc, type Notches } from './rig-bench';
import { Arm, FrontBody, mirrorArm, SideBody } from './rig-body';
import { Held, Surroundings } from './rig-held';

interface RigDrawingProps {
  figure: Figure;
  implement: Implement;
  oneSided: boolean;
  heightPx: number;
  widthPx: number;
  /** Said at the hand: "24 kg each". */
  load: string;
  /** What hangs from the bar. */
  added: string | undefined;
  /** Bench notches of this gym, and which is set; null without a bench to turn. */
  bench: Notches | null;
  /** Share of the way that is shown solid. */
  at: number;
  /** Small: no words on it. */
  bare?: boolean;
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
const hangs = new Set<Implement>(['barbell', 'guided bar', 'curl bar', 'dumbbells', 'dumbbell']);

/** A movement as a measured drawing: the body, the arm at both ends and where it is now, the way between. */
export function RigDrawing({
  figure,
  implement,
  oneSided,
  heightPx,
  widthPx,
  load,
  added,
  bench,
  at,
  bare = false,
  says,
}: RigDrawingProps): ReactNode {
  const svg = useRef<SVGSVGElement>(null);
  const pen = penFor(figure, widthPx, heightPx);
  const { X, Y, k, line } = pen;
  const { moments } = figure;
  const last = moments.length - 1;
  const now = moments[Math.round(at * last)];
  const ends = [moments[0], moments[last]];
  const body = now?.body ?? figure.body;
  const bothArms = figure.view === 'front' && !oneSided;
  const arms = (arm: NonNullable<typeof now>['arm'], faint: boolean): ReactNode => (
    <>
      {bothArms && <Arm pen={pen} arm={mirrorArm(arm)} faint={faint} />}
      <Arm pen={pen} arm={arm} faint={faint} />
    </>
  );
  const held = (arm: NonNullable<typeof now>['arm'], faint: boolean): ReactNode => (
    <>
      {bothArms && <Held pen={pen} implement={implement} at={mirrorArm(arm).grip} faint={faint} />}
      <Held pen={pen} implement={implement} at={arm.grip} faint={faint} />
    </>
  );
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
      {now && (
        <Surroundings pen={pen} figure={figure} implement={implement} grip={now.arm.grip} added={added} />
      )}
      {bench && figure.bench && <NotchArc pen={pen} hinge={figure.bench.hinge} bench={bench} />}
      {figure.bench && (
        <Bench pen={pen} svg={svg} bench={figure.bench} trunkDeg={figure.stand.trunkDeg} turn={bench} />
      )}
      <g aria-hidden>
        {ends[1]?.body && at < 0.5 && (
          <SideBody pen={pen} body={ends[1].body} headRadius={figure.headRadius} faint />
        )}
        {body && <SideBody pen={pen} body={body} headRadius={figure.headRadius} />}
        {figure.front && <FrontBody pen={pen} body={figure.front} headRadius={figure.headRadius} />}
        {ends.map((end, i) => end && end !== now && <g key={i}>{arms(end.arm, true)}</g>)}
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
        {ends.map((end, i) => end && end !== now && !end.body && <g key={i}>{held(end.arm, true)}</g>)}
        {now && held(now.arm, false)}
        {now && load && hangs.has(implement) && (
          <path
            d={`M${X(now.arm.grip.x)} ${Y(now.arm.grip.y)} v${0.26 * k} m-4 -7 l4 7 l4 -7`}
            fill="none"
            stroke={ink.ink}
            strokeWidth={1.8}
          />
        )}
      </g>
      {!bare && load && (
        <text x={8} y={16} style={{ fill: ink.ink, fontWeight: 650, fontSize: 13 }}>
          {load}
        </text>
      )}
      {!bare && figure.travelM > 0.03 && (
        <text x={8} y={load ? 31 : 16}>
          {moments[0]?.body ? 'shoulder' : 'hand'} travels {Math.round(figure.travelM * 100)} cm
        </text>
      )}
    </Svg>
  );
}
