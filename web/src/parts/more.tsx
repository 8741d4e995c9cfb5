import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Act } from './act';
import { ink, size } from '../look/theme';

const Foot = styled.div`
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 14px;
  color: ${ink.soft};
  font-size: ${size.small};
`;

/**
 * The end of a list that comes in parts: how much of it is shown, and the next part.
 *
 * @example <More shown={50} total={2000} isComing={false} onMore={next} />
 */
export function More({
  shown,
  total,
  isComing,
  onMore,
}: {
  shown: number;
  total: number;
  isComing: boolean;
  onMore: () => void;
}): ReactNode {
  if (shown >= total) return null;
  return (
    <Foot>
      <span role="status">
        {shown} of {total} shown
      </span>
      <Act small isDisabled={isComing} onPress={onMore}>
        {isComing ? 'Coming…' : 'Show more'}
      </Act>
    </Foot>
  );
}
