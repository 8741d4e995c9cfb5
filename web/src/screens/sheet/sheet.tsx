import { appraiseAtOnce } from '@drimbo/core';
import { makeSheet, type Sheet, type SheetLine } from '@drimbo/core/formats';
import { mustAskFirst } from '@drimbo/core/session';
import { useEffect, useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { todayIso } from '../../data/queries';
import { contextOf, useOpenedSession } from '../../state/use-opened';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { largest } from './largest';
import {
  type Paper,
  PageRule,
  Bar,
  printable,
  LARGEST,
  SMALLEST,
  PageBox,
  Lift,
  How,
  MM,
} from './sheet-look';

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
    const room = printable[paper].height - 8 + 18 * MM;
    const fit = (): void => {
      const size = largest(SMALLEST, LARGEST, (px) => {
        element.style.fontSize = `${px}px`;
        return element.scrollHeight <= room;
      });
      element.style.fontSize = '';
      setBase(size);
    };
    fit();
    if (document.fonts.status !== 'loaded') void document.fonts.ready.then(fit);
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
  const made = useMemo(() => {
    if (!opened) return null;
    const { document } = opened.stored;
    const context = contextOf(document, opened);
    const appraisal = appraiseAtOnce(document, context);
    const stops = appraisal.findings.filter((f) => f.severity === 'stop' && f.dismissed === null);
    return { sheet: makeSheet(document, appraisal, context), stops: stops.length };
  }, [opened]);
  if (error) return <Failed what="This sheet cannot be shown" error={error} again={again} />;
  if (!opened) return <Blank title="Opening the sheet…" />;
  const session = opened.stored.document;
  const blocked = mustAskFirst(opened.file.document, todayIso());
  return (
    <>
      <PageRule $paper={paper} />
      <Bar className="no-print">
        <Link to={`/sessions/${id}`}>Back to the session</Link>
        <Select
          small
          label="Paper"
          labelPlace="before"
          value={paper}
          options={[
            ['A4', 'A4'],
            ['Letter', 'Letter'],
          ]}
          onChange={(to) => to && setPaper(to)}
        />
        {blocked ? (
          <span role="alert">
            Not handed over: nobody has cleared the health screen.{' '}
            <Link to={`/clients/${session.clientId}`}>Record who did</Link>.
          </span>
        ) : (
          <Button kind="strong" autoFocus onPress={() => window.print()}>
            Print
          </Button>
        )}
        {!blocked && made !== null && made.stops > 0 && (
          <span role="status">
            {made.stops === 1 ? 'One stop is' : `${made.stops} stops are`} open:{' '}
            <Link to={`/sessions/${id}`}>mend it or say why</Link> before it is handed over.
          </span>
        )}
      </Bar>
      {made && <SheetPaper sheet={made.sheet} paper={paper} />}
    </>
  );
}
