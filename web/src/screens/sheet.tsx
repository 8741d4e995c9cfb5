import { appraise, type Context } from '@drimbo/core';
import { makeSheet, type Sheet, type SheetLine } from '@drimbo/core/formats/sheet';
import { mustAskFirst } from '@drimbo/core/session/client';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { createGlobalStyle, styled } from 'styled-components';
import { todayIso, useClientFile, useKits, useStoredSession } from '../data/queries';
import { Act, Blank } from '../look/parts';
import { ink, narrow, wide } from '../look/theme';

type Paper = 'A4' | 'Letter';

const PageRule = createGlobalStyle<{ $paper: Paper }>`
  @page { size: ${(p) => p.$paper}; margin: 11mm 12mm; }
  @media print {
    html, body { background: #fff; }
    .no-print { display: none !important; }
  }
`;
const Bar = styled.div`
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: center;
  padding: 12px;
  label {
    display: inline-flex;
    gap: 5px;
  }
`;
const PageBox = styled.article<{ $paper: Paper; $tight: boolean }>`
  width: ${(p) => (p.$paper === 'A4' ? '186mm' : '7.55in')};
  margin: 0 auto 32px;
  background: #fff;
  padding: 9mm 9mm 6mm;
  font-size: ${(p) => (p.$tight ? '12.6px' : '14px')};
  line-height: 1.32;
  box-sizing: content-box;
  @media screen {
    border: 1px solid ${ink.rule};
  }
  @media (max-width: 760px) {
    width: auto;
    padding: 16px;
  }
  @media print {
    width: auto;
    margin: 0;
    padding: 0;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    border-bottom: 2px solid ${ink.ink};
    padding-bottom: 5px;
    h1 {
      font-size: 1.8em;
      font-weight: 740;
      ${wide}
    }
    p {
      font-weight: 600;
    }
  }
  .warm {
    padding: 6px 0;
    border-bottom: 1px solid ${ink.rule};
  }
  .foot {
    font-size: 0.84em;
    display: grid;
    gap: 3px;
    margin-top: 8px;
  }
  .stop {
    border: 1.5px solid ${ink.ink};
    padding: 4px 8px;
    font-size: 0.88em;
    margin-top: 8px;
  }
`;
const Lift = styled.li`
  display: grid;
  grid-template-columns: 1.28fr 1fr;
  gap: 0 18px;
  padding: 0.5em 0;
  border-bottom: 1px solid ${ink.rule};
  break-inside: avoid;
  h2 {
    font-size: 1.22em;
    font-weight: 700;
    line-height: 1.15;
  }
  .setup {
    color: ${ink.soft};
    ${narrow}
  }
  .figures {
    font-size: 1.36em;
    font-weight: 720;
    white-space: nowrap;
    margin-top: 1px;
  }
  .figures span {
    font-weight: 480;
  }
  ul {
    grid-row: 1;
    grid-column: 2;
  }
  li::before {
    content: '– ';
  }
  .small {
    font-size: 0.88em;
  }
`;
const How = styled.p`
  font-weight: 650;
  padding-top: 0.45em;
`;

function OneLift({ line }: { line: SheetLine }): ReactNode {
  return (
    <Lift>
      <div>
        <h2>{line.name}</h2>
        {line.setup && <p className="setup">{line.setup}</p>}
        <p className="figures">
          {line.sets} <span>at</span> {line.load}
        </p>
        <p>{line.reserve}.</p>
        <p>
          Rest: {line.rest}. <span className="small">Tempo {line.tempo}.</span>
        </p>
        {line.ramp && <p className="small">First: {line.ramp}.</p>}
        {line.note && <p className="small">{line.note}</p>}
      </div>
      <ul>
        {line.cues.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
    </Lift>
  );
}

function SheetPaper({ sheet, paper }: { sheet: Sheet; paper: Paper }): ReactNode {
  const lines = sheet.blocks.reduce((n, b) => n + b.lines.length, 0);
  return (
    <PageBox $paper={paper} $tight={lines > 5} data-testid="sheet">
      <header>
        <h1>{sheet.title}</h1>
        <p>
          {sheet.client} · {sheet.where} · {sheet.minutes}
        </p>
      </header>
      {sheet.warmup.length > 0 && (
        <p className="warm">
          <strong>Warm-up:</strong> {sheet.warmup.map((w) => `${w.name.toLowerCase()} ${w.dose}`).join(', ')}.
        </p>
      )}
      <ol>
        {sheet.blocks.map((b, i) => (
          <li key={i} style={{ breakInside: 'avoid' }}>
            {b.how && <How>{b.how}</How>}
            <ol>
              {b.lines.map((l, n) => (
                <OneLift key={n} line={l} />
              ))}
            </ol>
          </li>
        ))}
      </ol>
      <p className="stop">
        <strong>Stop when:</strong> {sheet.stopSigns}
      </p>
      <div className="foot">
        <p>{sheet.before}</p>
        <p>{sheet.medical}</p>
      </div>
    </PageBox>
  );
}

/** The page a client trains from. */
export function SheetScreen(): ReactNode {
  const { id = '' } = useParams();
  const stored = useStoredSession(id);
  const file = useClientFile(stored.data?.document.clientId);
  const kits = useKits();
  const [paper, setPaper] = useState<Paper>('A4');
  const title = stored.data?.document.title;
  useEffect(() => {
    if (title) document.title = `${title}, sheet · Drimbo`;
  }, [title]);
  const error = stored.error ?? file.error ?? kits.error;
  if (error)
    return (
      <Blank title="This sheet cannot be shown">
        <p>{error.message}</p>
        <Act onPress={() => void Promise.all([stored.refetch(), file.refetch(), kits.refetch()])}>
          Try again
        </Act>
      </Blank>
    );
  if (!stored.data || !file.data || !kits.data) return <Blank title="Opening the sheet…" />;
  const session = stored.data.document;
  const kit = (kits.data.find((k) => k.id === session.kitId) ?? kits.data[0]!).document;
  const context: Context = {
    client: file.data.document,
    kit,
    logged: file.data.logged,
    todayIso: todayIso(),
  };
  const sheet = makeSheet(session, appraise(session, context), context);
  const blocked = mustAskFirst(file.data.document);
  return (
    <>
      <PageRule $paper={paper} />
      <Bar className="no-print">
        <Link to={`/sessions/${id}`}>Back to the session</Link>
        <label>
          Paper
          <select value={paper} onChange={(e) => setPaper(e.target.value as Paper)}>
            <option>A4</option>
            <option>Letter</option>
          </select>
        </label>
        {blocked ? (
          <span role="alert">
            Not handed over: nobody has cleared the health screen.{' '}
            <Link to={`/clients/${session.clientId}`}>Record who did</Link>.
          </span>
        ) : (
          <Act kind="strong" onPress={() => window.print()}>
            Print
          </Act>
        )}
      </Bar>
      <SheetPaper sheet={sheet} paper={paper} />
    </>
  );
}
