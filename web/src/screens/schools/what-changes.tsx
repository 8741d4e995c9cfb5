import { groupNames } from '@drimbo/core/anatomy';
import { type Finding, rejudged } from '@drimbo/core/review';
import { type School, schoolOf } from '@drimbo/core/schools';
import { useQueries } from '@tanstack/react-query';
import { useMemo, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { documentOf } from '../../data/documents';
import { useClientFile, useClientNames, useKits, useSchools, useSessions } from '../../data/queries';
import { useNotebook } from '../../state/notebook';
import { contextOf } from '../../state/use-opened';
import { ComboBox } from '../../parts/combo-box';
import { Mark } from '../../parts/mark';
import { Sheet, SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';

const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  h3 {
    font-size: ${size.small};
    margin: 8px 0 2px;
  }
  p {
    margin: 2px 0;
  }
  .soft {
    color: ${ink.soft};
  }
`;

const One = ({ says, finding }: { says: string; finding: Finding }): ReactNode => (
  <p>
    <Mark severity={finding.severity} wordless /> <b>{says}</b> {finding.what}
  </p>
);

/** What a school as it is written here says differently of the open sessions of a client, before it is kept. */
export function WhatChanges({
  draft,
  clientId,
  onClient,
}: {
  draft: School;
  clientId: string | null;
  onClient: (id: string | null) => void;
}): ReactNode {
  const names = useClientNames().data ?? [];
  const drafts = useSessions('', 'state', 'draft').rows;
  const withDraft = drafts.flatMap((row) => ('why' in row ? [] : [row.client.id]))[0];
  const chosen = clientId ?? withDraft ?? names[0]?.id ?? null;
  const file = useClientFile(chosen ?? undefined).data;
  const kits = useKits().data;
  const own = useSchools().data;
  const notebook = useNotebook().data?.document;
  const open = file?.sessions.filter((s) => s.status !== 'finished') ?? [];
  const sessions = useQueries({
    queries: open.map(({ id }) => ({
      queryKey: ['session', id, 'school'],
      queryFn: () => documentOf('session', id),
    })),
  }).flatMap((q) => q.data ?? []);
  const ids = sessions.map((s) => `${s.id} ${s.revision}`).join();
  const told = useMemo(() => {
    if (!file || !kits || !own || !notebook) return [];
    return sessions.map(({ id, document }) => {
      const context = contextOf(document, { file, kits, notebook, schools: own });
      const now = schoolOf(document.school, context.schools);
      return { id, title: document.title, now, change: rejudged(document, context, now, draft) };
    });
    // The sessions are the same as long as their revisions are.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [ids, file, kits, own, notebook, draft]);
  return (
    <Sheet>
      <SheetHead>
        <h2>What it changes</h2>
      </SheetHead>
      <Body>
        <ComboBox
          label="Open sessions of"
          value={chosen ?? ''}
          options={names.map((c): [string, string] => [c.id, c.name])}
          onChange={(id) => onClient(id)}
        />
        {told.length === 0 && <p className="soft">No open session of this client.</p>}
        {told.map(({ id, title, now, change }) => {
          const nothing = Object.values(change).every((list: readonly unknown[]) => list.length === 0);
          return (
            <section key={id} aria-label={title}>
              <h3>
                <Link to={`/sessions/${id}`}>{title}</Link>{' '}
                <span className="soft">
                  {now.id === draft.id
                    ? 'judged by it'
                    : `now by ${now.name.toLowerCase()}; if judged by this`}
                </span>
              </h3>
              {nothing && <p className="soft">Nothing changes.</p>}
              {change.dose.map((d) => (
                <p key={d.group}>
                  {groupNames[d.group]}: {d.was} becomes {d.is}
                </p>
              ))}
              {change.comes.map((f) => (
                <One key={f.key} says="Comes:" finding={f} />
              ))}
              {change.gone.map((f) => (
                <One key={f.key} says="Goes:" finding={f} />
              ))}
              {change.turned.map(({ finding, was }) => (
                <One key={finding.key} says={`From ${was} to ${finding.severity}:`} finding={finding} />
              ))}
            </section>
          );
        })}
      </Body>
    </Sheet>
  );
}
