import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

export const Body = styled.div`
  padding: 0 12px 12px;
  display: grid;
  gap: 8px;
  font-size: ${size.small};
  p {
    color: ${ink.soft};
    font-size: 12.5px;
  }
  .tick {
    display: flex;
    gap: 7px;
    align-items: baseline;
  }
`;
export const Rows = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    text-align: left;
    font-weight: 420;
    color: ${ink.soft};
    font-size: ${size.fine};
    padding: 0 4px;
  }
  td {
    border-top: 1px solid ${ink.hush};
    padding: 2px 2px;
  }
  select {
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    font-size: ${size.fine};
    min-height: 24px;
  }
`;

export const readText = (t: string): string | null => (t.trim() === '' || t.length > 60 ? null : t.trim());
export const readCount =
  (min: number, max: number) =>
  (t: string): number | null => {
    const n = Number(t);
    return t.trim() !== '' && Number.isInteger(n) && n >= min && n <= max ? n : null;
  };
export const readFigure =
  (min: number, max: number) =>
  (t: string): number | null => {
    const n = Number(t.replace(',', '.'));
    return t.trim() !== '' && Number.isFinite(n) && n >= min && n <= max ? n : null;
  };

export const replaced = <T>(list: readonly T[], i: number, item: T): T[] =>
  list.map((x, n) => (n === i ? item : x));
export const without = <T>(list: readonly T[], i: number): T[] => list.filter((_, n) => n !== i);
