import { useNeedsFromLog } from '../../data/queries';
import { regions } from '@drimbo/core/anatomy';
import type { ClientBrief, Unreadable } from '@drimbo/core/formats';
import { format, parseISO } from 'date-fns';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ink, voiceText } from '../../look/theme';
import type { Column } from '../../parts/table';
import { ofSound, Torn } from '../shared/unreadable';
import { NeedLink } from './need-link';

function Limits({ row: c }: { row: ClientBrief }): ReactNode {
  if (c.lagging.length === 0 && c.limits.length === 0)
    return <span style={{ color: ink.soft }}>nothing noted</span>;
  return (
    <>
      {c.lagging.length > 0 && (
        <div>
          {c.lagging.map((id, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <b style={{ color: voiceText[regions[id].voice], fontWeight: 620 }}>
                {regions[id].name.toLowerCase()}
              </b>
            </span>
          ))}
        </div>
      )}
      {c.limits.map((l) => (
        <div key={l.limit}>{l.limit}</div>
      ))}
    </>
  );
}

/** What the block under way has for today, and what comes next. */
function Today({ row: { due } }: { row: ClientBrief }): ReactNode {
  if (!due) return <span style={{ color: ink.soft }}>no block</span>;
  const missed = due.open.length;
  return (
    <>
      <Link to={due.today?.session ? `/sessions/${due.today.session}` : `/blocks/${due.block}`}>
        {due.today ? `${due.today.name}${due.today.isDone ? ', done' : ''}` : 'off'}
      </Link>
      {due.next && (
        <small>
          next {due.next.name}, {format(parseISO(due.next.date), 'EEE d MMM')}
        </small>
      )}
      {missed > 0 && (
        <small>
          {missed} {missed === 1 ? 'day' : 'days'} not done
        </small>
      )}
    </>
  );
}

function Needs({ row }: { row: ClientBrief }): ReactNode {
  const fromLog = useNeedsFromLog(row.id).data ?? [];
  const all = [...row.needs, ...fromLog].sort((a, b) => Number(b.loud) - Number(a.loud));
  if (all.length === 0)
    return <span style={{ color: ink.soft }}>Nothing: the next session is with the client</span>;
  return all.map((n) => (
    <div key={n.says} style={{ fontWeight: n.loud ? 620 : 420, color: n.loud ? ink.ink : ink.soft }}>
      <NeedLink clientId={row.id} need={n} />
    </div>
  ));
}

export const clientColumns: Column<ClientBrief | Unreadable>[] = [
  {
    id: 'name',
    name: 'Client',
    width: '1.3fr',
    sortBy: true,
    cell: (row) =>
      'why' in row ? (
        <Torn row={row} />
      ) : (
        <>
          <Link className="name" to={`/clients/${row.id}`}>
            {row.name}
          </Link>
          <small>{row.about}</small>
        </>
      ),
  },
  {
    id: 'limits',
    name: 'Weak points, injuries',
    width: '1.1fr',
    cell: ofSound<ClientBrief>((row) => <Limits row={row} />),
  },
  {
    id: 'time',
    name: 'Time',
    width: '0.6fr',
    cell: ofSound<ClientBrief>((row) => (
      <>
        {row.minutes} min<small>{row.daysAWeek} days a week</small>
      </>
    )),
  },
  {
    id: 'today',
    name: 'Today',
    width: '0.9fr',
    cell: ofSound<ClientBrief>((row) => <Today row={row} />),
  },
  {
    id: 'needs',
    name: 'Needs next',
    width: '1.4fr',
    cell: ofSound<ClientBrief>((row) => <Needs row={row} />),
  },
  {
    id: 'changed',
    name: 'Changed',
    width: '0.6fr',
    sortBy: true,
    isForLarge: true,
    cell: ofSound<ClientBrief>((row) => (
      <span style={{ color: ink.soft }}>{format(row.updatedAt, 'd MMM')}</span>
    )),
  },
];
