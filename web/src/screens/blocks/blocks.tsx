import { useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { useBlocks } from '../../data/blocks';
import { todayIso } from '../../data/queries';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { ListPage, ListTable } from '../../parts/pages';
import { Sheet, Title } from '../../parts/sheet';
import { WayOn } from '../shared/way-on';
import { StartBlock } from './start-block';
import { dayWords } from './words';

/** Every block: those under way, those to come, those that are over. */
export function BlocksScreen(): ReactNode {
  const blocks = useBlocks();
  useEffect(() => {
    document.title = 'Blocks · Drimbo';
  }, []);
  if (blocks.error)
    return (
      <Failed what="The blocks cannot be shown" error={blocks.error} again={() => void blocks.refetch()} />
    );
  if (!blocks.data) return <Blank title="Opening the blocks…" />;
  const today = todayIso();
  const stateOf = (startsOn: string, endsOn: string): string =>
    endsOn < today ? 'over' : startsOn > today ? 'to come' : 'under way';
  return (
    <ListPage>
      <header>
        <Title>Blocks</Title>
        <span role="status">
          {blocks.data.length} {blocks.data.length === 1 ? 'block' : 'blocks'}
        </span>
        {blocks.data.length > 0 && <StartBlock />}
      </header>
      <Sheet>
        {blocks.data.length === 0 ? (
          <Blank title="No blocks yet">
            <p>
              A block is weeks of training days for one client: a split, the sessions on its days, and what
              each week adds.
            </p>
            <WayOn>
              <StartBlock />
            </WayOn>
          </Blank>
        ) : (
          <ListTable>
            <thead>
              <tr>
                <th scope="col">Block</th>
                <th scope="col">Client</th>
                <th scope="col">Days</th>
                <th scope="col">Now</th>
              </tr>
            </thead>
            <tbody>
              {blocks.data.map((b) => (
                <tr key={b.id}>
                  <td>
                    <Link className="name" to={`/blocks/${b.id}`}>
                      {b.title}
                    </Link>
                  </td>
                  <td>
                    <Link to={`/clients/${b.client.id}`}>{b.client.name}</Link>
                  </td>
                  <td>
                    {dayWords(b.startsOn)} to {dayWords(b.endsOn)}
                  </td>
                  <td>{stateOf(b.startsOn, b.endsOn)}</td>
                </tr>
              ))}
            </tbody>
          </ListTable>
        )}
      </Sheet>
    </ListPage>
  );
}
