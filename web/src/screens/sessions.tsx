import { groupNames, regions } from '@drimbo/core/anatomy/regions';
import { useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useRoster, useSessions } from '../data/queries';
import { SessionTools } from './session-tools';
import { Act, Blank, Sheet, Title } from '../look/parts';
import { ink } from '../look/theme';
import { ListPage, ListTable } from '../look/lists';
import { Unreadable } from './unreadable';

const names: Record<string, string> = {
  ...groupNames,
  ...Object.fromEntries(Object.entries(regions).map(([id, r]) => [id, r.name])),
};
const order = { draft: 0, 'handed over': 1, finished: 2 };

/** Every session: drafts first, then what is handed over, then what is done, the newest first. */
export function SessionsScreen(): ReactNode {
  const sessions = useSessions();
  const roster = useRoster();
  useEffect(() => {
    document.title = 'Sessions · Drimbo';
  }, []);
  const error = sessions.error ?? roster.error;
  if (error)
    return (
      <Blank title="The sessions cannot be shown">
        <p>{error.message}</p>
        <Act onPress={() => void Promise.all([sessions.refetch(), roster.refetch()])}>Try again</Act>
      </Blank>
    );
  if (!sessions.data || !roster.data) return <Blank title="Opening the sessions…" />;
  const client = new Map(roster.data.map((c) => [c.id, c.document.name]));
  const rows = [...sessions.data].sort(
    (a, b) =>
      order[a.document.status] - order[b.document.status] ||
      (b.document.date ?? '').localeCompare(a.document.date ?? ''),
  );
  return (
    <ListPage>
      <header>
        <Title>Sessions</Title>
        <span>New ones begin from a client</span>
      </header>
      <Unreadable kind="session" />
      <Sheet>
        {rows.length === 0 ? (
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
              {rows.map((s) => (
                <tr key={s.id}>
                  <td>
                    <Link className="name" to={`/sessions/${s.id}`}>
                      {s.document.title}
                    </Link>
                  </td>
                  <td>{client.get(s.document.clientId) ?? ''}</td>
                  <td>{names[s.document.emphasis]!.toLowerCase()}</td>
                  <td>{s.document.blocks.reduce((n, b) => n + b.lines.length, 0)}</td>
                  <td style={{ color: s.document.status === 'finished' ? ink.soft : ink.ink }}>
                    {s.document.status === 'finished' ? `done ${s.document.date ?? ''}` : s.document.status}
                  </td>
                  <td>
                    <SessionTools session={s} />
                  </td>
                </tr>
              ))}
            </tbody>
          </ListTable>
        )}
      </Sheet>
    </ListPage>
  );
}
