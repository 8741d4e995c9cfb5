import type { Stored } from '@drimbo/core/contract';
import { schoolKind } from '@drimbo/core/documents';
import { type SchoolDocument, schools } from '@drimbo/core/schools';
import { ruleTitle } from '@drimbo/core/review';
import { moduleOf, type SchoolId } from '@drimbo/core/session';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { styled } from 'styled-components';
import { isRefused } from '../../data/api';
import { putDocument, removeDocument } from '../../data/documents';
import { queryClient, useSchools } from '../../data/queries';
import { copySchool } from '../../data/schools';
import { saveFile } from '../../data/save-file';
import { Ask } from '../../parts/ask';
import { Blank } from '../../parts/blank';
import { Button } from '../../parts/button';
import { Failed } from '../../parts/failed';
import { SheetsPage } from '../../parts/pages';
import { Sheet, Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { afterDeleting } from '../shared/undo-delete';
import { JudgementTabs } from '../rules/judgement-tabs';
import { Dose } from './dose';
import { Schemes, Sets } from './sets';
import { useKeptDraft } from './use-kept-draft';
import { Voices } from './voices';
import { WhatChanges } from './what-changes';

const Facts = styled.dl`
  display: grid;
  grid-template-columns: minmax(120px, 200px) minmax(0, 1fr);
  margin: 0;
  padding: 4px 14px 12px;
  font-size: ${size.small};
  dt,
  dd {
    margin: 0;
    padding: 6px 0;
    border-top: 1px solid ${ink.hush};
  }
  dt {
    color: ${ink.soft};
  }
`;

const fileName = (name: string): string => `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.school.json`;

/** What is wrong with a school as it is written; null where it can be kept. */
function against(document: SchoolDocument): string | null {
  const issue = schoolKind.any.safeParse(document).error?.issues[0];
  return issue ? `${issue.path.join(', ')}: ${issue.message}` : null;
}

/** One of the coach's own schools: changed on this page first, and kept when the coach says so. */
function Own({ stored }: { stored: Stored<SchoolDocument> }): ReactNode {
  const go = useNavigate();
  const { draft, change, drop, isChanged } = useKeptDraft(stored);
  const [says, setSays] = useState('');
  const [clientId, setClientId] = useState<string | null>(null);
  useEffect(() => {
    document.title = `${draft.name} · Drimbo`;
  }, [draft.name]);
  const wrong = against(draft);
  const asSchool = useMemo(() => ({ ...draft, id: stored.id }), [draft, stored.id]);
  const keep = (): void => {
    setSays('Keeping…');
    putDocument('school', stored.id, stored.revision, draft).then(
      async () => {
        drop();
        await queryClient.invalidateQueries({ queryKey: ['schools'] });
        setSays('Kept');
      },
      async (error: Error) => {
        if (isRefused(error, 'stale')) await queryClient.invalidateQueries({ queryKey: ['schools'] });
        setSays(`Not kept: ${error.message}`);
      },
    );
  };
  const remove = (): void => {
    removeDocument('school', stored.id, { revision: stored.revision })
      .then(() =>
        afterDeleting({ kind: 'school', id: stored.id, name: stored.document.name }, () => {
          drop();
          void go('/schools');
        }),
      )
      .catch((error: Error) => setSays(error.message));
  };
  return (
    <SheetsPage $columns="1fr 1fr 1.15fr">
      <JudgementTabs />
      <header>
        <Title>{draft.name}</Title>
        <p role="status">{wrong ?? (says || (isChanged ? 'Changed, not kept yet' : ''))}</p>
        <Button kind="strong" isDisabled={!isChanged || wrong !== null} onPress={keep}>
          Keep the change
        </Button>
        <Button isDisabled={!isChanged} onPress={drop}>
          Back to what was kept
        </Button>
        <Button onPress={() => saveFile(fileName(draft.name), JSON.stringify(stored.document, null, 2))}>
          Save as a file
        </Button>
        <Ask
          asks={`Delete ${stored.document.name}?`}
          does="Delete"
          keeps="Keep"
          about={
            <p>
              For thirty days it can be brought back, on the page Data. Sessions judged by it keep it from
              being deleted.
            </p>
          }
          onYes={remove}
        >
          Delete…
        </Ask>
      </header>
      <div className="sheets">
        <Dose school={draft} change={change} />
        <div className="column">
          <Sets school={draft} change={change} />
          <Schemes school={draft} change={change} />
        </div>
        <div className="column">
          <WhatChanges draft={asSchool} clientId={clientId} onClient={setClientId} />
          <Voices school={draft} change={change} />
        </div>
      </div>
    </SheetsPage>
  );
}

/** A school that ships: to be read, and copied. */
function Shipped({ id }: { id: SchoolId }): ReactNode {
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  const school = schools[id];
  useEffect(() => {
    document.title = `${school.name} · Drimbo`;
  }, [school]);
  const copy = (): void => {
    copySchool(school).then(
      (copied) => void go(`/schools/${copied}`),
      (error: Error) => setWrong(error.message),
    );
  };
  const voices = Object.entries(school.voices);
  return (
    <SheetsPage $columns="1fr">
      <JudgementTabs />
      <header>
        <Title>{school.name}</Title>
        <p>{school.line}</p>
        <Button kind="strong" onPress={copy}>
          Copy it to change it
        </Button>
      </header>
      {wrong && <p role="alert">{wrong}</p>}
      <Sheet>
        <Facts>
          <dt>Hard sets</dt>
          <dd>
            {school.mainBand.lo}–{school.mainBand.hi} for what the session is for, {school.bands.chest.lo}–
            {school.bands.chest.hi} for what else is trained
            {school.forNovices ? ', written for the first year' : ''}
          </dd>
          <dt>Repetitions</dt>
          <dd>
            {school.homes.first.lo}–{school.homes.first.hi} on the first heavy lift, {school.homes.others.lo}–
            {school.homes.others.hi} on the others
          </dd>
          <dt>Movements</dt>
          <dd>{school.mostMovements} at most</dd>
          <dt>Rests</dt>
          <dd>
            no shorter than {school.restFloorS.compound} s, {school.restFloorS.isolation} s on single joints
          </dd>
          <dt>What a set counts</dt>
          <dd>
            a hard set leaves at most {school.counting.hardReserve}; a further stage counts{' '}
            {school.counting.furtherStage.toFixed(2)}, a burn-out {school.counting.burnOut}
          </dd>
          <dt>Usual ways of doing sets</dt>
          <dd>{school.schemes.map((kind) => moduleOf({ kind }).name.toLowerCase()).join(', ')}</dd>
          <dt>Rules heard otherwise</dt>
          <dd>
            {voices.length === 0 && 'none'}
            {voices.map(([rule, voice]) => (
              <span key={rule} style={{ display: 'block' }}>
                <Link to={`/rules/${rule}`}>{ruleTitle(rule)}</Link>: {voice === 'off' ? 'silent' : voice}
              </span>
            ))}
          </dd>
        </Facts>
      </Sheet>
    </SheetsPage>
  );
}

/** One school. */
export function SchoolScreen(): ReactNode {
  const { id = '' } = useParams();
  const own = useSchools();
  if (id in schools) return <Shipped id={id as SchoolId} />;
  if (own.error)
    return <Failed what="The school cannot be opened" error={own.error} again={() => void own.refetch()} />;
  if (!own.data) return <Blank title="Opening the school…" />;
  const stored = own.data.find((s) => s.id === id);
  if (!stored)
    return (
      <Blank title="There is no school at this address">
        <Link to="/schools">To the schools</Link>
      </Blank>
    );
  return <Own key={stored.id} stored={stored} />;
}
