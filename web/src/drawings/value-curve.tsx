import { doseValue, nextSetWorth } from '@drimbo/core/dose';
import type { ReactNode } from 'react';
import { figureInk, ink } from '../look/theme';

const WIDTH = 300;
const HEIGHT = 110;
const LEFT = 30;
const BOTTOM = 20;
const MOST_SETS = 20;

const x = (sets: number): number => LEFT + (sets / MOST_SETS) * (WIDTH - LEFT - 6);
const y = (value: number): number => 6 + (1 - value) * (HEIGHT - 6 - BOTTOM);

export interface ValueMark {
  sets: number;
  name: string;
  color: string;
}

/** What a session gives a region by its hard sets, the same curve for every region, with what is done marked on it. */
export function ValueCurve({ scale, marks }: { scale: number; marks: readonly ValueMark[] }): ReactNode {
  const points = Array.from({ length: MOST_SETS * 2 + 1 }, (_, i) => i / 2);
  const path = points.map((s) => `${x(s).toFixed(1)},${y(doseValue(s, scale)).toFixed(1)}`).join(' ');
  const told = [1, 4, 8, 12].map((n) => `set ${n} adds ${Math.round(nextSetWorth(n - 1, scale) * 100)} %`);
  return (
    <figure style={{ margin: 0 }}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-label={`Value of hard sets in one session: ${told.join(', ')}.`}
      >
        {[0, 0.5, 1].map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={WIDTH - 6} y1={y(v)} y2={y(v)} stroke={figureInk.hush} />
            <text x={LEFT - 4} y={y(v) + 3} fontSize="9" textAnchor="end" fill={ink.soft}>
              {v * 100} %
            </text>
          </g>
        ))}
        {[0, 5, 10, 15, 20].map((s) => (
          <text key={s} x={x(s)} y={HEIGHT - 7} fontSize="9" textAnchor="middle" fill={ink.soft}>
            {s}
          </text>
        ))}
        <polyline points={path} fill="none" stroke={ink.ink} strokeWidth="1.4" />
        {marks.map((m) => (
          <circle
            key={m.name}
            cx={x(Math.min(MOST_SETS, m.sets))}
            cy={y(doseValue(m.sets, scale))}
            r="3.6"
            fill={m.color}
            stroke={ink.sheet}
          />
        ))}
      </svg>
      <figcaption style={{ fontSize: 11.5, color: ink.soft }}>
        Hard sets in one session, and the share of what it can give: {told.join(', ')}. Our own estimate.
      </figcaption>
    </figure>
  );
}
