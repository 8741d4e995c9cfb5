import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, rmSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Router, type Request, type Response } from 'express';
import { sql } from 'kysely';
import { z } from 'zod';
import { copiesIn } from '../backup/copies';
import { backupFolder } from '../backup/daily';
import type { Tasks } from '../house/tasks';
import { checked, Problem } from '../problem';
import type { Store } from '../store';

export interface DataOptions {
  store: Store;
  folder: string;
  tasks: Tasks;
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

/** A place of its own for a file on its way in or out, taken away after the work. */
async function withFile<T>(folder: string, ending: string, work: (file: string) => Promise<T>): Promise<T> {
  const way = join(folder, 'on-the-way');
  mkdirSync(way, { recursive: true, mode: 0o700 });
  const file = join(way, `${randomUUID()}${ending}`);
  try {
    return await work(file);
  } finally {
    rmSync(file, { force: true });
  }
}

async function keepUpload(request: Request, file: string): Promise<void> {
  let bytes = 0;
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, next) {
      bytes += chunk.length;
      next(
        bytes > MOST_BYTES ? new Problem(413, 'too-large', 'This file is larger than 2 GB.') : null,
        chunk,
      );
    },
  });
  await pipeline(request, counted, createWriteStream(file, { mode: 0o600 }));
  if (bytes === 0) throw new Problem(400, 'invalid', 'Send the file as the body of the request.');
}

const handOver = (response: Response, file: string, name: string): Promise<void> =>
  new Promise((done, refuse) =>
    response.download(file, name, (error) => (error && !response.headersSent ? refuse(error) : done())),
  );

/** Backups, exports and imports, what is deleted, and looking through everything. */
export function dataRoutes({ store, folder, tasks, today }: DataOptions): Router {
  const router = Router();
  const aboutCopy = (name: string) => {
    const { size, mtime } = statSync(join(folder, name));
    return { name, bytes: size, made: mtime.toISOString() };
  };

  router.get('/', async (_request, response) => {
    const { rows } = await sql<Record<string, number>>`select
      (select count(*) from clients where deleted_at is null) as clients,
      (select count(*) from kits where deleted_at is null) as kits,
      (select count(*) from sessions where deleted_at is null) as sessions,
      (select count(*) from performed_sets) as sets`.execute(store.db);
    const copies = copiesIn(folder)
      .map(aboutCopy)
      .sort((a, b) => b.made.localeCompare(a.made));
    response.json({ folder, backups: backupFolder(folder), counts: rows[0], copies });
  });
  router.get('/deleted', async (_request, response) => {
    response.json(await store.deleted());
  });
  router.post('/look-through', async (_request, response) => {
    response.json(await tasks(['--look-through'], leaving(response)));
  });

  router.post('/backups', async (_request, response) => {
    const { file } = await tasks<{ file: string }>(['--backup']);
    response.status(201).json(aboutCopy(`backups/${basename(file)}`));
  });
  router.get('/backup', (_request, response) =>
    withFile(folder, '.sqlite', async (file) => {
      await tasks(['--backup', file], leaving(response));
      await handOver(response, file, `drimbo-${today()}.sqlite`);
    }),
  );
  /** A kept copy by its name, or a file sent along. */
  router.post('/restore', async (request, response) => {
    const restored = async (file: string): Promise<void> => {
      const done = await tasks<{ aside: string }>(['--restore-into', file]);
      store.forget();
      response.json({ ...done, aside: basename(done.aside) });
    };
    if (!request.is('json')) {
      await withFile(folder, '.sqlite', async (file) => {
        await keepUpload(request, file);
        await restored(file);
      });
      return;
    }
    const { copy } = checked(copyName, request.body);
    if (!copiesIn(folder).includes(copy))
      throw new Problem(404, 'not-found', 'There is no copy of this name.');
    await restored(join(folder, copy));
  });

  router.get('/export', async (request, response) => {
    const { client } = checked(exporting, request.query);
    if (client !== undefined) await store.clients.get(client);
    const of = client === undefined ? [] : ['--client', client];
    await withFile(folder, '.zip', async (file) => {
      await tasks(['--export', file, ...of], leaving(response));
      await handOver(response, file, `drimbo-${client ?? 'everything'}-${today()}.zip`);
    });
  });
  const importHouse = (preview: boolean) => async (request: Request, response: Response) => {
    const { keep, expect } = checked(importing, request.query);
    await withFile(folder, '.zip', async (file) => {
      await keepUpload(request, file);
      const args = ['--import', file, ...(keep ? ['--keep'] : []), ...(preview ? ['--preview'] : [])];
      const plan = await tasks([...args, ...(expect ? ['--expect', expect] : [])], leaving(response));
      if (!preview) store.forget();
      response.json(plan);
    });
  };
  router.post('/preview', importHouse(true));
  router.post('/import', importHouse(false));
  return router;
}
