import { regions } from '@drimbo/core/anatomy';
import { type Eye, type Pull, seenBy } from '@drimbo/core/mechanics';
import type { ReactNode } from 'react';
import { voiceInk } from '../../look/theme';
import type { Pen } from '../pen';
import { belly } from './shapes';

/** Half the width of a strand that does nothing, and what the hardest-working one has more, metres. */
const THIN_M = 0.003;
const THICK_M = 0.013;
/** A muscle this short is drawn palest, and this long darkest. */
const SHORT = 0.75;
const LONG = 1.25;

const clamp = (x: number): number => Math.max(0, Math.min(1, x));

/** The muscles' lines of pull over a figure: thicker the more each does, paler where it is short. */
export function Strands({
  pen,
  eye,
  pulls,
  isMirrored = false,
}: {
  pen: Pen;
  eye: Eye;
  pulls: readonly Pull[];
  /** The left half of a figure from the front. */
  isMirrored?: boolean;
}): ReactNode {
  const at = (v: Pull['course'][number]) => {
    const q = seenBy(eye, v);
    return isMirrored ? { x: -q.x, y: q.y } : q;
  };
  // What works hardest lies on top.
  return [...pulls]
    .sort((a, b) => a.level - b.level)
    .map(({ region, course, level, length }, i) => (
      <path
        key={i}
        d={belly(
          pen,
          at(course[0]),
          at(course[1]),
          at(course[2]),
          Math.max(0.6, (THIN_M + THICK_M * level) * pen.k),
        )}
        fill={voiceInk[regions[region].voice]}
        opacity={0.2 + 0.5 * level + 0.3 * level * clamp((length - SHORT) / (LONG - SHORT))}
      />
    ));
}
