import { pressingRegions, type PressingRegion, regions } from '@drimbo/core/anatomy/regions';
import type { Body } from '@drimbo/core/anatomy/body';
import { atNotches, bestNotch, type AtNotch } from '@drimbo/core/choosing/best-notch';
import type { Movement } from '@drimbo/core/movements/model';
import type { Rig } from '@drimbo/core/movements/rig';
import { inFives } from '@drimbo/core/units/numbers';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line as lineOf } from 'd3-shape';
import { useMemo, type ReactNode } from 'react';
import { ink, voiceInk, voiceText } from '../look/theme';

const H = 110;
const FOOT = 30;

/** A region's share at a notch: among the shoulder's six, or among all nine for the triceps. */
export const shareAt = (row: AtNotch, region: PressingRegion): number =>
  pressingRegions.indexOf(region) < 6 ? row.ofShoulder[region] : row.shares[region];

/** A rig at every notch of a bench, and the notch that gives a region most. */
export function useNotches(
  movement: Movement,
  rig: Rig,
  body: Body,
  notches: readonly number[],
  region: PressingRegion,
): { marks: AtNotch[]; best: AtNotch | null } {
  const marks = useMemo(() => atNotches(movement, rig, notches, body), [movement, rig, notches, body]);
  return { marks, best: bestNotch(marks, region) };
}

interface NotchCurveProps {
  movement: Movement;
  rig: Rig;
  body: Body;
  marks: readonly AtNotch[];
  best: AtNotch | null;
  region: PressingRegion;
  widthPx: number;
}

/** A region's share of the work at every bench angle, this gym's notches marked, the best one named. */
export function NotchCurve({
  movement,
  rig,
  body,
  marks,
  best,
  region,
  widthPx,
}: NotchCurveProps): ReactNode {
  const lo = marks[0]?.benchDeg ?? 0;
  const hi = marks[marks.length - 1]?.benchDeg ?? 75;
  const between = useMemo(() => {
    const steps = Array.from({ length: Math.floor((hi - lo) / 5) + 1 }, (_, i) => lo + i * 5);
    return atNotches(movement, rig, steps, body);
  }, [movement, rig, body, lo, hi]);
  const top = Math.max(0.05, ...between.map((p) => shareAt(p, region)));
  const x = scaleLinear([lo, hi], [16, widthPx - 16]);
  const y = scaleLinear([0, top * 1.15], [H, 6]);
  const colour = voiceInk[regions[region].voice];
  const name = regions[region].name.toLowerCase();
  const told = marks.map((m) => `${m.benchDeg}° ${inFives(shareAt(m, region))} per cent`).join(', ');
  return (
    <svg
      width={widthPx}
      height={H + FOOT}
      role="img"
      aria-label={`Share of the ${name} by bench angle: ${told}. Most at ${best?.benchDeg}°.`}
      style={{ display: 'block' }}
    >
      <line x1={0} x2={widthPx} y1={H} y2={H} stroke={ink.rule} />
      <path
        d={
          lineOf<AtNotch>(
            (p) => x(p.benchDeg!),
            (p) => y(shareAt(p, region)),
          ).curve(curveMonotoneX)(between) ?? ''
        }
        fill="none"
        stroke={colour}
        strokeWidth={2}
      />
      {marks.map((m) => (
        <g key={m.benchDeg}>
          <circle
            cx={x(m.benchDeg!)}
            cy={y(shareAt(m, region))}
            r={m === best ? 5.5 : 3.5}
            fill={m.benchDeg === rig.benchDeg ? ink.ink : ink.sheet}
            stroke={colour}
            strokeWidth={2}
          />
          <text
            x={x(m.benchDeg!)}
            y={H + 13}
            textAnchor="middle"
            fontSize={11.5}
            fill={ink.soft}
            fontWeight={m.benchDeg === rig.benchDeg ? 700 : 400}
          >
            {m.benchDeg}°
          </text>
        </g>
      ))}
      {best && (
        <text
          x={Math.min(widthPx - 54, Math.max(54, x(best.benchDeg!)))}
          y={H + 27}
          textAnchor="middle"
          fontSize={11.5}
          fontWeight={650}
          fill={voiceText[regions[region].voice]}
        >
          most {name}
        </text>
      )}
    </svg>
  );
}
