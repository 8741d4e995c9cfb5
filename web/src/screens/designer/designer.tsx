import { inOrder } from '@drimbo/core/session';
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { Fan } from '../../drawings/fan';
import { ink, size } from '../../look/theme';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Steps } from '../../parts/steps';
import { tell } from '../../parts/toast';
import { todayIso } from '../../data/queries';
import { useDesigner } from '../../state/use-designer';
import { useOpenedSession, type OpenedSession } from '../../state/use-opened';
import { Conflict } from '../shared/conflict';
import { startSession } from '../shared/start-session';
import { DoseLegend, ScoreLegend } from './legends';
import { LineTools } from './line-tools';
import { LineUp } from './line-up';
import { MovementPane, type MovementTab } from './movement-pane';
import { Notice } from './notice';
import { Pane } from './pane';
import { ReviewPane } from './review-pane';
import { SessionHead } from './session-head';
import { SessionScore } from './session-score';
import { floorWays } from './to-floor';
import { TypedRow } from './typed-row';
import { useDesignerKeys } from './use-keys';
import { WarmUp } from './warm-up';

const Browse = lazy(() => import('./browse').then((m) => ({ default: m.Browse })));
const WeekStrip = lazy(() => import('../blocks/week-strip').then((m) => ({ default: m.WeekStrip })));
const TextDialog = lazy(() => import('./text-dialog').then((m) => ({ default: m.TextDialog })));
const RehearseDialog = lazy(() => import('./rehearse-dialog').then((m) => ({ default: m.RehearseDialog })));
const FromLog = lazy(() => import('./from-log').then((m) => ({ default: m.FromLog })));
const LinkDialog = lazy(() => import('./link-dialog').then((m) => ({ default: m.LinkDialog })));

const Page = styled.div`
  height: calc(100vh - 44px);
  min-height: 640px;
  display: flex;
  flex-direction: column;
  padding: 0 16px 12px;
  max-width: 1920px;
  margin: 0 auto;
  @media (max-width: 1100px) {
    height: auto;
  }
`;
const Panes = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(520px, 1.86fr) minmax(300px, 0.98fr) minmax(316px, 1fr);
  gap: 10px;
  margin-top: 10px;
  /* What the line-up does not need goes to the review: its lines are whole. */
  @media (min-width: 1600px) {
    grid-template-columns: minmax(660px, 1.3fr) minmax(360px, 1fr) minmax(460px, 1.22fr);
  }
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
  /* A phone shows one of the three at a time. */
  @media (max-width: 640px) {
    &[data-step='line-up'] > :not(:nth-child(1)),
    &[data-step='movement'] > :not(:nth-child(2)),
    &[data-step='review'] > :not(:nth-child(3)) {
      display: none;
    }
  }
