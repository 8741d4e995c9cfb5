import type { DocumentKind } from '@drimbo/core/formats/steps';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { api } from '../data/api';
import { saveFile } from '../data/save-file';
import { Act } from '../look/parts';

interface Row {
  kind: DocumentKind;
  id: string;
  why: string;
  text: string;
}

const List = styled.ul`
  list-style: none;
  padding: 0;
  margin: 0 0 12px;
  li {
    display: flex;
    align-items: baseline;
    gap: 12px;
    padding: 6px 0;
  }
`;

/** What the house keeps of this kind and cannot read any more, each with its text to save. */
export function Unreadable({ kind }: { kind: DocumentKind }): ReactNode {
  const { data } = useQuery({ queryKey: ['unreadable'], queryFn: () => api.get<Row[]>('/unreadable') });
  const rows = (data ?? []).filter((row) => row.kind === kind);
  if (rows.length === 0) return null;
  return (
    <List aria-label="What cannot be read">
      {rows.map((row) => (
        <li key={row.id}>
          <span>
            The {kind} “{row.id}” cannot be read: {row.why}. Nothing else is touched by it.
          </span>
          <Act small onPress={() => saveFile(`${row.id}.${kind}.txt`, row.text)}>
            Save its text
          </Act>
        </li>
      ))}
    </List>
  );
}
