import type { DayChange } from '@drimbo/core/block';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../../look/theme';
import { dayWords } from './words';

const List = styled.ul`
  list-style: none;
  padding: 0;
  margin: 0;
  max-height: 200px;
  overflow: auto;
  li {
    border-top: 1px solid ${ink.hush};
    padding: 3px 0;
  }
`;

/** The days that would come elsewhere, go, or come otherwise. */
export const Changes = ({ changes }: { changes: readonly DayChange[] }): ReactNode => (
  <List aria-label="What changes" tabIndex={0}>
    {changes.map((c) => (
      <li key={c.day}>
        <b>{c.name}</b> {dayWords(c.from)} {c.says}
        {c.to !== null && c.to !== c.from && ` to ${dayWords(c.to)}`}
      </li>
    ))}
    {changes.length === 0 && <li style={{ color: ink.soft }}>No day changes.</li>}
  </List>
);
