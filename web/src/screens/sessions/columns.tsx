import { dayWords } from '@drimbo/core/units';
import { groupNames, regions } from '@drimbo/core/anatomy';
import type { SessionListed, Unreadable } from '@drimbo/core/formats';
import { Link } from 'react-router';
import { ink } from '../../look/theme';
import type { Column } from '../../parts/table';
import { ofSound, Torn } from '../shared/unreadable';
import { SessionTools } from './session-tools';

const emphases: Record<string, string> = {
  ...groupNames,
  ...Object.fromEntries(Object.entries(regions).map(([id, r]) => [id, r.name])),
};

export const sessionColumns: Column<SessionListed | Unreadable>[] = [
  {
    id: 'title',
    name: 'Session',
    width: '1.6fr',
    sortBy: true,
    cell: (row) =>
      'why' in row ? (
        <Torn row={row} />
      ) : (
        <Link className="name" to={`/sessions/${row.id}`}>
          {row.title}
        </Link>
      ),
  },
  { id: 'client', name: 'Client', width: '1fr', cell: ofSound<SessionListed>((row) => row.client.name) },
  {
    id: 'for',
    name: 'For',
    width: '0.7fr',
    cell: ofSound<SessionListed>((row) => (
      <span data-before="for">{emphases[row.emphasis]!.toLowerCase()}</span>
    )),
  },
  {
    id: 'movements',
    name: 'Movements',
    width: '0.6fr',
    cell: ofSound<SessionListed>((row) => <span data-after="movements">{row.movements}</span>),
  },
  {
    id: 'state',
    name: 'State',
    width: '0.9fr',
    sortBy: true,
    cell: ofSound<SessionListed>((row) => (
      <span style={{ color: row.status === 'finished' ? ink.soft : ink.ink }}>
        {row.status === 'finished' ? (row.date ? `done ${dayWords(row.date)}` : 'done') : row.status}
      </span>
    )),
  },
  {
    id: 'tools',
    name: 'What to do with it',
    isNameUnseen: true,
    width: '150px',
    cell: ofSound<SessionListed>((row) => <SessionTools session={row} />),
  },
];
