import { type Body, type PressingRegion, regions } from '@drimbo/core/anatomy';
import { type AtNotch, atNotches, bestNotch } from '@drimbo/core/choosing';
import type { Movement, Rig } from '@drimbo/core/movements';
import { levelOf } from '@drimbo/core/mechanics';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line as lineOf } from 'd3-shape';
import { useMemo, type ReactNode } from 'react';
import { ink, voiceInk, voiceText } from '../look/theme';

const H = 110;
const FOOT = 44;

/** What one hard set at a notch counts for a region. */
export const creditAt = (row: AtNotch, region: PressingRegion): number => row.credits[region] ?? 0;

/** A region's effort at a notch in a word. */
export function effortWord(row: AtNotch, region: PressingRegion): string {
  const effort = row.effort.get(region);
  return effort === undefined ? 'not told' : levelOf(effort);
}

const figure = (n: number): string => String(Number(n.toFixed(2)));

/** A rig at every notch of a bench, and the notch at which a set counts most for a region. */
export function useNotches(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  notches: readonly number[],
  region: PressingRegion,
): { marks: AtNotch[]; best: AtNotch | null } {
  const marks = useMemo(
    () => atNotches(movement, rig, notches, body, loadKg),
    [movement, rig, notches, body, loadKg],
  );
  return { marks, best: bestNotch(marks, region) };
}

interface NotchCurveProps {
  movement: Movement;
  rig: Rig;
  body: Body;
  loadKg: number;
  marks: readonly AtNotch[];
  best: AtNotch | null;
  region: PressingRegion;
  widthPx: number;
}

/** A region's effort at every bench angle, this gym's notches marked with what a set counts there, the best one named. */
export function NotchCurve({
  movement,
  rig,
  body,
  loadKg,
  marks,
  best,
  region,
  widthPx,
}: NotchCurveProps): ReactNode {
  const lo = marks[0]?.benchDeg ?? 0;
  const hi = marks[marks.length - 1]?.benchDeg ?? 75;
  const between = useMemo(() => {
    const steps = Array.from({ length: Math.floor((hi - lo) / 5) + 1 }, (_, i) => lo + i * 5);
    return atNotches(movement, rig, steps, body, loadKg).filter((p) => p.effort.has(region));
  }, [movement, rig, body, loadKg, lo, hi, region]);
  const x = scaleLinear([lo, hi], [16, widthPx - 16]);
  const y = scaleLinear([0, 1.08], [H, 6]);
  const colour = voiceInk[regions[region].voice];
  const name = regions[region].name.toLowerCase();
  const told = marks
    .map((m) => `${m.benchDeg}° ${effortWord(m, region)}, counts ${figure(creditAt(m, region))}`)
    .join('; ');
  return (
    <svg
      width={widthPx}
      height={H + FOOT}
      role="img"
      aria-label={`Effort of the ${name} by bench angle: ${told}. Counts most at ${best?.benchDeg}°.`}
      style={{ display: 'block' }}
    >
      <line x1={0} x2={widthPx} y1={H} y2={H} stroke={ink.rule} />
      <path
        d={
          lineOf<AtNotch>(
            (p) => x(p.benchDeg!),
            (p) => y(p.effort.get(region)!),
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
            cy={y(m.effort.get(region) ?? 0)}
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
          <text
            x={x(m.benchDeg!)}
            y={H + 26}
            textAnchor="middle"
            fontSize={11.5}
            fill={voiceText[regions[region].voice]}
          >
            {figure(creditAt(m, region))}
          </text>
        </g>
      ))}
      {best && (
        <text
          x={Math.min(widthPx - 54, Math.max(54, x(best.benchDeg!)))}
          y={H + 41}
          textAnchor="middle"
          fontSize={11.5}
          fontWeight={650}
          fill={voiceText[regions[region].voice]}
        >
          counts most
        </text>
      )}
    </svg>
  );
}
