import type { Express } from 'express';
import type { Kysely } from 'kysely';
import { makeApp, type AppOptions } from '../app';
import { answerJob } from '../appraising/answer';
import type { Tables } from '../database/tables';
import { makeStore } from '../store';

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
