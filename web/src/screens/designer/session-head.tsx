import { groupIds, groupNames, regionIds, regions } from '@drimbo/core/anatomy/regions';
import { schools } from '@drimbo/core/schools/schools';
import { mustAskFirst } from '@drimbo/core/session/client';
import { schoolIds, type Emphasis, type Session } from '@drimbo/core/session/document';
import { FileText, Printer, Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { Stored } from '../../data/queries';
import type { Designer } from '../../state/use-designer';
import type { Kit } from '@drimbo/core/kit/kit';
import { Act } from '../../parts/act';
import { ink, size, wide } from '../../look/theme';
import { Cell } from './cell';
import { Suit } from './suit';

const Bar = styled.header`
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 8px 0 8px;
  @media (max-width: 1000px) {
    flex-wrap: wrap;
    > :first-child {
      flex-basis: 100% !important;
    }
  }
`;
const TitleBox = styled.input`
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
  &:hover {
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
  select {
    border: 1px solid transparent;
    border-radius: 3px;
    background: transparent;
    font-weight: 600;
    color: ${ink.ink};
    padding: 1px 2px;
    max-width: 170px;
    field-sizing: content;
  }
  select:hover {
    border-color: ${ink.rule};
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

interface PickProps<T extends string> {
  label: string;
  value: T;
  options: [T, string][];
  /** A choice that is shown but cannot be taken now. */
  refused?: T | null;
  take: (value: T) => void;
}

function Pick<T extends string>({ label, value, options, refused = null, take }: PickProps<T>): ReactNode {
  return (
    <label>
      {label}
      <select value={value} onChange={(e) => take(e.target.value as T)}>
        {options.map(([id, name]) => (
          <option key={id} value={id} disabled={id === refused}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Title, client, frame of the session, undo, the state of saving, and the way to the sheet. */
export function SessionHead({
  designer,
  id,
  kits,
  onText,
}: {
  designer: Designer;
  id: string;
  kits: Stored<Kit>[];
  /** Opens the session as text. */
  onText: () => void;
}): ReactNode {
  const { session, edit, context } = designer;
  const head = (
    patch: Extract<Parameters<Designer['edit']>[0], { do: 'head' }>['patch'],
    says: string,
    key?: string,
  ): void => edit({ do: 'head', patch }, says, key);
  return (
    <Bar>
      <div style={{ flex: 1, minWidth: 0 }}>
        <h1 className="unseen">{session.title}</h1>
        <TitleBox
          aria-label="Title of the session"
          value={session.title}
          maxLength={120}
          onChange={(e) => {
            if (e.target.value.trim() !== '') head({ title: e.target.value }, 'title', 'title');
          }}
        />
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
            take={(emphasis) => head({ emphasis }, 'emphasis')}
          />
          <Pick
            label="School"
            value={session.school}
            options={schoolIds.map((s) => [s, schools[s].name])}
            take={(school) => head({ school }, 'school')}
          />
          <Pick
            label="Kit"
            value={session.kitId}
            options={kits.map((k) => [k.id, k.document.name])}
            take={(kitId) => head({ kitId }, 'kit')}
          />
          <Pick
            label="State"
            value={session.status}
            options={states.map((s) => [s, s])}
            refused={mustAskFirst(context.client) ? 'handed over' : null}
            take={(status) => head({ status }, 'state')}
          />
          <label>
            <input
              type="checkbox"
              checked={session.spotter}
              onChange={(e) => head({ spotter: e.target.checked }, 'spotter')}
            />
            Spotter
          </label>
        </Facts>
      </div>
      <SaveWord role="status" data-testid="save-state">
        {saveWords[designer.save.is]}
      </SaveWord>
      <Suit designer={designer} />
      <Act kind="quiet" onPress={onText}>
        <FileText size={15} aria-hidden /> Text
      </Act>
      <Act
        aria-label={designer.canUndo ? `Undo ${designer.canUndo}` : 'Undo'}
        isDisabled={!designer.canUndo}
        onPress={designer.undo}
      >
        <Undo2 size={15} aria-hidden /> Undo
      </Act>
      <Act
        aria-label={designer.canRedo ? `Redo ${designer.canRedo}` : 'Redo'}
        isDisabled={!designer.canRedo}
        onPress={designer.redo}
      >
        <Redo2 size={15} aria-hidden /> Redo
      </Act>
      <Link
        to={`/sessions/${id}/sheet`}
        style={{ textDecoration: 'none' }}
        data-testid="to-sheet"
        className="to-sheet"
      >
        <SheetButton>
          <Printer size={15} aria-hidden /> Print sheet
        </SheetButton>
      </Link>
    </Bar>
  );
}

const SheetButton = styled.span`
  display: inline-flex;
  gap: 6px;
  align-items: center;
  background: ${ink.ink};
  color: ${ink.sheet};
  border-radius: 3px;
  padding: 6px 12px;
  font-weight: 600;
  font-size: ${size.small};
  min-height: 30px;
`;
