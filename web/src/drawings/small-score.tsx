import { voiceIds } from '@drimbo/core/anatomy';
import type { ScoreBar } from '@drimbo/core/block';
import type { ReactNode } from 'react';
import { ink, voiceInk } from '../look/theme';

/** A session small: a bar for each set, as high as it is near failure; a lane for each voice, or one for all. */
export function SmallScore({
  bars,
  totalS,
  heightPx,
  isPale = false,
  isOneLane = false,
}: {
  bars: readonly ScoreBar[];
  totalS: number;
  heightPx: number;
  /** Of something that is not to be counted. */
  isPale?: boolean;
  /** Where there is no room for more. */
  isOneLane?: boolean;
}): ReactNode {
  const lane = 10;
  const lanes = isOneLane ? 1 : voiceIds.length;
  const height = lane * lanes;
  return (
    <svg
      viewBox={`0 0 100 ${height}`}
      preserveAspectRatio="none"
      width="100%"
      height={heightPx}
      aria-hidden
      opacity={isPale ? 0.35 : 1}
      style={{ display: 'block' }}
    >
      {Array.from({ length: lanes }, (_, i) => (
        <line
          key={i}
          x1={0}
          x2={100}
          y1={(i + 1) * lane}
          y2={(i + 1) * lane}
          stroke={ink.hush}
          strokeWidth={0.6}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {bars.map((bar, i) => {
        const at = isOneLane ? 0 : voiceIds.indexOf(bar.voice);
        const high = bar.effort * (lane - 1);
        const x = (bar.startS / Math.max(1, totalS)) * 100;
        return (
          <rect
            key={i}
            x={x}
            width={Math.max(isOneLane ? 1.6 : 1.2, ((bar.endS - bar.startS) / Math.max(1, totalS)) * 100)}
            y={(at + 1) * lane - high}
            height={high}
            fill={voiceInk[bar.voice]}
          />
        );
      })}
    </svg>
  );
}
