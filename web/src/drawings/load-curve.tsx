import { type LoadPoint, tightestOf } from '@drimbo/core/loads';
import { fromKg, type MassUnit, roughMass } from '@drimbo/core/units';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line as lineOf } from 'd3-shape';
import { useId, type ReactNode } from 'react';
import { ink } from '../look/theme';
import { CurveFrame, LineKey } from './curve-frame';

const H = 104;
const FOOT = 18;
const LEFT = 34;

/** What a bar weighs over the range, with what hangs from it, against what could just be held there. */
export function LoadCurve({
  curve,
  barKg,
  added,
  unit,
  widthPx,
}: {
  curve: readonly LoadPoint[];
  barKg: number;
  added: string;
  unit: MassUnit;
  widthPx: number;
}): ReactNode {
  const clip = useId();
  const tight = tightestOf(curve);
  const top = curve[curve.length - 1]!;
  const heaviest = Math.max(...curve.map((p) => p.loadKg), tight.canKg);
  const x = scaleLinear([0, 1], [LEFT, widthPx - 4]);
  // The scale is in the unit shown, so that its marks are round.
  const scale = scaleLinear([fromKg(barKg * 0.85, unit), fromKg(heaviest * 1.3, unit)], [H - 1, 6]).nice(4);
  const y = (kg: number): number => scale(fromKg(kg, unit));
  const path = (of: (p: LoadPoint) => number): string =>
    lineOf<LoadPoint>(
      (p) => x(p.at),
      (p) => y(of(p)),
    ).curve(curveMonotoneX)([...curve]) ?? '';
  const share = (p: LoadPoint): string => `${Math.round((100 * p.loadKg) / p.canKg)} %`;
  const told = (kg: number): string => roughMass(kg, unit);
  const where = `${Math.round(tight.at * 100)} % of the way up`;
  const says = `With ${added} the bar goes from ${told(curve[0]!.loadKg)} to ${told(top.loadKg)}. Nearest to the limit ${where}: ${share(tight)} of the ${told(tight.canKg)} that could be held there; ${share(top)} at the top.`;
  return (
    <CurveFrame>
      <svg width={widthPx} height={H + FOOT} role="img" aria-label={says}>
        <clipPath id={clip}>
          <rect x={LEFT} y={2} width={widthPx - LEFT} height={H} />
        </clipPath>
        {scale.ticks(3).map((mark) => (
          <g key={mark}>
            <line x1={LEFT} x2={widthPx} y1={scale(mark)} y2={scale(mark)} stroke={ink.hush} />
            <text x={LEFT - 5} y={scale(mark) + 4} textAnchor="end">
              {mark}
            </text>
          </g>
        ))}
        <g clipPath={`url(#${clip})`} fill="none">
          <path d={path(() => barKg)} stroke={ink.soft} strokeWidth={1} />
          <path d={path((p) => p.loadKg)} stroke={ink.ink} strokeWidth={2} />
          <path d={path((p) => p.canKg)} stroke={ink.ink} strokeWidth={1.6} strokeDasharray="5 4" />
        </g>
        <line x1={x(tight.at)} x2={x(tight.at)} y1={y(tight.loadKg)} y2={y(tight.canKg)} stroke={ink.ink} />
        <circle cx={x(tight.at)} cy={y(tight.loadKg)} r={3} fill={ink.ink} />
        <text x={LEFT} y={H + 14}>
          bottom
        </text>
        <text x={widthPx - 4} y={H + 14} textAnchor="end">
          top
        </text>
      </svg>
      <figcaption>
        <span>
          <LineKey $line="dashed" />
          could just hold
        </span>
        <span>
          <LineKey $line="solid" />
          bar and {added}
        </span>
        <span>
          <LineKey $line="thin" />
          bar alone
        </span>
      </figcaption>
      <p>
        Nearest to the limit {where}: {share(tight)} of what could just be held there, {share(top)} at the
        top. A model&apos;s estimate.
      </p>
    </CurveFrame>
  );
}
