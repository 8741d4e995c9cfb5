import { type PressingRegion, regions } from '@drimbo/core/anatomy/regions';
import type { Body } from '@drimbo/core/anatomy/body';
import { shoulderShares, workOf } from '@drimbo/core/mechanics/work';
import type { Movement } from '@drimbo/core/movements/model';
import type { Rig } from '@drimbo/core/movements/rig';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line as lineOf } from 'd3-shape';
import { useMemo, type ReactNode } from 'react';
import { ink, voiceInk, voiceText } from '../look/theme';

const H = 110;
const FOOT = 30;

interface NotchCurveProps {
  movement: Movement;
  rig: Rig;
  body: Body;
  notches: number[];
  region: PressingRegion;
  widthPx: number;
}

/** A region's share of the shoulder's work at every bench angle, this gym's notches marked, the best one named. */
export function NotchCurve({ movement, rig, body, notches, region, widthPx }: NotchCurveProps): ReactNode {
  const lo = notches[0] ?? 0;
  const hi = notches[notches.length - 1] ?? 75;
  const curve = useMemo(() => {
    const share = (benchDeg: number): number => {
      const work = workOf(movement, { ...rig, benchDeg }, body, 20);
      return work ? shoulderShares(work)[region] : 0;
    };
    const at = (deg: number) => ({ deg, share: share(deg) });
    const steps = Array.from({ length: Math.floor((hi - lo) / 5) + 1 }, (_, i) => lo + i * 5);
    return { line: steps.map(at), marks: notches.map(at) };
  }, [movement, rig, body, notches, region, lo, hi]);
  const best = curve.marks.reduce((a, b) => (b.share > a.share + 0.004 ? b : a));
  const top = Math.max(0.05, ...curve.line.map((p) => p.share));
  const x = scaleLinear([lo, hi], [16, widthPx - 16]);
  const y = scaleLinear([0, top * 1.15], [H, 6]);
  const colour = voiceInk[regions[region].voice];
  const name = regions[region].name.toLowerCase();
  return (
    <svg
      width={widthPx}
      height={H + FOOT}
      role="img"
      aria-label={`Share of the ${name} by bench angle: ${curve.marks.map((m) => `${m.deg}° ${Math.round(m.share * 20) * 5} per cent`).join(', ')}. Most at ${best.deg}°.`}
      style={{ display: 'block' }}
    >
      <line x1={0} x2={widthPx} y1={H} y2={H} stroke={ink.rule} />
      <path
        d={
          lineOf<(typeof curve.line)[number]>(
            (p) => x(p.deg),
            (p) => y(p.share),
          ).curve(curveMonotoneX)(curve.line) ?? ''
        }
        fill="none"
        stroke={colour}
        strokeWidth={2}
      />
      {curve.marks.map((m) => (
        <g key={m.deg}>
          <circle
            cx={x(m.deg)}
            cy={y(m.share)}
            r={m === best ? 5.5 : 3.5}
            fill={m.deg === rig.benchDeg ? ink.ink : ink.sheet}
            stroke={colour}
            strokeWidth={2}
          />
          <text
            x={x(m.deg)}
            y={H + 13}
            textAnchor="middle"
            fontSize={11.5}
            fill={ink.soft}
            fontWeight={m.deg === rig.benchDeg ? 700 : 400}
          >
            {m.deg}°
          </text>
        </g>
      ))}
      <text
        x={x(best.deg)}
        y={H + 27}
        textAnchor="middle"
        fontSize={11.5}
        fontWeight={650}
        fill={voiceText[regions[region].voice]}
      >
        most {name}
      </text>
    </svg>
  );
}
