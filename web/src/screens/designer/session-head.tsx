import { UndoButtons } from '../shared/undoing';
import type { Stored } from '@drimbo/core/contract';
import { groupIds, groupNames, regionIds, regions } from '@drimbo/core/anatomy';
import { schools } from '@drimbo/core/schools';
import { handingOver } from '@drimbo/core/measure';
import {
  dayKindNames,
  dayKinds,
  type Emphasis,
  kindOf,
  mustAskFirst,
  schoolIds,
  type Session,
} from '@drimbo/core/session';
import { CalendarDays, ClipboardCheck, FileText, Play, Printer } from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';

import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import type { ToFloor } from './to-floor';
import type { Kit } from '@drimbo/core/kit';
import { Button } from '../../parts/button';
import { ink, size, wide } from '../../look/theme';
import { AdaptButton } from './adapt-button';
import { LinkButton } from '../../parts/link-button';
import { Menu } from '../../parts/menu';
import { Select } from '../../parts/select';
import type { SelectProps } from '../../parts/select-model';
import { Switch } from '../../parts/switch';
import { TextField } from '../../parts/text-field';
import { Cell } from '../../parts/cell';

const LogDialog = lazy(() => import('./log-dialog').then((m) => ({ default: m.LogDialog })));
const HandOver = lazy(() => import('./hand-over').then((m) => ({ default: m.HandOver })));

const Bar = styled.header`
  padding: 8px 0;
  display: grid;
  gap: 2px;
  .first {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  @media (max-width: 1000px) {
    .first {
      flex-wrap: wrap;
      > :first-child {
        flex-basis: 100% !important;
      }
    }
  }
`;
const TitleBox = styled(TextField)`
  input {
    font-size: 22px;
    font-weight: 720;
    ${wide}
    border: 1px solid transparent;
    border-radius: 3px;
    background: transparent;
    padding: 0 6px;
    margin-left: -6px;
    width: 100%;
    min-width: 0;
    text-overflow: ellipsis;
  }
  input:hover {
    border-color: ${ink.rule};
  }
`;
const Facts = styled.div`
  display: flex;
  align-items: center;
  gap: 4px 12px;
  font-size: ${size.small};
  color: ${ink.soft};
  white-space: nowrap;
  @media (max-width: 1000px) {
    flex-wrap: wrap;
  }
  label,
  .fact {
    display: inline-flex;
    align-items: center;
    gap: 4px;
  }
  .react-aria-Select > .react-aria-Button {
    color: ${ink.ink};
    max-width: 210px;
  }
`;
const SaveWord = styled.span`
  font-size: ${size.fine};
  color: ${ink.soft};
  min-width: 56px;
  text-align: right;
  white-space: nowrap;
`;

const emphases: Emphasis[] = [
  ...groupIds,
  ...regionIds.filter((id) => ['pecUpper', 'pecMiddle', 'pecLower', 'triLong'].includes(id)),
];
const emphasisName = (e: Emphasis): string =>
  (groupIds as readonly string[]).includes(e)
    ? groupNames[e as keyof typeof groupNames]
    : regions[e as keyof typeof regions].name;

const saveWords: Record<Designer['save']['is'], string> = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet',
  refused: 'Not saved',
  conflict: 'Not saved',
};

const states: Session['status'][] = ['draft', 'handed over', 'finished'];

function Pick<T extends string>(props: SelectProps<T>): ReactNode {
  return <Select quiet labelPlace="before" {...props} />;
}

