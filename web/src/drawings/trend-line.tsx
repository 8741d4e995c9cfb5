import type { TrendPoint } from '@drimbo/core/measure';
import { dayWords, type MassUnit, roughMass } from '@drimbo/core/units';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { ReactNode } from 'react';
import { ink } from '../look/theme';

const WIDTH = 64;
const HEIGHT = 20;

/** How a max went over the last weeks, as a small line; nothing where there is no way to tell. */
export function TrendLine({ points, unit }: { points: readonly TrendPoint[]; unit: MassUnit }): ReactNode {
  if (points.length < 2) return null;
  const kgs = points.map((p) => p.kg);
  const middle = (Math.min(...kgs) + Math.max(...kgs)) / 2;
  // A twentieth of the max is the least the height stands for, so that nothing is made of noise.
  const half = Math.max((Math.max(...kgs) - Math.min(...kgs)) / 2, middle * 0.05);
  const x = scaleLinear([0, points.length - 1], [3, WIDTH - 3]);
  const y = scaleLinear([middle - half, middle + half], [HEIGHT - 3, 3]);
  const path = line<TrendPoint>(
    (_, i) => x(i),
    (p) => y(p.kg),
  )([...points]);
  const first = points[0]!;
  const last = points[points.length - 1]!;
  const told = (kg: number): string => roughMass(kg, unit);
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={`From ${told(first.kg)} on ${dayWords(first.date)} to ${told(last.kg)} today`}
    >
      <path d={path ?? ''} fill="none" stroke={ink.soft} strokeWidth={1.5} />
      <circle cx={x(points.length - 1)} cy={y(last.kg)} r={2.4} fill={ink.ink} />
    </svg>
  );
}
