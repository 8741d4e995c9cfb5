import type { LiftPoint } from '@drimbo/core/log';
import { fromKg, type MassUnit } from '@drimbo/core/units';
import { format, parseISO } from 'date-fns';
import type { ReactNode } from 'react';
import {
  Area,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';
import { ink } from '../look/theme';

const HEIGHT = 150;

/** A max over time: the band where four in five would lie, the level through it, a dot for what each day said. */
export function LiftChart({
  points,
  phases = [],
  unit,
  label,
}: {
  points: readonly LiftPoint[];
  /** Where phases of a block begin, and what they are for. */
  phases?: readonly { from: string; name: string }[];
  unit: MassUnit;
  label: string;
}): ReactNode {
  const shown = points.map((p) => ({
    day: parseISO(p.date).getTime(),
    band: [fromKg(p.low, unit), fromKg(p.high, unit)],
    level: fromKg(p.kg, unit),
    said: fromKg(p.readKg, unit),
  }));
  const all = shown.flatMap((p) => [...p.band, p.said]);
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const pad = Math.max((high - low) * 0.08, high * 0.01);
  const decimals = high - low < 6 ? 1 : 0;
  const [begins, ends] = [shown[0]!.day, shown[shown.length - 1]!.day];
  /** A name near the end stands before its line. */
  const sideOf = (from: string): 'insideTopLeft' | 'insideTopRight' =>
    parseISO(from).getTime() > begins + 0.75 * (ends - begins) ? 'insideTopRight' : 'insideTopLeft';
  const tick = { fill: ink.soft, fontSize: 11.5 };
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart
          data={shown}
          margin={{ top: 6, right: 8, bottom: 0, left: -12 }}
          accessibilityLayer={false}
        >
          <XAxis
            dataKey="day"
            type="number"
            scale="time"
            domain={['dataMin', 'dataMax']}
            tickFormatter={(t: number) => format(t, 'd MMM')}
            tick={tick}
            stroke={ink.rule}
            minTickGap={40}
          />
          <YAxis
            domain={[low - pad, high + pad]}
            tick={tick}
            stroke={ink.rule}
            width={52}
            tickFormatter={(v: number) => v.toFixed(decimals)}
          />
          {phases.map(({ from, name }) => (
            <ReferenceLine
              key={from}
              x={parseISO(from).getTime()}
              stroke={ink.rule}
              strokeDasharray="2 3"
              label={{ value: name, position: sideOf(from), fill: ink.soft, fontSize: 11 }}
            />
          ))}
          <Area dataKey="band" stroke="none" fill={ink.chosen} isAnimationActive={false} />
          <Line dataKey="level" stroke={ink.ink} strokeWidth={1.8} dot={false} isAnimationActive={false} />
          <Scatter dataKey="said" fill={ink.soft} isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
