import { css } from 'styled-components';
import { ink } from '../look/theme';

/** Something that floats over the page. */
export const floating = css`
  background: ${ink.raised};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  box-shadow: 0 6px 18px ${ink.shade};
`;

export const field = css`
  width: 100%;
  border: 1px solid ${ink.rule};
  border-radius: 3px;
  background: ${ink.raised};
  padding: 4px 7px;
  min-height: 30px;
`;
