import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { namedRow } from './surfaces';

/** A page that is one list under a title. */
export const ListPage = styled.div`
  max-width: 1120px;
  margin: 0 auto;
  padding: 18px 16px 40px;
  > header {
    display: flex;
    align-items: baseline;
    gap: 14px;
    margin-bottom: 14px;
    @media (max-width: 640px) {
      flex-wrap: wrap;
    }
    > :nth-child(2) {
      flex: 1;
      color: ${ink.soft};
    }
    @media (max-width: 640px) {
      > :nth-child(2) {
        flex-basis: 190px;
      }
    }
  }
`;

/** Rows with a name to follow. */
export const ListTable = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    text-align: left;
    font-weight: 420;
    font-size: ${size.fine};
    color: ${ink.soft};
    padding: 8px 14px 6px;
    border-bottom: 1px solid ${ink.rule};
  }
  td {
    padding: 9px 14px;
    border-bottom: 1px solid ${ink.hush};
    vertical-align: top;
  }
  tr:last-child td {
    border-bottom: none;
  }
  ${namedRow}
  .nowrap {
    white-space: nowrap;
  }
  /* On a phone each row is read from above down. */
  @media (max-width: 640px) {
    thead {
      position: absolute;
      clip-path: inset(50%);
      width: 1px;
      height: 1px;
      overflow: hidden;
    }
    tr {
      display: block;
      padding: 8px 0;
      border-bottom: 1px solid ${ink.hush};
    }
    td {
      display: block;
      width: auto !important;
      padding: 1px 14px;
      border-bottom: none;
    }
    td[data-before]::before {
      content: attr(data-before) ' ';
    }
    td[data-after]::after {
      content: ' ' attr(data-after);
    }
  }
`;

/** A page of sheets side by side under a title; `$columns` as CSS writes them. */
export const SheetsPage = styled.div<{ $columns: string }>`
  max-width: 1248px;
  margin: 0 auto;
  padding: 14px 16px 32px;
  > header {
    display: flex;
    align-items: baseline;
    gap: 14px;
    margin-bottom: 12px;
    p {
      flex: 1;
      color: ${ink.soft};
    }
  }
  > .sheets {
    display: grid;
    grid-template-columns: ${(p) => p.$columns};
    gap: 10px;
    align-items: start;
  }
  .column {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
  }
  @media (max-width: 1000px) {
    > header {
      flex-wrap: wrap;
    }
    > .sheets {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;
