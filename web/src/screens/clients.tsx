import { regions } from '@drimbo/core/anatomy/regions';
import { useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useRoster, type RosterRow } from '../data/queries';
import { Act, Blank, Sheet, Title } from '../look/parts';
import { ink, voiceText } from '../look/theme';
import { NewClient } from './new-client';
import { ListPage, ListTable } from '../look/lists';
import { Unreadable } from './unreadable';

function Minds({ row }: { row: RosterRow }): ReactNode {
  const c = row.document;
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
          ))}{' '}
          lags
        </div>
      )}
      {c.limits.map((l) => (
        <div key={l.limit}>minds the {l.limit}</div>
      ))}
      {c.lagging.length === 0 && c.limits.length === 0 && (
        <span style={{ color: ink.soft }}>nothing noted</span>
      )}
    </>
  );
}

/** The roster: who there is and what each needs next. */
export function ClientsScreen(): ReactNode {
  const roster = useRoster();
  useEffect(() => {
    document.title = 'Clients · Drimbo';
  }, []);
  if (roster.error)
    return (
      <Blank title="The clients cannot be shown">
        <p>{roster.error.message}</p>
        <Act onPress={() => void roster.refetch()}>Try again</Act>
      </Blank>
    );
  if (!roster.data) return <Blank title="Opening the clients…" />;
  return (
    <ListPage>
      <header>
        <Title>Clients</Title>
        <span>
          {roster.data.length} {roster.data.length === 1 ? 'client' : 'clients'}
        </span>
        <NewClient />
      </header>
      <Unreadable kind="client" />
      <Sheet>
        {roster.data.length === 0 ? (
          <Blank title="No clients yet">
            <p>Add the first: a name, stature, bodyweight and the gym are enough to begin.</p>
          </Blank>
        ) : (
          <ListTable>
            <thead>
              <tr>
                <th scope="col">Client</th>
                <th scope="col">Lags and limits</th>
                <th scope="col">Time</th>
                <th scope="col">Needs next</th>
              </tr>
            </thead>
            <tbody>
              {roster.data.map((row) => (
                <tr key={row.id}>
                  <td style={{ width: '30%' }}>
                    <Link className="name" to={`/clients/${row.id}`}>
                      {row.document.name}
                    </Link>
                    <small>{row.document.about}</small>
                  </td>
                  <td style={{ width: '26%' }}>
                    <Minds row={row} />
                  </td>
                  <td className="nowrap">
                    {row.document.minutes} min<small>{row.document.daysAWeek} days a week</small>
                  </td>
                  <td>
                    {row.needs.map((n) => (
                      <div
                        key={n.says}
                        style={{ fontWeight: n.loud ? 620 : 420, color: n.loud ? ink.ink : ink.soft }}
                      >
                        {n.says}
                      </div>
                    ))}
                    {row.needs.length === 0 && (
                      <span style={{ color: ink.soft }}>Nothing: the next session is with the client</span>
                    )}
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
