import { groupNames, regions } from '@drimbo/core/anatomy/regions';
import { useDeferredValue, useEffect, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useSessions } from '../../data/queries';
import { SessionTools } from './session-tools';
import { Act } from '../../parts/act';
import { Blank } from '../../parts/blank';
import { Sheet, Title } from '../../parts/sheet';
import { ink } from '../../look/theme';
import { ListPage, ListTable } from '../../parts/pages';
import { More } from '../../parts/more';
import { SearchBox } from '../../parts/search-box';
import { TornRow } from '../shared/unreadable';

const names: Record<string, string> = {
  ...groupNames,
  ...Object.fromEntries(Object.entries(regions).map(([id, r]) => [id, r.name])),
};

/** Every session: drafts first, then what is handed over, then what is done, the newest first. */
export function SessionsScreen(): ReactNode {
  const [search, setSearch] = useState('');
  const sessions = useSessions(useDeferredValue(search));
  useEffect(() => {
    document.title = 'Sessions · Drimbo';
  }, []);
  if (sessions.error)
    return (
      <Blank title="The sessions cannot be shown">
        <p>{sessions.error.message}</p>
        <Act onPress={() => void sessions.refetch()}>Try again</Act>
      </Blank>
    );
  if (sessions.total === null) return <Blank title="Opening the sessions…" />;
  const { rows, total } = sessions;
  return (
    <ListPage>
      <header>
        <Title>Sessions</Title>
        <span>New ones begin from a client</span>
        <SearchBox label="Look for a session or a client" value={search} onChange={setSearch} />
      </header>
      <Sheet>
        {total === 0 && search.trim() !== '' ? (
          <Blank title="Nothing by that name" />
        ) : total === 0 ? (
          <Blank title="No sessions yet">
            <p>
              Open a <Link to="/clients">client</Link> and start one.
            </p>
          </Blank>
        ) : (
          <ListTable>
            <thead>
              <tr>
                <th scope="col">Session</th>
                <th scope="col">Client</th>
                <th scope="col">For</th>
                <th scope="col">Movements</th>
                <th scope="col">State</th>
                <th scope="col">
                  <span className="unseen">What to do with it</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((s) =>
                'why' in s ? (
                  <TornRow key={s.id} row={s} columns={6} />
                ) : (
                  <tr key={s.id}>
                    <td>
                      <Link className="name" to={`/sessions/${s.id}`}>
                        {s.title}
                      </Link>
                    </td>
                    <td>{s.client.name}</td>
                    <td data-before="for">{names[s.emphasis]!.toLowerCase()}</td>
                    <td data-after="movements">{s.movements}</td>
                    <td style={{ color: s.status === 'finished' ? ink.soft : ink.ink }}>
                      {s.status === 'finished' ? `done ${s.date ?? ''}` : s.status}
                    </td>
                    <td>
                      <SessionTools session={s} />
                    </td>
                  </tr>
                ),
              )}
            </tbody>
          </ListTable>
        )}
        <More
          shown={rows.length}
          total={total}
          isComing={sessions.isFetchingNextPage}
          onMore={() => void sessions.fetchNextPage()}
        />
      </Sheet>
    </ListPage>
  );
}
