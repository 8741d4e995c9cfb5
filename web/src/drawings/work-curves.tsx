import type { Work } from '@drimbo/core/mechanics';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line as lineOf } from 'd3-shape';
import type { ReactNode } from 'react';
import { ink } from '../look/theme';
import { CurveFrame, LineKey } from './curve-frame';

const H = 92;
const FOOT = 18;

const round = (n: number): string => String(Math.round(n));

/** Torques over the range: the shoulder filled, the elbow dashed. Newton metres; the taller peak fills the height. */
export function WorkCurves({
  work,
  widthPx,
  ends,
  rotation = false,
  scaleNm,
}: {
  work: Work;
  widthPx: number;
  ends: [string, string];
  /** The torque about the upper arm's own axis stands for the shoulder. */
  rotation?: boolean;
  /** The torque that fills the height, for several on one scale; left out, the taller peak. */
  scaleNm?: number;
}): ReactNode {
  const asked = (p: Work['points'][number]): number => (rotation ? Math.abs(p.axialNm) : p.shoulderNm);
  const shoulder = Math.max(...work.points.map(asked));
  const elbow = Math.max(...work.points.map((p) => Math.abs(p.elbowNm)));
  const bending = work.points.some((p) => Math.abs(p.elbowNm) === elbow && p.elbowNm < 0);
  const moving = work.travelM > 1e-6;
  const at = (p: Work['points'][number], i: number): number => (moving ? p.at : i / (work.points.length - 1));
  const x = scaleLinear([0, 1], [0, widthPx]);
  const y = scaleLinear([0, scaleNm ?? Math.max(shoulder, elbow, 1)], [H - 1, 8]);
  const pts = work.points.map((p, i) => ({
    x: at(p, i),
    shoulder: asked(p),
    elbow: Math.abs(p.elbowNm),
  }));
  const hardest = pts.reduce((a, b) => (b.shoulder > a.shoulder ? b : a));
  const says = `${rotation ? 'Rotation' : 'The shoulder'} is asked most, ${round(shoulder)} newton metres, at ${round(hardest.x * 100)} per cent of the way from ${ends[0]} to ${ends[1]}; the elbow at most ${round(elbow)}.`;
  return (
    <CurveFrame>
      <svg width={widthPx} height={H + FOOT} role="img" aria-label={says}>
        <line x1={0} x2={widthPx} y1={H} y2={H} stroke={ink.rule} />
        <path
          d={
            area<(typeof pts)[number]>(
              (p) => x(p.x),
              H - 1,
              (p) => y(p.shoulder),
            ).curve(curveMonotoneX)(pts) ?? ''
          }
          fill={ink.rule}
          opacity={0.55}
        />
        <path
          d={
            lineOf<(typeof pts)[number]>(
              (p) => x(p.x),
              (p) => y(p.shoulder),
            ).curve(curveMonotoneX)(pts) ?? ''
          }
          fill="none"
          stroke={ink.ink}
          strokeWidth={1.8}
        />
        <path
          d={
            lineOf<(typeof pts)[number]>(
              (p) => x(p.x),
              (p) => y(p.elbow),
            ).curve(curveMonotoneX)(pts) ?? ''
          }
          fill="none"
          stroke={ink.ink}
          strokeWidth={1.6}
          strokeDasharray="5 4"
        />
        <text x={0} y={H + 14}>
          {ends[0]}
        </text>
        <text x={widthPx} y={H + 14} textAnchor="end">
          {ends[1]}
        </text>
      </svg>
      <figcaption>
        <span>
          <LineKey $line="solid" />
          {rotation ? 'rotation' : 'shoulder'}, up to {round(shoulder)} N·m
        </span>
        <span>
          <LineKey $line="dashed" />
          {bending ? 'elbow, held by its flexors' : 'elbow'}, up to {round(elbow)} N·m
        </span>
      </figcaption>
    </CurveFrame>
  );
}
