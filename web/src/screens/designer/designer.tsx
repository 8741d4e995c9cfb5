import { Copy, Link2, Trash2, Unlink2 } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import { useParams } from 'react-router';
import { styled } from 'styled-components';
import { newId } from '../../data/queries';
import { useOpenedSession, type OpenedSession } from '../../state/use-opened';
import { useDesigner, type Designer } from '../../state/use-designer';
import { Fan } from '../../drawings/fan';
import { Score } from '../../drawings/score';
import { useWidth } from '../../drawings/use-width';
import { Act } from '../../parts/act';
import { Blank } from '../../parts/blank';
import { Steps } from '../../parts/steps';
import { Sheet, SheetHead } from '../../parts/sheet';
import { ink, narrow, size } from '../../look/theme';
import { Conflict } from '../shared/conflict';
import { Notice } from './notice';
import { CuesTab } from './cues-tab';
import { isTyping, joinable, joinNext, lineKeys, pairOrPart } from './keys';
import { LineUp } from './line-up';
import { LoadTab } from './load-tab';
import { ReviewPane } from './review-pane';
import { RigTab, WorkTab } from './rig-tab';
import { SessionHead } from './session-head';
import { SwapTab } from './swap-tab';
import { TextDialog } from './text-dialog';
import { TypedRow } from './typed-row';
import { WarmUp } from './warm-up';

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
const steps = { 'line-up': 'Line-up', movement: 'Movement', review: 'Dose and review' };
const Pane = styled(Sheet)`
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
  overflow: hidden;
`;
const Strip = styled(TabList)`
  display: flex;
  gap: 2px;
  margin-left: -6px;
  .react-aria-Tab {
    padding: 3px 8px;
    font-size: 12.5px;
    cursor: pointer;
    color: ${ink.soft};
    border-bottom: 2px solid transparent;
    &[data-selected] {
      color: ${ink.ink};
      font-weight: 650;
      border-color: ${ink.ink};
    }
  }
`;
const MiddleHead = styled.div`
  padding: 6px 12px 0;
  border-bottom: 1px solid ${ink.rule};
  h2 {
    font-size: ${size.small};
    font-weight: 650;
    ${narrow}
    padding-bottom: 1px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`;
const Tools = styled.div`
  display: flex;
  gap: 2px;
`;

function LineTools({ designer }: { designer: Designer }): ReactNode {
  const m = designer.appraisal.lines.find((l) => l.id === designer.selected);
  if (!m) return null;
  const block = designer.session.blocks.find((b) => b.id === m.blockId)!;
  const paired = block.lines.length > 1;
  const next = joinable(designer, m);
  const name = m.name.toLowerCase();
  return (
    <Tools>
      <Act
        small
        kind="quiet"
        isDisabled={!paired && !next}
        onPress={() => pairOrPart(designer, m)}
        aria-label={paired ? `Part the pair of ${name}` : `Pair ${name} with the next`}
      >
        {paired ? <Unlink2 size={13} aria-hidden /> : <Link2 size={13} aria-hidden />}{' '}
        {paired ? 'Part' : 'Pair'}
      </Act>
      {paired && next && (
        <Act
          small
          kind="quiet"
          aria-label={`Join the next to the round of ${name}`}
          onPress={() => joinNext(designer, m)}
        >
          <Link2 size={13} aria-hidden /> Join
        </Act>
      )}
      <Act
        small
        kind="quiet"
        aria-label={`Duplicate ${name}`}
        onPress={() =>
          designer.edit(
            { do: 'duplicate line', line: m.id, newLine: newId('line'), newBlock: newId('block') },
            `duplicate ${name}`,
          )
        }
      >
        <Copy size={13} aria-hidden /> Duplicate
      </Act>
      <Act
        small
        kind="quiet"
        aria-label={`Take out ${name}`}
        onPress={() => designer.edit({ do: 'remove line', line: m.id }, `take out ${name}`)}
      >
        <Trash2 size={13} aria-hidden /> Take out
      </Act>
    </Tools>
  );
}

