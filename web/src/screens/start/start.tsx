import type { ClientBrief } from '@drimbo/core/formats';
import { useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useClients, useKits } from '../../data/queries';
import { ink } from '../../look/theme';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { Title } from '../../parts/sheet';
import { ClientStep } from './client-step';
import { GymStep } from './gym-step';
import { SessionStep } from './session-step';
import { Step } from './step';

const Page = styled.div`
  max-width: 760px;
  margin: 0 auto;
  padding: 22px 16px 40px;
  > p {
    color: ${ink.soft};
    margin: 4px 0 14px;
  }
`;

/** From an empty house to a session: the gym, the first client, their first session, each step where the last one left off. */
export function StartScreen(): ReactNode {
  const kits = useKits();
  const clients = useClients('', 'changed');
  useEffect(() => {
    document.title = 'First steps · Drimbo';
  }, []);
  const error = kits.error ?? clients.error;
  if (error)
    return (
      <Failed
        what="The first steps cannot be shown"
        error={error}
        again={() => void Promise.all([kits.refetch(), clients.refetch()])}
      />
    );
  if (!kits.data || clients.total === null) return <Blank title="Opening…" />;
  const [kit] = kits.data;
  const client = clients.rows.find((row): row is ClientBrief => !('why' in row));
  return (
    <Page>
      <Title>First steps</Title>
      <p>A gym, a client, a session: then there is a sheet to print or to hand to a phone.</p>
      <Step
        number={1}
        title="Your gym"
        isNow={!kit}
        done={
          kit ? (
            <p>
              {kit.document.name}. <Link to={`/kit/${kit.id}`}>Change what stands there</Link>
            </p>
          ) : null
        }
      >
        <GymStep />
      </Step>
      <Step
        number={2}
        title="Your first client"
        isNow={kit !== undefined && !client}
        done={
          client ? (
            <p>
              {client.name}. <Link to={`/clients/${client.id}`}>Say more of them</Link>
            </p>
          ) : null
        }
      >
        {kit && <ClientStep kit={kit} />}
      </Step>
      <Step number={3} title="Their first session" isNow={client !== undefined} done={null}>
        {client && <SessionStep clientId={client.id} kits={kits.data} />}
      </Step>
    </Page>
  );
}
