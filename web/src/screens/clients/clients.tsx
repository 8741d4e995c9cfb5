import type { ClientBrief, Unreadable } from '@drimbo/core/formats';
import { useCallback, useDeferredValue, useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useClients } from '../../data/queries';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { ListPage } from '../../parts/pages';
import { SearchBox } from '../../parts/search-box';
import { Sheet, Title } from '../../parts/sheet';
import { focusFirstRow, Table } from '../../parts/table';
import { useAsked } from '../../state/use-asked';
import { clientColumns } from './columns';
import { NewClient } from './new-client';

/** The roster: who there is and what each needs next; what is looked for and the order stand in the address. */
export function ClientsScreen(): ReactNode {
  const { asked, ask, sort, sortBy } = useAsked();
  const search = asked.get('name') ?? '';
  const roster = useClients(useDeferredValue(search), asked.get('sort') ?? 'name');
  const { fetchNextPage } = roster;
  const more = useCallback(() => void fetchNextPage(), [fetchNextPage]);
  useEffect(() => {
    document.title = 'Clients · Drimbo';
  }, []);
  if (roster.error)
    return (
      <Failed what="The clients cannot be shown" error={roster.error} again={() => void roster.refetch()} />
    );
  if (roster.total === null) return <Blank title="Opening the clients…" />;
  return (
    <ListPage>
      <header>
        <Title>Clients</Title>
        <span role="status">
          {roster.total} {roster.total === 1 ? 'client' : 'clients'}
          {search.trim() !== '' && ' by that name'}
        </span>
        <SearchBox
          label="Look for a client"
          value={search}
          onChange={(name) => ask({ name })}
          onDown={focusFirstRow}
        />
        <NewClient />
      </header>
      <Sheet>
        {roster.total === 0 && search.trim() !== '' ? (
          <Blank title="Nobody by that name" />
        ) : roster.total === 0 ? (
          <Blank title="No clients yet">
            <p>A name, height and bodyweight are enough to begin.</p>
            <Link to="/start">Take the first steps</Link>
          </Blank>
        ) : (
          <Table<ClientBrief | Unreadable>
            label="Clients"
            columns={clientColumns}
            rows={roster.rows}
            total={roster.total}
            idOf={(row) => row.id}
            sort={sort ?? { by: 'name', isDown: false }}
            onSort={sortBy}
            onEnd={more}
            rowPx={62}
          />
        )}
      </Sheet>
    </ListPage>
  );
}
