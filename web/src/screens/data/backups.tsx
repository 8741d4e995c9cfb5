import type { ReactNode } from 'react';
import { ways, type Copy, type Restored } from '@drimbo/core/contract';
import { addressOf, ask } from '../../data/api';
import { once } from '../../data/ids';
import { allAnew, useHouse, useWork } from '../../data/house';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Ask } from '../../parts/ask';
import { DownloadButton } from '../../parts/link-button';
import { FileChoice } from '../../parts/file-choice';
import { Body, Rows } from './rows';
import { Working } from './working';

const megabytes = (bytes: number): string => `${(bytes / 1024 / 1024).toFixed(1)} MB`;

/** What a copy is for, from its name. */
function about({ name, made }: Copy): string {
  const at = new Date(made).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
  if (/^backups\/drimbo-/.test(name)) return `Copy of the day, ${at}`;
  if (/by-hand/.test(name)) return `Made by hand, ${at}`;
  const why = /^before-(upgrade|restore|reset)/.exec(name)?.[1];
  return `Before the ${why ?? 'change'}, ${at}`;
}

/** Copies of everything: made now or by the day, and put back. */
export function Backups(): ReactNode {
  const house = useHouse();
  const work = useWork<Restored>();
  const restore = (ask: (stop: AbortSignal) => Promise<Restored>): void =>
    work.start('Putting the copy back…', async (stop) => {
      const done = await ask(stop);
      await allAnew();
      return done;
    });
  const facts = house.data;
  return (
    <Sheet aria-label="Backups">
      <SheetHead>
        <h2>Backups</h2>
        {facts && (
          <span>
            {facts.counts.clients} clients, {facts.counts.sessions} sessions, {facts.counts.sets} logged sets
          </span>
        )}
      </SheetHead>
      <Body>
        <p>
          A copy is made every day: those of the last seven days are kept, and one for each of the four weeks
          before. They lie on this machine
          {facts?.backups && (
            <>
              {' '}
              in <code>{facts.backups}</code>
            </>
          )}
          ; a lost machine takes them along, so save one somewhere else now and then.
        </p>
        <div className="acts">
          <Button
            kind="strong"
            onPress={() =>
              work.start('Making a copy…', async () => {
                await once('backup', 'backup', (key) => ask(ways.backUp({ body: {} }), { key }));
                await house.refetch();
                return null;
              })
            }
          >
            Make a copy now
          </Button>
          <DownloadButton href={addressOf(ways.downloadBackup())}>Save a copy as a file</DownloadButton>
          <FileChoice
            accept=".sqlite"
            onFile={(file) =>
              restore((stop) =>
                once(`restore ${file.name} ${file.size} ${file.lastModified}`, 'restore', (key) =>
                  ask(ways.restoreFile(), { file, stop, key }),
                ),
              )
            }
          >
            Restore a saved copy
          </FileChoice>
        </div>
        {work.busy && <Working says={work.busy} />}
        {work.wrong && <p role="alert">{work.wrong}</p>}
        {work.found && (
          <p role="status">
            Restored: {work.found.clients} clients, {work.found.sessions} sessions, {work.found.sets} logged
            sets. What was there is kept as <code>{work.found.aside}</code>.
          </p>
        )}
      </Body>
      <Rows aria-label="Copies">
        {facts?.copies.map((copy) => (
          <li key={copy.name}>
            <span>
              {about(copy)} <small>{megabytes(copy.bytes)}</small>
            </span>
            <Ask
              asks="Put this copy back?"
              does="Put it back"
              keeps="Leave all as it is"
              label={`Restore: ${about(copy)}`}
              about={
                <p>
                  Everything becomes as it was then. What is there now is kept as a copy of its own first, so
                  that this can be undone in the same way.
                </p>
              }
              onYes={() =>
                restore(() =>
                  once(`restore ${copy.name}`, 'restore', (key) =>
                    ask(ways.restore({ body: { copy: copy.name } }), { key }),
                  ),
                )
              }
            >
              Restore
            </Ask>
          </li>
        ))}
        {facts?.copies.length === 0 && <li>No copy yet. The first of the day comes by itself.</li>}
      </Rows>
    </Sheet>
  );
}
