import type { ClientFile, Stored } from '@drimbo/core/contract';
import { dayWords } from '@drimbo/core/units';
import { type Client, inOrder } from '@drimbo/core/session';
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';

import { useOpenClient } from '../../state/use-open-client';
import { SheetsPage } from '../../parts/pages';
import { Button } from '../../parts/button';
import { LinkButton } from '../../parts/link-button';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import type { Kit } from '@drimbo/core/kit';
import { isTyping } from '../designer/keys';
import { startSession } from '../shared/start-session';
import { ClientPage } from '../shared/client-page';
import { Conflict } from '../shared/conflict';
import { UndoOfPage } from '../shared/undoing';
import { Rows } from './rows';
import { TornList } from '../shared/unreadable';
import { NeedLink } from '../clients/need-link';
import { useHashFocus } from './hash-focus';
import { ClientData } from './client-data';
import { ClientFacts } from './client-facts';
import { ClientMaxes } from './client-maxes';
import { Planned } from './planned';

const NewBlock = lazy(() => import('../blocks/new-block').then((m) => ({ default: m.NewBlock })));

function Desk({ file, kits }: { file: ClientFile; kits: Stored<Kit>[] }): ReactNode {
  const saved = useOpenClient(file);
  const client: Client = saved.document;
  const go = useNavigate();
  useEffect(() => {
    document.title = `${client.name} · Drimbo`;
  }, [client.name]);
  const start = async (): Promise<void> => {
    void go(`/sessions/${await startSession({ id: file.id, document: client }, kits)}`);
  };
  useHashFocus();
  const [isStarting, setStarting] = useState(false);
  const startNow = useRef(start);
  useEffect(() => {
    startNow.current = start;
  });
  useEffect(() => {
    const keys = (e: KeyboardEvent): void => {
      const key = e.key.toLowerCase();
      if (!['n', 'b'].includes(key) || e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      e.preventDefault();
      if (key === 'b') setStarting(true);
      else void startNow.current();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
  return (
    <SheetsPage $columns="1fr 1fr 0.85fr">
      <header>
        <Title>{client.name}</Title>
        <p>{client.about}</p>
        <span role="status" data-testid="save-state" style={{ color: ink.soft, fontSize: size.fine }}>
          {saved.says}
        </span>
        <UndoOfPage {...saved} />
        <LinkButton to={`/clients/${file.id}/progress`}>Progress</LinkButton>
        <Button onPress={() => setStarting(true)}>Start a block</Button>
        <Button kind="strong" id="start" onPress={() => void start()}>
          Start a session
        </Button>
      </header>
      <Suspense fallback={null}>
        {isStarting && <NewBlock file={file} close={() => setStarting(false)} />}
      </Suspense>
      <Conflict conflict={saved.conflict} unit={client.unit} />
      <TornList rows={file.torn} />
      <div className="sheets">
        <Sheet>
          <SheetHead>
            <h2>What the planner uses</h2>
            <span>saved as you type</span>
          </SheetHead>
          <ClientFacts client={client} kits={kits} change={saved.change} />
        </Sheet>
        <Sheet id="tests">
          <ClientMaxes client={client} file={file} change={saved.change} />
        </Sheet>
        <Sheet>
          <SheetHead>
            <h2>Needs next</h2>
          </SheetHead>
          <Rows>
            {file.needs.map((n) => (
              <li key={n.says} style={{ fontWeight: n.loud ? 620 : 420 }}>
                <NeedLink clientId={file.id} need={n} />
              </li>
            ))}
            {file.needs.length === 0 && (
              <li style={{ color: ink.soft }}>Nothing: the next session is with the client</li>
            )}
          </Rows>
          <Planned file={file} onStart={() => setStarting(true)} />
          <SheetHead style={{ paddingTop: 16 }}>
            <h2>Sessions</h2>
            <span>{file.sessions.length}</span>
          </SheetHead>
          <Rows>
            {inOrder(file.sessions).map((s) => (
              <li key={s.id}>
                <Link to={`/sessions/${s.id}`}>{s.title}</Link>
                <span style={{ color: ink.soft }}>
                  {s.status === 'finished' && s.date ? `done ${dayWords(s.date)}` : s.status}
                </span>
                <span style={{ color: ink.soft }}>{s.movements} movements</span>
              </li>
            ))}
            {file.sessions.length === 0 && (
              <li style={{ color: ink.soft }}>None yet. Start one: it takes the facts on this page.</li>
            )}
          </Rows>
          <ClientData file={file} />
        </Sheet>
      </div>
    </SheetsPage>
  );
}

/** One client: the facts the planner uses, maxes with where they come from, and the sessions. */
export const ClientScreen = (): ReactNode => (
  <ClientPage failed="This client cannot be shown" opening="Opening the client…">
    {({ file, kits }) => <Desk key={file.id} file={file} kits={kits} />}
  </ClientPage>
);
