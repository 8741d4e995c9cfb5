import type { Unreadable as Row } from '@drimbo/core/formats/lists';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { api } from '../../data/api';
import { saveFile } from '../../data/save-file';
import { Act } from '../../parts/act';

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
function Torn({ row }: { row: Row }): ReactNode {
  return (
    <Told>
      <span>
        The {row.kind} “{row.id}” cannot be read: {row.why}. Nothing else is touched by it.
      </span>
      <Act small onPress={() => saveFile(`${row.id}.${row.kind}.txt`, row.text)}>
        Save its text
      </Act>
    </Told>
  );
}

/** The same as a row of a list, in its place. */
export const TornRow = ({ row, columns }: { row: Row; columns: number }): ReactNode => (
  <tr>
    <td colSpan={columns}>
      <Torn row={row} />
    </td>
  </tr>
);

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
  const { data } = useQuery({ queryKey: ['unreadable'], queryFn: () => api.get<Row[]>('/unreadable') });
  return <TornList rows={(data ?? []).filter((row) => row.kind === 'kit')} />;
}
