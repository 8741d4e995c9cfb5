import { createWriteStream, fdatasync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Router, type Request, type Response } from 'express';
import { sql } from 'kysely';
import { z } from 'zod';
import { isHere } from '../../access/network';
import { copiesIn } from '../../database/copies';
import { backupFolder } from '../../database/copies';
import { AT_A_TIME, stamp } from '../../database/files';
import { ownPages } from '../guards';
import type { LongWork } from '../../house/long-work';
import { checked, Problem } from '../../problems/problem';
import type { Store } from '../../store/store';

interface DataOptions {
  store: Store;
  work: LongWork;
  today: () => string;
}

const MOST_BYTES = 2 * 1024 ** 3;

const importing = z
  .object({ keep: z.stringbool().default(false), expect: z.string().max(60).optional() })
  .strict();
const copyName = z.object({ copy: z.string().max(200) }).strict();
const exporting = z.object({ client: z.string().max(60).optional() }).strict();

/** Stops when whoever asked is gone. */
function leaving(response: Response): AbortSignal {
  const gone = new AbortController();
  response.on('close', () => {
    if (!response.writableEnded) gone.abort();
  });
  return gone.signal;
}

/**
 * Keeps what is sent. Where that goes wrong the rest is let run out unread, so that whoever sends hears why, and the line
 * is not used again.
 */
async function keepUpload(request: Request, response: Response, file: string): Promise<void> {
  let bytes = 0;
  let unsynced = 0;
  const out = createWriteStream(file, { mode: 0o600 });
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, next) {
      bytes += chunk.length;
      unsynced += chunk.length;
      if (bytes > MOST_BYTES) return next(new Problem(413, 'too-large', 'This file is larger than 2 GB.'));
      const { fd } = out as unknown as { fd: number | null };
      if (unsynced < AT_A_TIME || fd === null) return next(null, chunk);
      unsynced = 0;
      fdatasync(fd, (error) => next(error, chunk));
    },
  });
  try {
    const kept = pipeline(counted, out);
    request.pipe(counted);
    request.once('aborted', () => counted.destroy(new Error('The sender is gone.')));
    await kept;
  } catch (error) {
    request.unpipe(counted);
    request.resume();
    response.setHeader('Connection', 'close');
    throw error;
  }
  if (bytes === 0) throw new Problem(400, 'invalid', 'Send the file as the body of the request.');
}

const handOver = (response: Response, file: string, name: string): Promise<void> =>
  new Promise((done, refuse) =>
    response.download(file, name, { dotfiles: 'allow' }, (error) =>
      error && !response.headersSent ? refuse(error) : done(),
    ),
  );

/** Backups, exports and imports, what is deleted, and looking through everything. */
export function dataRoutes({ store, work, today }: DataOptions): Router {
  const router = Router();
  const { folder } = work;
  const aboutCopy = (name: string) => {
    const { size, mtime } = statSync(join(folder, name));
    return { name, bytes: size, made: mtime.toISOString() };
  };

  router.get('/', async (request, response) => {
    const { rows } = await sql<Record<string, number>>`select
      (select count(*) from clients where deleted_at is null) as clients,
      (select count(*) from kits where deleted_at is null) as kits,
      (select count(*) from sessions where deleted_at is null) as sessions,
      (select count(*) from performed_sets) as sets`.execute(store.db);
    const copies = copiesIn(folder)
      .map(aboutCopy)
      .sort((a, b) => b.made.localeCompare(a.made));
    // Where the files lie is told to who can look there.
    const places = isHere(request) ? { folder, backups: backupFolder(folder) } : {};
    response.json({ ...places, counts: rows[0], copies });
  });
  router.get('/deleted', async (_request, response) => {
    response.json(await store.deleted());
  });
  /** Which long work is under way, and how far it is. */
  router.get('/work', (_request, response) => {
    response.json({ underway: work.line.underway() });
  });
  router.post('/look-through', async (_request, response) => {
    response.json(await work.lookThrough(leaving(response)));
  });

  router.post('/backups', async (_request, response) => {
    const { name } = await work.backUp(join(backupFolder(folder), `by-hand-${stamp()}.sqlite`));
    response.status(201).json(aboutCopy(`backups/${name}`));
  });
  router.get('/backup', ownPages, (_request, response) =>
    work.withFile('.sqlite', async (file) => {
      await work.backUp(file, leaving(response));
      await handOver(response, file, `drimbo-${today()}.sqlite`);
    }),
  );
  /** A kept copy by its name, or a file sent along. */
  router.post('/restore', async (request, response) => {
    work.line.mayChange();
    if (!request.is('json')) {
      await work.withFile('.sqlite', async (file) => {
        await keepUpload(request, response, file);
        response.json(await work.restore(file));
      });
      return;
    }
    const { copy } = checked(copyName, request.body);
    if (!copiesIn(folder).includes(copy))
      throw new Problem(404, 'not-found', 'There is no copy of this name.');
    response.json(await work.restore(join(folder, copy)));
  });

  router.get('/export', ownPages, async (request, response) => {
    const { client } = checked(exporting, request.query);
    if (client !== undefined) await store.clients.get(client);
    await work.withFile('.zip', async (file) => {
      await work.export(file, client ?? null, leaving(response));
      await handOver(response, file, `drimbo-${client ?? 'everything'}-${today()}.zip`);
    });
  });
  router.post('/preview', async (request, response) => {
    const { keep } = checked(importing, request.query);
    await work.withFile('.zip', async (file) => {
      await keepUpload(request, response, file);
      response.json(await work.preview(file, keep, leaving(response)));
    });
  });
  router.post('/import', async (request, response) => {
    work.line.mayChange();
    const { keep, expect } = checked(importing, request.query);
    await work.withFile('.zip', async (file) => {
      await keepUpload(request, response, file);
      response.json(await work.import(file, keep, expect ?? null, leaving(response)));
    });
  });
  return router;
}
