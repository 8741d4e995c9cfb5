import { appraise } from '@drimbo/core';
import { makeSheet, type Sheet, type SheetLine } from '@drimbo/core/formats/sheet';
import { mustAskFirst } from '@drimbo/core/session/client';
import { useEffect, useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { createGlobalStyle, styled } from 'styled-components';
import { contextOf, useOpenedSession } from '../../state/use-opened';
import { Act } from '../../parts/act';
import { Blank } from '../../parts/blank';
import { ink, narrow, wide } from '../../look/theme';
import { tokensOf } from '../../look/tokens';

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
const MM = 96 / 25.4;
/** Printable size inside the margins, CSS pixels. */
const printable: Record<Paper, { width: number; height: number }> = {
  A4: { width: (210 - 24) * MM, height: (297 - 22) * MM },
  Letter: { width: (215.9 - 24) * MM, height: (279.4 - 22) * MM },
};
const LARGEST = 19;
const SMALLEST = 12.5;

const PageBox = styled.article<{ $paper: Paper; $base: number }>`
  width: ${(p) => printable[p.$paper].width}px;
  margin: 0 auto 32px;
  /* Paper is white whatever the theme. */
  ${tokensOf('light')}
  color: ${ink.ink};
  background: #fff;
  padding: 9mm;
  font-size: ${(p) => p.$base}px;
  line-height: 1.24;
  box-sizing: content-box;
  @media screen {
    border: 1px solid ${ink.rule};
  }
  @media screen and (max-width: 800px) {
    width: auto;
    padding: 16px;
    font-size: 16px;
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
    gap: 16px;
    border-bottom: 2px solid ${ink.ink};
    padding-bottom: 3px;
    h1 {
      font-size: 1.5em;
      font-weight: 740;
      line-height: 1.1;
      ${wide}
    }
    p {
      font-weight: 600;
      text-align: right;
      ${narrow}
    }
    .date {
      display: block;
      font-weight: 420;
    }
    .date i {
      display: inline-block;
      width: 8em;
      border-bottom: 1px solid ${ink.ink};
    }
  }
  .warm {
    padding: 4px 0;
    border-bottom: 1px solid ${ink.rule};
  }
  .stop {
    border: 1.5px solid ${ink.ink};
    padding: 3px 8px;
    margin-top: 6px;
    ${narrow}
  }
  .foot {
    margin-top: 5px;
    ${narrow}
  }
`;
const Lift = styled.li`
  display: grid;
  grid-template-columns: 1.16fr 1fr;
  gap: 0 14px;
  padding: 0.34em 0;
  border-bottom: 1px solid ${ink.rule};
  break-inside: avoid;
  h2 {
    font-size: 1.1em;
    font-weight: 720;
    line-height: 1.15;
    display: inline;
  }
  .setup {
    ${narrow}
  }
  .figures {
    font-size: 1.34em;
    font-weight: 730;
    line-height: 1.2;
  }
  .figures span {
    font-weight: 460;
  }
  .cues {
    ${narrow}
  }
  .cues li {
    padding-left: 0.8em;
    text-indent: -0.8em;
  }
  .cues li::before {
    content: '– ';
  }
  .done {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2em 0.9em;
    align-items: end;
    padding-top: 0.15em;
    ${narrow}
  }
  .done span {
    display: inline-flex;
    gap: 0.3em;
    align-items: end;
  }
  .done i {
    font-style: normal;
    font-size: 0.8em;
    color: ${ink.soft};
  }
  .done b {
    width: 2.9em;
    height: 1.35em;
    border-bottom: 1px solid ${ink.ink};
  }
  @media screen and (max-width: 560px) {
    grid-template-columns: 1fr;
  }
`;
const How = styled.p`
  font-weight: 650;
  padding-top: 0.3em;
`;

function OneLift({ line }: { line: SheetLine }): ReactNode {
  return (
    <Lift>
      <div>
        <h2>{line.name}</h2>
        {line.setup && <span className="setup"> {line.setup}</span>}
        <p className="figures">
          {line.sets}{' '}
          {line.findsLoad ? (
            <span>at a load the first set finds</span>
          ) : (
            line.load && (
              <>
                <span>at</span> {line.load}
              </>
            )
          )}
        </p>
        {line.how && <p>{line.how}</p>}
        {line.reserve && <p>{line.reserve}.</p>}
        <p>
          Rest: {line.rest}.{line.ramp && ` Ramp: ${line.ramp}.`}
        </p>
        {line.tempo && <p>Tempo {line.tempo}.</p>}
        {line.note && <p className="setup">{line.note}</p>}
        <p className="done" aria-label={`Done, ${line.name}`}>
          Done:
          {line.done.map(({ set, figures }) => (
            <span key={set}>
              {line.done.length > 1 && <i>{set}</i>}
              {Array.from({ length: figures }, (_, i) => (
                <b key={i} />
              ))}
            </span>
          ))}
        </p>
      </div>
      <ul className="cues">
        {line.cues.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
    </Lift>
  );
}

/** The page, set as large as one side of the paper allows. */
function SheetPaper({ sheet, paper }: { sheet: Sheet; paper: Paper }): ReactNode {
  const page = useRef<HTMLElement>(null);
  const [base, setBase] = useState(LARGEST);
  useLayoutEffect(() => {
    const element = page.current!;
    const fit = (): void => {
      const padding = 18 * MM;
      let size = LARGEST;
      for (; size > SMALLEST; size -= 0.25) {
        element.style.fontSize = `${size}px`;
        if (element.scrollHeight - padding <= printable[paper].height - 8) break;
      }
      element.style.fontSize = '';
      setBase(size);
    };
    fit();
    void document.fonts.ready.then(fit);
  }, [sheet, paper]);
  return (
    <PageBox ref={page} $paper={paper} $base={base} data-testid="sheet" data-base={base}>
      <header>
        <h1>{sheet.title}</h1>
        <p>
          {sheet.client} · {sheet.where} · {sheet.minutes}
          <span className="date">
            {sheet.date || (
              <>
                Date <i aria-hidden />
              </>
            )}
          </span>
        </p>
      </header>
      <div className="warm">
        {sheet.warmup.length > 0 && (
          <p>
            <strong>Warm-up:</strong>{' '}
            {sheet.warmup.map((w) => `${w.name.toLowerCase()} ${w.dose}`).join(', ')}.
          </p>
        )}
        {sheet.tempo && (
          <p>
            <strong>Tempo</strong> {sheet.tempo}.
          </p>
        )}
      </div>
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
      <p className="foot">
        {sheet.before} {sheet.medical}
      </p>
    </PageBox>
  );
}

/** The page a client trains from. */
export function SheetScreen(): ReactNode {
  const { id = '' } = useParams();
  const { opened, error, again } = useOpenedSession(id);
  const [paper, setPaper] = useState<Paper>('A4');
  const title = opened?.stored.document.title;
  useEffect(() => {
    if (title) document.title = `${title}, sheet · Drimbo`;
  }, [title]);
  const sheet = useMemo(() => {
    if (!opened) return null;
    const { document } = opened.stored;
    const context = contextOf(document, opened);
    return makeSheet(document, appraise(document, context), context);
  }, [opened]);
  if (error)
    return (
      <Blank title="This sheet cannot be shown">
        <p>{error.message}</p>
        <Act onPress={again}>Try again</Act>
      </Blank>
    );
  if (!opened) return <Blank title="Opening the sheet…" />;
  const session = opened.stored.document;
  const blocked = mustAskFirst(opened.file.document);
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
      {sheet && <SheetPaper sheet={sheet} paper={paper} />}
    </>
  );
}
