import type { Rep } from '@drimbo/core/sticking';
import type { ReactNode } from 'react';
import {
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { ink } from '../look/theme';

/** A point of the way up: share of the stroke, speed in m/s, and how hard the model says the lift is there, 0 to 1. */
export interface WayPoint {
  share: number;
  speed: number | null;
  hard: number | null;
}

/** Speed along the stroke, the sticking region marked, and over it where the model says the lift is hard. */
export function TraceChart({
  points,
  rep,
  label,
}: {
  points: readonly WayPoint[];
  rep: Rep;
  label: string;
}): ReactNode {
  const tick = { fill: ink.soft, fontSize: 11.5 };
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={230}>
        <ComposedChart
          data={[...points]}
          margin={{ top: 8, right: 8, bottom: 2, left: -8 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke={ink.hush} vertical={false} />
          <XAxis
            dataKey="share"
            type="number"
            domain={[0, 1]}
            tickFormatter={(s: number) => `${Math.round(s * 100)} %`}
            tick={tick}
            stroke={ink.rule}
          />
          <YAxis
            yAxisId="speed"
            tick={tick}
            stroke={ink.rule}
            width={46}
            tickFormatter={(v: number) => v.toFixed(2)}
          />
          <YAxis yAxisId="hard" orientation="right" domain={[0, 1]} hide />
          {rep.sticking && (
            <ReferenceArea
              yAxisId="speed"
              x1={rep.sticking.from}
              x2={Math.min(1, 2 * rep.sticking.at - rep.sticking.from)}
              fill={ink.chosen}
            />
          )}
          <Line
            yAxisId="speed"
            dataKey="speed"
            stroke={ink.ink}
            strokeWidth={1.8}
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
          <Line
            yAxisId="hard"
            dataKey="hard"
            stroke={ink.soft}
            strokeWidth={1.4}
            strokeDasharray="5 4"
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
