import { daysBetween } from '@drimbo/core/units';
import { placed } from '@drimbo/core/block';
import { lazy, Suspense, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { removeDocument } from '../../data/documents';
import { ink, size } from '../../look/theme';
import { Ask } from '../../parts/ask';
import { Blank } from '../../parts/blank';
import { Button } from '../../parts/button';
import { Failed } from '../../parts/failed';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Tabs } from '../../parts/tabs';
import { TextField } from '../../parts/text-field';
import { tell } from '../../parts/toast';
import { useOpenedBlock, type OpenedBlock } from '../../state/opened-block';
import { useBlock } from '../../state/use-block';
import { Conflict } from '../shared/conflict';
import { afterDeleting } from '../shared/undo-delete';
import { UndoOfPage } from '../shared/undoing';
import { DayPane } from './day-pane';
import { Findings } from './findings';
import { Grid } from './grid';
import { MovementsTable } from './movements-table';
import { WeekPane } from './week-pane';
import { dayWords, sheetsOf } from './words';

const Settings = lazy(() => import('./settings').then((m) => ({ default: m.Settings })));
const LifeDialog = lazy(() => import('./life-dialog').then((m) => ({ default: m.LifeDialog })));
const CalendarDialog = lazy(() => import('./calendar-dialog').then((m) => ({ default: m.CalendarDialog })));

const Page = styled.div`
  max-width: 1920px;
  margin: 0 auto;
  padding: 10px 16px 32px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  > header {
    > :first-child {
      width: min(320px, 100%);
    }
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 6px 12px;
  }
  .state {
    flex: 1 1 220px;
    min-width: 0;
    color: ${ink.soft};
    font-size: ${size.fine};
    padding-bottom: 7px;
  }
  .panes {
    display: grid;
    grid-template-columns: minmax(0, 1.75fr) minmax(300px, 1fr);
    gap: 10px;
    align-items: start;
  }
  @media (max-width: 900px) {
    .panes {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

type Tab = 'week' | 'day' | 'movements' | 'settings';

/** The week of today within a block, or the nearest one. */
const weekOf = (startsOn: string, today: string, weeks: number): number =>
  Math.max(0, Math.min(weeks - 1, Math.floor(daysBetween(startsOn, today) / 7)));

function Desk({ opened, id }: { opened: OpenedBlock; id: string }): ReactNode {
  const desk = useBlock(opened);
  const { block, appraisal, context } = desk;
  const go = useNavigate();
  const [tab, setTab] = useState<Tab>('week');
  const [week, setWeek] = useState(() => weekOf(block.startsOn, context.todayIso, block.weeks.length));
  const [day, setDay] = useState<number | null>(null);
  const [asking, setAsking] = useState<'life' | 'calendar' | null>(null);
  const sheets = useMemo(() => (appraisal ? sheetsOf(appraisal) : null), [appraisal]);
  useEffect(() => {
    document.title = `${block.title} · Drimbo`;
  }, [block.title]);
  const toWeek = (to: number): void => {
    setWeek(to);
    setTab('week');
  };
  const toDay = (to: number): void => {
    setDay(to);
    setTab('day');
    const found = placed(block).find((p) => p.day === to);
    if (found) setWeek(weekOf(block.startsOn, found.date, appraisal?.weeks.length ?? block.weeks.length));
  };
  const remove = (): void => {
    removeDocument('block', id)
      .then(() =>
        afterDeleting({ kind: 'block', id, name: block.title }, () => void go(`/clients/${block.clientId}`)),
      )
      .catch((error: Error) => tell(`The block was not deleted: ${error.message}`));
  };
  const sheet = day === null ? undefined : sheets?.get(day);
  return (
    <Page>
      <header>
        <div>
          <h1 className="unseen">{block.title}</h1>
          <TextField
            label="Block"
            value={block.title}
            maxLength={120}
            onChange={(title) =>
              title.trim() !== '' && desk.take({ block: { title }, sessions: [] }, 'name the block', 'title')
            }
          />
        </div>
        <span className="state">
          <Link to={`/clients/${block.clientId}`}>{context.client.name}</Link>, {dayWords(block.startsOn)} to{' '}
          {appraisal ? dayWords(appraisal.endsOn) : '…'}.{' '}
          <span role="status" data-testid="save-state">
            {desk.says}
          </span>
        </span>
        <Button onPress={() => setAsking('life')}>Something comes between…</Button>
        <Button onPress={() => setAsking('calendar')}>Calendar…</Button>
        <UndoOfPage {...desk} />
        <Ask
          asks={`Delete “${block.title}”?`}
          does="Delete the block"
          keeps="Keep it"
          onYes={remove}
          kind="quiet"
          about={<p>Its sessions stay. For thirty days the block can be brought back, on the page Data.</p>}
        >
          Delete…
        </Ask>
      </header>
      <Conflict conflict={desk.conflict} unit={context.client.unit} />
      <Suspense fallback={null}>
        {asking === 'life' && <LifeDialog desk={desk} close={() => setAsking(null)} />}
        {asking === 'calendar' && <CalendarDialog desk={desk} id={id} close={() => setAsking(null)} />}
      </Suspense>
      <Sheet>
        <SheetHead style={{ paddingBottom: 2 }}>
          <h2>Weeks across, days down</h2>
          <span>in each day its sets and top load; drag a day, or Space and arrows</span>
        </SheetHead>
        <Grid desk={desk} week={week} onWeek={toWeek} day={day} onDay={toDay} />
      </Sheet>
      <div className="panes">
        <Sheet style={{ minHeight: 220, display: 'flex', flexDirection: 'column' }}>
          <Tabs<Tab>
            label="About this block"
            value={tab}
            onChange={setTab}
            tabs={[
              {
                id: 'week',
                name: `Week ${week + 1}`,
                shows: () =>
                  appraisal?.weeks[week] ? (
                    <div style={{ paddingTop: 10 }}>
                      <WeekPane week={appraisal.weeks[week]!} today={context.todayIso} onDay={toDay} />
                    </div>
                  ) : (
                    <p style={{ padding: 12, color: ink.soft }}>Measuring…</p>
                  ),
              },
              {
                id: 'day',
                name: sheet ? sheet.name : 'Day',
                shows: () =>
                  sheet ? (
                    <div style={{ paddingTop: 10 }}>
                      <DayPane desk={desk} sheet={sheet} />
                    </div>
                  ) : (
                    <p style={{ padding: 12, color: ink.soft }}>
                      Press a day to see what its week makes of it.
                    </p>
                  ),
              },
              { id: 'movements', name: 'Movements', shows: () => <MovementsTable desk={desk} /> },
              { id: 'settings', name: 'Split, weeks, progression', shows: () => <Settings desk={desk} /> },
            ]}
          />
        </Sheet>
        <Sheet>
          <SheetHead>
            <h2>Review of the weeks to come</h2>
            <span>{appraisal ? appraisal.findings.filter((f) => f.dismissed === null).length : ''}</span>
          </SheetHead>
          <Findings desk={desk} onWeek={toWeek} />
        </Sheet>
      </div>
    </Page>
  );
}

/** The block at a glance: every day of every week, what the weeks give, and what speaks against them. */
export function BlockScreen(): ReactNode {
  const { id = '' } = useParams();
  const { opened, error, again } = useOpenedBlock(id);
  if (error) return <Failed what="This block cannot be opened" error={error} again={again} />;
  if (!opened) return <Blank title="Opening the block…" />;
  return <Desk key={id} opened={opened} id={id} />;
}
