import { ListBox, Popover } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { floating } from './surfaces';

/** What floats under a select or a combo box. */
export const ListPop = styled(Popover)`
  ${floating}
  color: ${ink.ink};
  min-width: var(--trigger-width);
  max-width: min(420px, calc(100vw - 16px));
  overflow: auto;
  padding: 3px;
  font-size: ${size.small};
`;

/** The list in it. */
export const List = styled(ListBox)`
  outline: none;
  .react-aria-ListBoxItem {
    display: flex;
    justify-content: space-between;
    gap: 14px;
    padding: 4px 9px;
    border-radius: 3px;
    cursor: pointer;
    &[data-focused],
    &[data-hovered] {
      background: ${ink.chosen};
    }
    &[data-selected] {
      font-weight: 650;
    }
    &[data-disabled] {
      opacity: 0.5;
      cursor: default;
    }
  }
  .react-aria-Header {
    padding: 6px 9px 2px;
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  @media (pointer: coarse) {
    .react-aria-ListBoxItem {
      padding-block: 10px;
    }
  }
`;
