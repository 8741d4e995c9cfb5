import type { Plan, PlannedFile } from '@drimbo/core/formats';
import { useState, type ReactNode } from 'react';
import { ways } from '@drimbo/core/contract';
import { addressOf, ask, isRefused } from '../../data/api';
import { newId, once } from '../../data/ids';
import { allAnew, useWork, type Work } from '../../data/house';
import { ListTable } from '../../parts/pages';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { FileDrop } from '../../parts/file-drop';
import { DownloadButton } from '../../parts/link-button';
import { Body } from './rows';
import { Working } from './working';

/** What a file holds, as large as it is unpacked. */
const sizeWords = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} KB` : `${(bytes / 1e6).toFixed(1)} MB`;

const doing: Record<PlannedFile['does'], string> = { add: 'Adds', change: 'Changes', leave: 'Leaves' };
const order: PlannedFile['does'][] = ['change', 'add', 'leave'];

interface Outcome {
  plan: Plan;
  file: File;
  keep: boolean;
  /** Looked at, looked at anew because what is here was changed meanwhile, or taken in. */
  is: 'preview' | 'changed meanwhile' | 'done';
}

function Wrong({ plan }: { plan: Plan }): ReactNode {
  return (
    <div role="alert">
      <p>Nothing can be imported from this file until this is right:</p>
      <ul>
        {plan.wrong.map((w) => (
          <li key={`${w.path}${w.at}${w.line}`}>
            <b>{w.path}</b>
            {w.line !== null && `, line ${w.line}`}
            {w.at && `, ${w.at}`}: {w.says}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The files of a plan: those that change something, and the others when asked for. */
function Files({ plan }: { plan: Plan }): ReactNode {
  const [all, setAll] = useState(false);
  const files = plan.files.filter((f) => f.name !== '');
  const ordered = order.flatMap((does) => files.filter((f) => f.does === does));
  const shown = all ? ordered : ordered.filter((f) => f.does !== 'leave');
  const staying = ordered.length - shown.length;
  if (shown.length === 0)
    return (
      <div className="acts">
        <Button small onPress={() => setAll(true)}>
          Show what is in it
        </Button>
      </div>
    );
  return (
    <>
      <ListTable aria-label="What the file would do">
        <thead>
          <tr>
            <th scope="col">Does</th>
            <th scope="col">What</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((f) => (
            <tr key={f.path}>
              <td>{doing[f.does]}</td>
              <td>
                {f.name}
                <small>{f.path}</small>
              </td>
              <td>{f.says}</td>
            </tr>
          ))}
        </tbody>
      </ListTable>
      {staying > 0 && (
        <div className="acts">
          <Button small onPress={() => setAll(true)}>
            Show the {staying} that stay as well
          </Button>
        </div>
      )}
    </>
  );
}

/** What was found in a file, and the way on. */
function Preview({ outcome, work }: { outcome: Outcome; work: Work<Outcome> }): ReactNode {
  const { plan, file, keep } = outcome;
  const { add, change } = plan.counts;
  const importHouse = (): void =>
    work.start('Importing…', async (stop) => {
      try {
        const done = await once(`import ${plan.digest} ${keep}`, 'import', (key) =>
          ask(ways.importFile({ query: { expect: plan.digest, keep } }), { file, stop, key }),
        );
        await allAnew();
        return { plan: done, file, keep, is: 'done' };
      } catch (error) {
        if (!isRefused(error, 'another-plan')) throw error;
        return { plan: error.current as Plan, file, keep, is: 'changed meanwhile' };
      }
    });
  if (plan.wrong.length > 0) return <Wrong plan={plan} />;
  if (outcome.is === 'done')
    return (
      <p role="status">
        Imported: {add} added, {change} changed.
      </p>
    );
  if (add + change === 0)
    return (
      <>
        <p role="status">{file.name}: all of it is here already. There is nothing to import.</p>
        <Files plan={plan} />
      </>
    );
  return (
    <>
      {outcome.is === 'changed meanwhile' && (
        <p role="alert">What is here was changed since you looked; this is what the file would do now.</p>
      )}
      <p role="status">
        {file.name}, {sizeWords(plan.bytes)} unpacked: {add} to add, {change} to change,{' '}
        {plan.files.filter((f) => f.name !== '').length - add - change} the same or left as they are.
      </p>
      <Files plan={plan} />
      <div className="acts">
        <Button kind="strong" onPress={importHouse}>
          Import it
        </Button>
        {change > 0 && (
          <Button onPress={() => look(work, file, true)}>Leave what is here and says something else</Button>
        )}
        <Button onPress={work.clear}>Leave all as it is</Button>
      </div>
    </>
  );
}

const look = (work: Work<Outcome>, file: File, keep: boolean): void =>
  work.start('Looking through the file…', async (stop) => {
    const plan = await ask(ways.previewImport({ query: { keep } }), { file, stop, key: newId('preview') });
    return { plan, file, keep, is: 'preview' };
  });

/** Everything out as open formats, and in again. */
export function Moving(): ReactNode {
  const work = useWork<Outcome>();
  return (
    <Sheet aria-label="Export and import">
      <SheetHead>
        <h2>Export and import</h2>
      </SheetHead>
      <Body>
        <p>
          Everything in one zip of open formats: clients, gyms, sessions and your notebook as JSON with their
          schemas, sessions as text too, logged sets as CSV. Drimbo imports it again, here or on another
          machine; you see first what it would add, change and leave.
        </p>
        <div className="acts">
          <DownloadButton href={addressOf(ways.downloadExport({ query: {} }))}>
            Export everything as open files
          </DownloadButton>
        </div>
        <FileDrop
          accept=".zip,application/zip"
          choose="Import an export"
          onFile={(file) => look(work, file, false)}
        />
        {work.busy && <Working says={work.busy} onStop={work.stop} />}
        {work.wrong && <p role="alert">{work.wrong}</p>}
        {work.found && !work.busy && <Preview outcome={work.found} work={work} />}
      </Body>
    </Sheet>
  );
}
