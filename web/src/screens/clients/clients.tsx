import { regions } from '@drimbo/core/anatomy/regions';
import { useDeferredValue, useEffect, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { ClientBrief } from '@drimbo/core/formats/lists';
import { useClients } from '../../data/queries';
import { Act } from '../../parts/act';
import { Blank } from '../../parts/blank';
import { Sheet, Title } from '../../parts/sheet';
import { ink, voiceText } from '../../look/theme';
import { NewClient } from './new-client';
import { ListPage, ListTable } from '../../parts/pages';
import { More } from '../../parts/more';
import { SearchBox } from '../../parts/search-box';
import { TornRow } from '../shared/unreadable';

function Minds({ row: c }: { row: ClientBrief }): ReactNode {
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
  const [search, setSearch] = useState('');
  const roster = useClients(useDeferredValue(search));
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
  if (roster.total === null) return <Blank title="Opening the clients…" />;
  return (
    <ListPage>
      <header>
        <Title>Clients</Title>
        <span>
          {roster.total} {roster.total === 1 ? 'client' : 'clients'}
          {search.trim() !== '' && ' by that name'}
        </span>
        <SearchBox label="Look for a client" value={search} onChange={setSearch} />
        <NewClient />
      </header>
      <Sheet>
        {roster.total === 0 && search.trim() !== '' ? (
          <Blank title="Nobody by that name" />
        ) : roster.total === 0 ? (
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
              {roster.rows.map((row) =>
                'why' in row ? (
                  <TornRow key={row.id} row={row} columns={4} />
                ) : (
                  <tr key={row.id}>
                    <td style={{ width: '30%' }}>
                      <Link className="name" to={`/clients/${row.id}`}>
                        {row.name}
                      </Link>
                      <small>{row.about}</small>
                    </td>
                    <td style={{ width: '26%' }}>
                      <Minds row={row} />
                    </td>
                    <td className="nowrap">
                      {row.minutes} min<small>{row.daysAWeek} days a week</small>
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
                ),
              )}
            </tbody>
          </ListTable>
        )}
        <More
          shown={roster.rows.length}
          total={roster.total}
          isComing={roster.isFetchingNextPage}
          onMore={() => void roster.fetchNextPage()}
        />
      </Sheet>
    </ListPage>
  );
}
