import { css } from 'styled-components';
import { ink, size } from '../look/theme';

/** Something that floats over the page. */
export const floating = css`
  background: ${ink.raised};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  box-shadow: 0 6px 18px ${ink.shade};
`;

/** A row with a name to follow and what is said below it. */
export const namedRow = css`
  a.name {
    font-weight: 680;
    text-decoration: none;
  }
  a.name:hover {
    text-decoration: underline;
  }
  small {
    display: block;
    color: ${ink.soft};
    font-size: ${size.small};
  }
`;

export const field = css`
  width: 100%;
  border: 1px solid ${ink.rule};
  border-radius: 3px;
  background: ${ink.raised};
  padding: 4px 7px;
  min-height: 30px;
`;
