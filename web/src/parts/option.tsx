import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

/** A row to choose from a list: a name, and behind it what tells it from others. */
export const Option = styled.div<{ $on: boolean }>`
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 10px;
  cursor: pointer;
  background: ${(p) => (p.$on ? ink.chosen : 'transparent')};
  white-space: nowrap;
  span:last-child {
    overflow: hidden;
    text-overflow: ellipsis;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;
