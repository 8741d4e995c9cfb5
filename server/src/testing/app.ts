import type { Express } from 'express';
import type { Kysely } from 'kysely';
import { makeApp, type AppOptions } from '../http/app';
import { answerJob } from '../appraising/answer';
import type { Tables } from '../database/tables';
import { LongWork } from '../house/long-work';
import { carryOut } from '../house/orders';
import type { Tasks } from '../house/tasks';
import { makeStore } from '../store/store';

export const host = '127.0.0.1:4310';
export const today = '2026-11-24';

/** The application on a database, appraising in this thread; what it logs is thrown. */
export const appOn = (db: Kysely<Tables>, options: Partial<AppOptions> = {}): Express =>
  makeApp({
    store: makeStore(db, () => today),
    appraising: (job) => Promise.resolve(answerJob(job)),
    webFolder: '/nowhere',
    log: (error) => {
      throw error;
    },
    today: () => today,
    ...options,
  });

/** Long work as the server has it done, here in this process. */
export const workOn = (
  { db, folder }: { db: Kysely<Tables>; folder: string },
  smallBytes?: number,
): LongWork => {
  const tasks = ((order, tell = () => undefined) => carryOut(order, tell)) as Tasks;
  const store = makeStore(db, () => today);
  return new LongWork({
    ...{ db, folder, tasks, store, today: () => today },
    ...(smallBytes === undefined ? {} : { smallBytes }),
  });
};
