import { progress, type Proposal, whatNext } from '@drimbo/core/log';
import { measure } from '@drimbo/core/measure';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ways } from '@drimbo/core/contract';
import { ask } from '../../data/api';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';

const Proposals = lazy(() => import('./proposals').then((m) => ({ default: m.Proposals })));

const Line = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 5px 12px;
  border-bottom: 1px solid ${ink.rule};
  font-size: ${size.small};
  > :first-child {
    flex: 1;
    min-width: 0;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
/** The client's last sets, as the log has them. */
const useSets = (clientId: string) =>
  useQuery({
    queryKey: ['sets of client', clientId],
    queryFn: () => ask(ways.setsOfClient({ query: { client: clientId, size: 500 } })),
    // Somebody may be on the floor just now.
    refetchInterval: 20_000,
  });

function FromLogPane({ designer }: { designer: Designer }): ReactNode {
  const { context } = designer;
  // Measured once more when there is time for it, not with every key.
  const session = useDeferredValue(designer.session);
  const { data: sets } = useSets(session.clientId);
  const [isOpen, setOpen] = useState(false);
  const lifts = useMemo(() => progress(context), [context]);
  const proposals = useMemo(
    () => (sets && sets.length > 0 ? whatNext(measure(session, context), sets, lifts) : []),
    [sets, session, context, lifts],
  );
  if (proposals.length === 0 && !isOpen) return null;
  const take = (them: readonly Proposal[]): void => {
    const edits = them.flatMap((p) => p.edit ?? []);
    const [first] = them;
    designer.edit(
      edits.length === 1 ? edits[0]! : { do: 'all', edits },
      them.length === 1 ? first!.says : 'what the log says',
    );
  };
  return (
    <>
      <Line>
        <span>From the log: {proposals[0]?.says ?? 'all taken'}</span>
        <Button small onPress={() => setOpen(true)}>
          {proposals.length === 1 ? '1 proposal' : `${proposals.length} proposals`}
        </Button>
      </Line>
      <Suspense fallback={null}>
        {isOpen && <Proposals proposals={proposals} take={take} close={() => setOpen(false)} />}
      </Suspense>
    </>
  );
}

/** What comes next for a client with a log: how much it proposes, and the list of it. */
export const FromLog = drawsAgain(FromLogPane, ...work);
