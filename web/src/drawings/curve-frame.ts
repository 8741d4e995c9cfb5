import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

/** A figure of curves with the key to its lines below. */
export const CurveFrame = styled.figure`
  svg {
    display: block;
    overflow: visible;
  }
  text {
    font-size: 11.5px;
    fill: ${ink.soft};
  }
  figcaption {
    font-size: ${size.fine};
    color: ${ink.soft};
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    margin-top: 2px;
  }
`;

/** A piece of a line, for the key. */
export const LineKey = styled.i<{ $line: 'solid' | 'dashed' | 'thin' }>`
  display: inline-block;
  width: 18px;
  border-top: ${(p) => (p.$line === 'thin' ? `1px solid ${ink.soft}` : `2px ${p.$line} ${ink.ink}`)};
  vertical-align: middle;
  margin-right: 5px;
`;
