import type { MeasuredLine } from '@drimbo/core/measure';
import { type Finding, type LineSigns, loudness } from '@drimbo/core/review';
import type { ReactNode } from 'react';
import { ink, severityInk, severityMark } from '../look/theme';

type Signs = ReadonlyMap<string, LineSigns>;

const ofLine = (id: string, signs: Signs): Finding[] => Object.values(signs.get(id) ?? {});

/** The loudest finding of some lines; undefined where there is none. */
export const loudestOf = (lines: readonly string[], signs: Signs): Finding | undefined =>
  lines.flatMap((id) => ofLine(id, signs)).sort((a, b) => loudness[a.severity] - loudness[b.severity])[0];

/** The finding that is about this very set of a line. */
export const aboutSet = (m: MeasuredLine, index: number, signs: Signs): Finding | undefined =>
  ofLine(m.id, signs).find((f) => f.sets.includes(m.sets[index]?.target.set ?? -1));

/** The sign of a finding in the score; pressed it opens the finding in the review. */
export function ScoreSign({
  of,
  x,
  y,
  isInverse = false,
  onPress,
}: {
  of: Finding;
  /** Its middle and its base line, pixels. */
  x: number;
  y: number;
  isInverse?: boolean;
  onPress: ((finding: string) => void) | undefined;
}): ReactNode {
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      style={{ fill: isInverse ? ink.sheet : severityInk[of.severity], fontSize: 10, cursor: 'pointer' }}
      data-sign={of.rule}
      onPointerDown={(e) => e.stopPropagation()}
      onClick={() => onPress?.(of.key)}
    >
      {severityMark[of.severity]}
      <title>{of.what}</title>
    </text>
  );
}
