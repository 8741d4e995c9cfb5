import type { SessionListed, Unreadable } from '@drimbo/core/formats';
import { statuses } from '@drimbo/core/session';
import { useCallback, useDeferredValue, useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useSessions } from '../../data/queries';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { ListPage } from '../../parts/pages';
import { SearchBox } from '../../parts/search-box';
import { Select } from '../../parts/select';
import { Sheet, Title } from '../../parts/sheet';
import { focusFirstRow, Table } from '../../parts/table';
import { useAsked } from '../../state/use-asked';
import { WayOn } from '../shared/way-on';
import { sessionColumns } from './columns';
import { StartEmpty } from './start-empty';
import { Templates } from './templates';

/** Every session: drafts first, then what is handed over, then what is done, the newest first, unless asked otherwise. */
export function SessionsScreen(): ReactNode {
  const { asked, ask, sort, sortBy } = useAsked();
  const search = asked.get('name') ?? '';
  const status = statuses.find((s) => s === asked.get('state')) ?? null;
  const sessions = useSessions(useDeferredValue(search), asked.get('sort') ?? 'state', status);
  const { fetchNextPage } = sessions;
  const more = useCallback(() => void fetchNextPage(), [fetchNextPage]);
  useEffect(() => {
    document.title = 'Sessions · Drimbo';
  }, []);
  if (sessions.error)
    return (
      <Failed
        what="The sessions cannot be shown"
        error={sessions.error}
        again={() => void sessions.refetch()}
      />
    );
  if (sessions.total === null) return <Blank title="Opening the sessions…" />;
  const { rows, total } = sessions;
  const isNarrowed = search.trim() !== '' || status !== null;
  return (
    <ListPage>
      <header>
        <Title>Sessions</Title>
        <span role="status">
          {total} {total === 1 ? 'session' : 'sessions'}
        </span>
        <Select
          label="State"
          labelPlace="before"
          none="any"
          value={status}
          options={statuses.map((s) => [s, s])}
          onChange={(state) => ask({ state })}
        />
        <Link to="/sessions/compare">Two side by side</Link>
        {total > 0 && <StartEmpty />}
        <SearchBox
          label="Look for a session or a client"
          value={search}
          onChange={(name) => ask({ name })}
          onDown={focusFirstRow}
        />
      </header>
      <Templates />
      <Sheet>
        {total === 0 && isNarrowed ? (
          <Blank title="Nothing like that">
            <p>Widen the state, or look for another name.</p>
          </Blank>
        ) : total === 0 ? (
          <Blank title="No sessions yet">
            <WayOn>
              <StartEmpty />
            </WayOn>
          </Blank>
        ) : (
          <Table<SessionListed | Unreadable>
            label="Sessions"
            columns={sessionColumns}
            rows={rows}
            total={total}
            idOf={(row) => row.id}
            sort={sort ?? { by: 'state', isDown: false }}
            onSort={sortBy}
            onEnd={more}
            rowPx={42}
          />
        )}
      </Sheet>
    </ListPage>
  );
}