function Middle({
  designer,
  tab,
  setTab,
}: {
  designer: Designer;
  tab: string;
  setTab: (tab: string) => void;
}): ReactNode {
  const m = designer.appraisal.lines.find((l) => l.id === designer.selected);
  const [paneRef] = useWidth<HTMLDivElement>(340);
  const [height, setHeight] = useState(220);
  useEffect(() => {
    const pane = paneRef.current;
    if (!pane) return;
    const watcher = new ResizeObserver(([e]) =>
      setHeight(Math.max(150, Math.min(420, e!.contentRect.height - 268))),
    );
    watcher.observe(pane);
    return () => watcher.disconnect();
  }, [paneRef]);
  if (!m)
    return (
      <Pane>
        <Blank title="No movement chosen">
          <p>Type one below the line-up, or press A. Its drawing, its loads and its cues appear here.</p>
        </Blank>
      </Pane>
    );
  return (
    <Pane ref={paneRef} aria-label={`Set-up of ${m.name}`}>
      <Tabs
        selectedKey={tab}
        onSelectionChange={(key) => setTab(String(key))}
        style={{ display: 'flex', flexDirection: 'column', minHeight: 0, flex: 1 }}
      >
        <MiddleHead>
          <h2 title={m.name}>{m.name}</h2>
          <Strip aria-label="About this movement">
            <Tab id="rig">Rig</Tab>
            <Tab id="work">Work</Tab>
            <Tab id="load">Load</Tab>
            <Tab id="cues">Cues</Tab>
            <Tab id="swap">Swap</Tab>
          </Strip>
        </MiddleHead>
        <TabPanel id="rig" style={{ overflowY: 'auto', minHeight: 0, flex: 1 }}>
          <RigTab line={m} designer={designer} heightPx={height} />
        </TabPanel>
        <TabPanel id="work" style={{ overflowY: 'auto', minHeight: 0, flex: 1 }}>
          <WorkTab line={m} designer={designer} />
        </TabPanel>
        <TabPanel id="load" style={{ overflowY: 'auto', minHeight: 0, flex: 1 }}>
          <LoadTab line={m} designer={designer} />
        </TabPanel>
        <TabPanel id="swap" style={{ overflowY: 'auto', minHeight: 0, flex: 1 }}>
          <SwapTab key={m.id} line={m} designer={designer} />
        </TabPanel>
        <TabPanel id="cues" style={{ overflowY: 'auto', minHeight: 0, flex: 1 }}>
          <CuesTab key={m.id} line={m} designer={designer} />
        </TabPanel>
      </Tabs>
    </Pane>
  );
}

function Table({ opened }: { opened: OpenedSession }): ReactNode {
  const { stored, kits } = opened;
  const designer = useDesigner(opened);
  const typed = useRef<HTMLInputElement>(null);
  const [tab, setTab] = useState('rig');
  const [text, setText] = useState<string | null>(null);
  const editSet = (index: number): void => {
    setTab('load');
    requestAnimationFrame(() =>
      document.querySelectorAll<HTMLElement>('[data-testid="set-load"]')[index]?.focus(),
    );
  };
  const { session, appraisal, select, edit } = designer;
  const [step, setStep] = useState<keyof typeof steps>('line-up');
  useEffect(() => {
    document.title = `${session.title} · Drimbo`;
  }, [session.title]);

  const { undo, redo } = designer;
  useEffect(() => {
    const keys = (e: globalThis.KeyboardEvent): void => {
      if ((e.ctrlKey || e.metaKey) && !e.altKey && e.key.toLowerCase() === 'z') {
        e.preventDefault();
        if (e.shiftKey) redo();
        else undo();
      } else if (
        !e.ctrlKey &&
        !e.metaKey &&
        !e.altKey &&
        !isTyping(e.target) &&
        e.key.toLowerCase() === 'a'
      ) {
        e.preventDefault();
        typed.current?.focus();
      }
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [undo, redo]);

  const { movements, workingSets, minutes } = appraisal.totals;
  return (
    <Page>
      <SessionHead designer={designer} id={stored.id} kits={kits} onText={() => setText('')} />
      {text !== null && <TextDialog designer={designer} begin={text} close={() => setText(null)} />}
      <Notice designer={designer} />
      <Conflict conflict={designer.conflict} unit={designer.context.client.unit} />
      <Sheet style={{ padding: '6px 0 0' }}>
        <Score
          appraisal={appraisal}
          selected={designer.selected}
          onPick={(id, setIndex) => {
            select(id);
            if (setIndex !== null) editSet(setIndex);
          }}
          onMove={(line, to) => edit({ do: 'move line', line, to }, 'move along the score')}
        />
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
          <WarmUp designer={designer} />
          <LineUp designer={designer} onKeys={lineKeys(designer)} />
          <TypedRow designer={designer} inputRef={typed} onManyLines={setText} />
        </Pane>
        <Middle designer={designer} tab={tab} setTab={setTab} />
        <Pane aria-label="Dose and review">
          <SheetHead style={{ paddingBottom: 2 }}>
            <h2>Dose today</h2>
            <span>hard sets, fractional</span>
          </SheetHead>
          <Fan dose={appraisal.dose} />
          <div style={{ borderTop: `1px solid ${ink.rule}` }} />
          <ReviewPane designer={designer} />
        </Pane>
      </Panes>
      <Steps label="Parts of the session" steps={steps} value={step} onChange={setStep} />
    </Page>
  );
}

/** The session designer. */
export function DesignerScreen(): ReactNode {
  const { id = '' } = useParams();
  const { opened, error, again } = useOpenedSession(id);
  if (error)
    return (
      <Blank title="This session cannot be opened">
        <p>{error.message}</p>
        <Act onPress={again}>Try again</Act>
      </Blank>
    );
  if (!opened) return <Blank title="Opening the session…" />;
  return <Table key={opened.stored.id} opened={opened} />;
}
