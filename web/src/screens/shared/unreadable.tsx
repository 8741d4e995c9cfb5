import type { Unreadable as Row } from '@drimbo/core/formats';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ways } from '@drimbo/core/contract';
import { ask } from '../../data/api';
import { saveFile } from '../../data/save-file';
import { Button } from '../../parts/button';

const List = styled.ul`
  list-style: none;
  padding: 0;
  margin: 0 0 12px;
  li {
    padding: 6px 0;
  }
`;
const Told = styled.span`
  display: flex;
  align-items: baseline;
  gap: 12px;
`;

/** One document that cannot be read any more, with its text to save. */
export function Torn({ row }: { row: Row }): ReactNode {
  return (
    <Told>
      <span>
        {row.kind === 'set' ? 'A logged set' : `The ${row.kind} “${row.id}”`} cannot be read: {row.why}.
        Nothing else is touched by it.
      </span>
      <Button small onPress={() => saveFile(`${row.id}.${row.kind}.txt`, row.text)}>
        Save its text
      </Button>
    </Told>
  );
}

/** A cell of a row that can be read; the first column of a list tells of one that cannot. */
export const ofSound =
  <T extends object>(cell: (row: T) => ReactNode) =>
  (row: T | Row): ReactNode =>
    'why' in row ? null : cell(row);

export const TornList = ({ rows }: { rows: readonly Row[] }): ReactNode =>
  rows.length === 0 ? null : (
    <List aria-label="What cannot be read">
      {rows.map((row) => (
        <li key={`${row.kind}${row.id}`}>
          <Torn row={row} />
        </li>
      ))}
    </List>
  );

/** The gyms that cannot be read any more. */
export function UnreadableKits(): ReactNode {
  const { data } = useQuery({ queryKey: ['unreadable'], queryFn: () => ask(ways.unreadable()) });
  return <TornList rows={(data ?? []).filter((row) => row.kind === 'kit')} />;
}
