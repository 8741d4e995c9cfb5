import { css, styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { namedRow } from './surfaces';

/** The frame of a table and how what stands in it looks. */
export const TableFrame = styled.div<{ $columns: string; $besidePx: number }>`
  max-height: max(320px, calc(100vh - ${(p) => p.$besidePx}px));
  overflow-y: auto;
  font-size: ${size.text};
  [role='row'] {
    display: grid;
    grid-template-columns: ${(p) => p.$columns};
    gap: 14px;
    padding: 8px 14px;
    border-bottom: 1px solid ${ink.hush};
  }
  [role='cell'],
  [role='columnheader'] {
    min-width: 0;
  }
  .heads {
    position: sticky;
    top: 0;
    z-index: 1;
    background: ${ink.sheet};
  }
  .heads [role='row'] {
    border-bottom: 1px solid ${ink.rule};
    font-size: ${size.fine};
    color: ${ink.soft};
    padding: 8px 14px 6px;
  }
  .heads button {
    display: inline-flex;
    align-items: center;
    gap: 3px;
    min-height: 24px;
    margin: -4px 0;
    padding: 0;
    border: none;
    background: none;
    color: inherit;
    cursor: pointer;
  }
  .heads [aria-sort] button {
    color: ${ink.ink};
    font-weight: 650;
  }
  ${namedRow}
  /* On a phone each row is read from above down. */
  @media (max-width: 640px) {
    [role='row'] {
      grid-template-columns: minmax(0, 1fr);
      gap: 2px;
    }
    .heads,
    [data-large='true'] {
      display: none;
    }
    [data-before]::before {
      content: attr(data-before) ' ';
    }
    [data-after]::after {
      content: ' ' attr(data-after);
    }
  }
`;

/** A table to be read only, with hair lines between its rows; styles the element around it. */
export const plainTable = css`
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    text-align: left;
    font-weight: 420;
    padding: 3px 8px 3px 0;
    border-top: 1px solid ${ink.hush};
    vertical-align: top;
  }
  thead th {
    color: ${ink.soft};
    font-size: ${size.fine};
    border-top: none;
  }
`;