function SessionHeadPane({
  designer,
  id,
  kits,
  onText,
  toFloor,
  isLogging,
  showsWeek,
  setShowsWeek,
}: {
  designer: Designer;
  id: string;
  kits: Stored<Kit>[];
  /** Opens the session as text, with what is written there to begin with. */
  onText: (begin: string) => void;
  toFloor: ToFloor;
  isLogging: boolean;
  /** Whether the week it stands in is shown; null for a client without a block. */
  showsWeek: boolean | null;
  setShowsWeek: (shows: boolean) => void;
}): ReactNode {
  const { session, edit, context } = designer;
  const head = (
    patch: Extract<Parameters<Designer['edit']>[0], { do: 'head' }>['patch'],
    says: string,
    key?: string,
  ): void => edit({ do: 'head', patch }, says, key);
  const own = context.schools ?? [];
  const isFinished = session.status === 'finished';
  const log = (): void => toFloor.log(isFinished);
  const [handing, setHanding] = useState(false);
  const stops = designer.appraisal.findings.filter(
    (f) => f.severity === 'stop' && f.dismissed === null && f.rule !== 'ask-first',
  ).length;
  return (
    <Bar>
      <div className="first">
        <div style={{ flex: 1, minWidth: 0 }}>
          <h1 className="unseen">{session.title}</h1>
          <TitleBox
            label="Title of the session"
            labelPlace="unseen"
            value={session.title}
            maxLength={120}
            onChange={(title) => {
              if (title.trim() !== '') head({ title }, 'title', 'title');
            }}
          />
        </div>
        <SaveWord role="status" data-testid="save-state">
          {saveWords[designer.save.is]}
        </SaveWord>
        <Button kind="quiet" onPress={log}>
          <ClipboardCheck size={15} aria-hidden /> {isFinished ? 'Done' : 'Log it'}
        </Button>
        {!isFinished && (
          <Menu
            label="Run it"
            trigger={
              <Button kind="quiet">
                <Play size={15} aria-hidden /> Run it
              </Button>
            }
            groups={[
              {
                items: [
                  { id: 'here', words: 'On the floor, here', does: toFloor.here },
                  { id: 'link', words: 'A link for the client’s phone…', does: toFloor.byLink },
                  { id: 'rehearse', words: 'Rehearse it a thousand times…', does: toFloor.rehearse },
                ],
              },
            ]}
          />
        )}
        {showsWeek !== null && (
          <Button kind="quiet" aria-expanded={showsWeek} onPress={() => setShowsWeek(!showsWeek)}>
            <CalendarDays size={15} aria-hidden /> Week
          </Button>
        )}
        <AdaptButton designer={designer} />
        <Button kind="quiet" onPress={() => onText('')}>
          <FileText size={15} aria-hidden /> Text
        </Button>
        <UndoButtons {...designer} />
        <LinkButton kind="strong" to={`/sessions/${id}/sheet`} data-testid="to-sheet">
          <Printer size={15} aria-hidden /> Print sheet
        </LinkButton>
      </div>
      <Facts>
        <Link to={`/clients/${session.clientId}`} style={{ color: ink.ink, fontWeight: 650 }}>
          {context.client.name}
        </Link>
        <span className="fact">
          <span>Time</span>
          <span style={{ width: 58 }}>
            <Cell
              label="Minutes the client has"
              strong
              testId="cell-minutes"
              text={`${session.minutes} min`}
              read={(t) => {
                const n = Number(/^\s*(\d{2,3})\s*(?:m|min|minutes)?\s*$/.exec(t)?.[1] ?? NaN);
                return n >= 10 && n <= 240 ? n : null;
              }}
              hint="Whole minutes, 10 to 240"
              take={(minutes) => head({ minutes }, 'minutes', 'minutes')}
            />
          </span>
        </span>
        <Pick
          label="For"
          value={session.emphasis}
          options={[...new Set([...emphases, session.emphasis])].map((e) => [
            e,
            emphasisName(e).toLowerCase(),
          ])}
          onChange={(emphasis) => emphasis && head({ emphasis }, 'emphasis')}
        />
        <Pick
          label="Day"
          value={session.kind ?? null}
          none={dayKindNames[kindOf(session)].toLowerCase()}
          options={dayKinds.map((kind) => [kind, dayKindNames[kind].toLowerCase()])}
          onChange={(kind) => head({ kind: kind ?? undefined }, 'kind of day')}
        />
        <Pick
          label="School"
          value={session.school}
          options={schoolIds.map((s) => [s, schools[s].name])}
          groups={own.length > 0 ? [{ name: 'Your own', options: own.map((s) => [s.id, s.name]) }] : []}
          onChange={(school) => school && head({ school }, 'school')}
        />
        <Pick
          label="Gym"
          value={session.kitId}
          options={kits.map((k) => [k.id, k.document.name])}
          onChange={(kitId) => kitId && head({ kitId }, 'kit')}
        />
        <Pick
          label="State"
          value={session.status}
          options={states.map((s) => [s, s])}
          refused={mustAskFirst(context.client, context.todayIso) ? ['handed over'] : []}
          onChange={(status) => {
            if (status === 'handed over' && stops > 0) setHanding(true);
            else if (status === 'finished') log();
            else if (status === 'handed over') designer.edit(handingOver(designer.appraisal), 'hand over');
            else if (status) head({ status }, 'state');
          }}
        />
        <Switch isOn={session.spotter} onChange={(spotter) => head({ spotter }, 'spotter')}>
          Spotter
        </Switch>
      </Facts>
      <Suspense fallback={null}>
        {isLogging && <LogDialog designer={designer} id={id} close={toFloor.closeLog} />}
        {handing && <HandOver designer={designer} stops={stops} onClose={() => setHanding(false)} />}
      </Suspense>
    </Bar>
  );
}

/** Title, client, frame of the session, undo, the state of saving, and the way to the sheet. */
export const SessionHead = drawsAgain(SessionHeadPane, ...work, 'findings', 'saving', 'undoing');
