import { styled } from 'styled-components';
import { ink, narrow, size } from '../../look/theme';

/**
 * A finding in a list: its mark, what and why, and at its foot what can be done; pale where it is set aside, a single line
 * where it is closed, struck through where it was mended just now.
 */
export const FindingItem = styled.li<{ $off: boolean; $closed?: boolean; $mended?: boolean }>`
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  padding: ${(p) => (p.$closed ? '1px 12px 1px 10px' : '7px 12px 8px 10px')};
  border-bottom: 1px solid ${ink.hush};
  opacity: ${(p) => (p.$off ? 0.72 : 1)};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
    line-height: 1.3;
    text-decoration: ${(p) => (p.$mended ? 'line-through' : 'none')};
  }
  .head {
    width: 100%;
    min-height: 24px;
    overflow: hidden;
    white-space: ${(p) => (p.$closed ? 'nowrap' : 'normal')};
    ${(p) => (p.$closed ? narrow : '')}
    text-overflow: ellipsis;
  }
  p {
    font-size: 12.5px;
    color: ${ink.soft};
    line-height: 1.32;
    margin-top: 1px;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-top: 5px;
    align-items: center;
  }
  .ground {
    font-size: ${size.fine};
    color: ${ink.soft};
    margin-left: auto;
  }
`;
