import type { Finding } from '@drimbo/core/review';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { ink, severityInk, severityMark } from '../../look/theme';
import { TextButton } from '../../parts/text-button';

/** Stands over the corner of its cell; the one whose finding is open is turned inside out. */
const Pressed = styled(TextButton)<{ $loud: keyof typeof severityInk; $open: boolean; $low: boolean }>`
  position: absolute;
  right: 0;
  top: ${(p) => (p.$low ? '24px' : '0')};
  width: 24px;
  height: 24px;
  z-index: 1;
  text-align: center;
  font-size: 11px;
  line-height: 24px;
  color: ${(p) => (p.$open ? ink.sheet : severityInk[p.$loud])};
  && {
    text-decoration: none;
  }
  span {
    padding: 1px 3px;
    border-radius: 3px;
    background: ${(p) => (p.$open ? severityInk[p.$loud] : 'transparent')};
  }
  &[data-hovered] span {
    outline: 1px solid ${ink.soft};
  }
`;

/** The sign of a finding at the figure it is about; pressed it opens the finding in the review. */
export function Sign({
  of,
  designer,
  onPress,
  low = false,
}: {
  of: Finding | undefined;
  designer: Designer;
  onPress: (finding: string) => void;
  /** In the second line of its cell, where the first has no room. */
  low?: boolean;
}): ReactNode {
  if (!of) return null;
  return (
    <Pressed
      $loud={of.severity}
      $open={designer.asked === of.key}
      $low={low}
      aria-label={`Review: ${of.what}`}
      data-sign={of.rule}
      // By keyboard the review itself leads there; Tab goes from figure to figure.
      excludeFromTabOrder
      onPress={() => onPress(of.key)}
    >
      <span aria-hidden>{severityMark[of.severity]}</span>
    </Pressed>
  );
}
