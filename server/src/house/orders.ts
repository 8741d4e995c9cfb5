import { basename } from 'node:path';
import { backUp } from '../backup/copy';
import { prepareRestore, restoreRows } from '../backup/restore-into';
import { openDriver } from '../database/driver';
import { databaseFile } from '../database/files';
import { importHouse } from './importing';
import { lookThrough } from './look-through';
import { rewriteInPlace, rewriteInto } from './rewriting';
import type { Tell } from './telling';
import { writeHouse } from './write-house';
import { Problem } from '../problems/problem';
import { troubleOf } from '../database/troubles';

/** Long work on the database of a folder that a process of its own does for the server. */
export type Order =
  | { does: 'back up'; folder: string; file: string }
  | { does: 'export'; folder: string; file: string; client: string | null }
  | { does: 'preview'; folder: string; file: string; keep: boolean; today: string }
  | { does: 'import'; folder: string; file: string; keep: boolean; today: string; expect: string | null }
  /** Brings a copy up to date in a file of its own, ready to take the place of the database. */
  | { does: 'prepare a restore'; folder: string; file: string; into: string }
  /** Puts a prepared copy in the place of what is kept, row by row. */
  | { does: 'restore rows'; folder: string; from: string }
  | { does: 'look through'; folder: string }
  | { does: 'rewrite'; folder: string }
  | { does: 'rewrite into'; folder: string; into: string };

async function onDatabase<T>(
  folder: string,
  work: (db: ReturnType<typeof openDriver>) => Promise<T>,
): Promise<T> {
  const db = openDriver(databaseFile(folder), { mustExist: true });
  try {
    return await work(db);
  } finally {
    await db.destroy();
  }
}

/** Does what an order says; the result is data that goes from one process to another. */
export async function carryOut(order: Order, tell: Tell): Promise<unknown> {
  const { folder } = order;
  switch (order.does) {
    case 'back up':
      return { name: basename(order.file), ...(await backUp(folder, order.file)) };
    case 'export':
      return onDatabase(folder, (db) => writeHouse(db, order.file, { client: order.client, tell }));
    case 'preview':
    case 'import': {
      const { file, keep, today } = order;
      const expect = order.does === 'import' && order.expect !== null ? { expect: order.expect } : {};
      return importHouse(folder, file, { today, keep, dry: order.does === 'preview', tell, ...expect });
    }
    case 'prepare a restore':
      return prepareRestore(folder, order.file, order.into);
    case 'restore rows':
      return restoreRows(folder, order.from);
    case 'look through':
      return onDatabase(folder, (db) => lookThrough(db, tell));
    case 'rewrite':
      return rewriteInPlace(folder);
    case 'rewrite into':
      return rewriteInto(folder, order.into);
  }
}

/** Why an order was not carried out, as it is told to whoever gave it. */
export interface Failure extends Pick<Problem, 'status' | 'code' | 'message'> {
  current?: unknown;
}

/** A failure as data, for whoever gave the order. Only what was meant for people says what it says. */
export function failureOf(error: unknown): Failure {
  const problem = error instanceof Problem ? error : troubleOf(error);
  if (problem) {
    const { status, code, message, current } = problem;
    return { status, code, message, current };
  }
  return {
    status: 500,
    code: 'internal',
    message: error instanceof Error ? (error.stack ?? '') : String(error),
  };
}