`;
/** From this height on a session of six movements and its week are whole together, pixels. */
const ROOM_FOR_WEEK = 860;
const steps = { 'line-up': 'Line-up', movement: 'Movement', review: 'Dose and review' };
function Table({ opened }: { opened: OpenedSession }): ReactNode {
  const { stored, kits } = opened;
  const designer = useDesigner(opened);
  const go = useNavigate();
  const typed = useRef<HTMLInputElement>(null);
  const [tab, setTab] = useState<MovementTab>('set-up');
  const [text, setText] = useState<string | null>(null);
  const [isBrowsing, setBrowsing] = useState(false);
  // On a small screen the line-up needs the room more.
  const [showsWeek, setShowsWeek] = useState(() => window.innerHeight >= ROOM_FOR_WEEK);
  const [isWarming, setWarming] = useState(false);
  const [step, setStep] = useState<keyof typeof steps>('line-up');
  const { session, appraisal } = designer;
  useEffect(() => {
    document.title = `${session.title} · Drimbo`;
  }, [session.title]);
  const editSet = useCallback((index: number): void => {
    setTab('load');
    requestAnimationFrame(() =>
      document.querySelectorAll<HTMLElement>('[data-testid="set-load"]')[index]?.focus(),
    );
  }, []);
  const [address] = useSearchParams();
  const [isRehearsing, setRehearsing] = useState(false);
  /** The session a link for the client leads to; null where none is being made. */
  const [linked, setLinked] = useState<string | null>(null);
  const [isLogging, setLogging] = useState(() => address.has('log'));
  const toFloor = useMemo(
    () =>
      floorWays(opened, {
        go: (to) => void go(to),
        link: setLinked,
        log: setLogging,
        rehearse: setRehearsing,
      }),
    [opened, go],
  );
  const { ask } = designer;
  const showFinding = useCallback(
    (key: string): void => {
      ask(key);
      setStep('review');
      requestAnimationFrame(() =>
        document.querySelector<HTMLElement>('#review button.head[aria-expanded="true"]')?.focus(),
      );
    },
    [ask],
  );
  const browse = useCallback(() => setBrowsing(true), []);
  const openDay = useCallback((to: string) => void go(`/sessions/${to}`), [go]);
  const toNeighbour = (by: 1 | -1): void => {
    const to = neighbour(opened, by);
    if (to) void go(`/sessions/${to}`);
  };
  useDesignerKeys(
    designer,
    {
      a: () => typed.current?.focus(),
      m: () => setBrowsing(true),
      w: () => setWarming(true),
      r: () => {
        setStep('review');
        requestAnimationFrame(() => document.getElementById('review')?.focus());
      },
      s: () => void go(`/sessions/${stored.id}/sheet`),
      n: () => {
        startSession(opened.file, kits).then(
          (id) => void go(`/sessions/${id}`),
          (error: Error) => tell(`No session was started: ${error.message}`),
        );
      },
      ',': () => toNeighbour(-1),
      '.': () => toNeighbour(1),
    },
    () => document.getElementById('to-catalogue'),
  );

  const { movements, workingSets, minutes } = appraisal.totals;
  const blockId = blockOf(opened);
  return (
    <Page>
      <SessionHead
        designer={designer}
        id={stored.id}
        kits={kits}
        onText={setText}
        isLogging={isLogging}
        toFloor={toFloor}
        showsWeek={blockId ? showsWeek : null}
        setShowsWeek={setShowsWeek}
      />
      <Suspense fallback={null}>
        {text !== null && <TextDialog designer={designer} begin={text} close={() => setText(null)} />}
        {linked !== null && (
          <LinkDialog
            sessionId={linked}
            client={{ id: session.clientId, name: designer.context.client.name }}
            close={() => setLinked(null)}
          />
        )}
        {isRehearsing && <RehearseDialog designer={designer} close={() => setRehearsing(false)} />}
        {isBrowsing && <Browse designer={designer} close={() => setBrowsing(false)} />}
      </Suspense>
      {blockId && showsWeek && (
        <Suspense fallback={null}>
          <WeekStrip id={blockId} sessionId={stored.id} session={session} onOpen={openDay} />
        </Suspense>
      )}
      <Notice designer={designer} />
      <Conflict conflict={designer.conflict} unit={designer.context.client.unit} />
      <Sheet style={{ padding: '6px 0 0', position: 'relative' }}>
        <div style={{ position: 'absolute', left: 5, bottom: -1, zIndex: 1 }}>
          <ScoreLegend />
        </div>
        <SessionScore designer={designer} editSet={editSet} onSign={showFinding} />
      </Sheet>
      <Panes data-step={step}>
        <Pane aria-label="Line-up">
          <SheetHead style={{ alignItems: 'center', paddingBottom: 3 }}>
            <h2>
              Line-up{' '}
              <span style={{ fontWeight: 420, color: ink.soft, fontSize: size.fine }} data-testid="totals">
                {movements} {movements === 1 ? 'movement' : 'movements'}, {workingSets} working sets,{' '}
                {Math.round(minutes)} min
              </span>
            </h2>
            <LineTools designer={designer} />
          </SheetHead>
          <WarmUp designer={designer} isOpen={isWarming} setOpen={setWarming} />
          <LineUp designer={designer} onSign={showFinding} />
          <TypedRow designer={designer} inputRef={typed} onManyLines={setText} onBrowse={browse} />
        </Pane>
        <MovementPane designer={designer} tab={tab} setTab={setTab} />
        <Pane aria-label="Dose and review">
          <SheetHead style={{ paddingBottom: 2 }}>
            <h2>
              Dose today{' '}
              <span style={{ fontWeight: 420, color: ink.soft, fontSize: size.fine }}>
                hard sets, fractional
              </span>
            </h2>
            <DoseLegend designer={designer} />
          </SheetHead>
          <Fan dose={appraisal.dose} />
          <div style={{ borderTop: `1px solid ${ink.rule}` }} />
          {opened.file.logged.length > 0 && session.status !== 'finished' && (
            <Suspense fallback={null}>
              <FromLog designer={designer} />
            </Suspense>
          )}
          <ReviewPane designer={designer} />
        </Pane>
      </Panes>
      <Steps label="Parts of the session" steps={steps} value={step} onChange={setStep} />
    </Page>
  );
}

/** The session of the same client before or after this one, as the client's page lists them. */
function neighbour({ stored, file }: OpenedSession, by: 1 | -1): string | undefined {
  const order = inOrder(file.sessions).map((s) => s.id);
  return order[order.indexOf(stored.id) + by];
}

/** The client's block under way, for a session that is not done. */
function blockOf({ stored, file }: OpenedSession): string | undefined {
  if (stored.document.status === 'finished') return undefined;
  return file.blocks.find((b) => b.endsOn >= todayIso())?.id;
}

/** The session designer. */
export function DesignerScreen(): ReactNode {
  const { id = '' } = useParams();
  const { opened, error, again } = useOpenedSession(id);
  if (error) return <Failed what="This session cannot be opened" error={error} again={again} />;
  if (!opened) return <Blank title="Opening the session…" />;
  return <Table key={opened.stored.id} opened={opened} />;
}
