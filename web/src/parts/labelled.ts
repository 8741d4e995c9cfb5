import { css } from 'styled-components';
import { ink, size } from '../look/theme';

/** Where the name of a control stands: over it, before it, or told to a reader only. */
export type LabelPlace = 'above' | 'before' | 'unseen';

/** A control with its name; styles the element around both. */
export const labelled = css<{ $place: LabelPlace }>`
  display: ${(p) => (p.$place === 'before' ? 'inline-flex' : 'grid')};
  ${(p) => p.$place === 'before' && 'align-items: center;'}
  gap: ${(p) => (p.$place === 'before' ? '5px' : '3px')};
  min-width: 0;
  > .react-aria-Label {
    font-size: ${(p) => (p.$place === 'before' ? 'inherit' : size.fine)};
    color: ${ink.soft};
    white-space: ${(p) => (p.$place === 'before' ? 'nowrap' : 'normal')};
  }
  .react-aria-FieldError,
  [slot='description'] {
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  .react-aria-FieldError {
    color: ${ink.ink};
    font-weight: 600;
  }
`;

/** A box or a switch with its words behind it. */
export const ticked = css`
  position: relative;
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 24px;
  cursor: pointer;
  &[data-focus-visible] {
    outline: none;
  }
`;

/** The field under a drawn box or switch lies over the whole of it: it is what a press lands on. */
export const pressedThrough = css`
  > span:has(> input) {
    z-index: 1;
    inset: 0 !important;
    width: 100% !important;
    height: 100% !important;
    margin: 0 !important;
    clip: auto !important;
    clip-path: none !important;
    opacity: 0;
  }
  > span:has(> input) > input {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    margin: 0;
    cursor: pointer;
  }
`;
