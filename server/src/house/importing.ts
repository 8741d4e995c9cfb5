import { randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Plan } from '@drimbo/core/formats';
import { openDriver } from '../database/driver';
import { databaseFile } from '../database/files';
import { Problem } from '../problems/problem';
import { arrive, Changed } from './arriving';
import type { Tell } from './telling';
import { planOf } from './plan';
import { withZip } from './read-zip';
import { Staging } from './staging';
import { inTurn, Taking, type TakeInOptions } from './taking';

interface ImportOptions extends TakeInOptions {
  /** Only says what would be done. */
  dry?: boolean;
  /** The digest of the plan that was previewed; another plan is refused. */
  expect?: string;
  tell?: Tell;
}

/** Reading and checking takes about this share of the whole. */
const READING = 0.6;

/** What an export would do to the database of a folder, staged beside it. */
async function planned(
  folder: string,
  file: string | Buffer,
  staging: Staging,
  o: ImportOptions,
): Promise<Plan> {
  const db = openDriver(databaseFile(folder), { mustExist: true });
  try {
    return await withZip(file, async (files) => {
      const taking = new Taking(db, staging, o);
      const entries = inTurn(files);
      taking.mustBeHouse(entries);
      const bytes = files.reduce((sum, f) => sum + f.bytes, 0);
      let read = 0;
      if (taking.wrong.length === 0)
        for (const entry of entries) {
          await taking.take(entry);
          read += entry.file.bytes;
          o.tell?.((read / Math.max(1, bytes)) * (o.dry ? 1 : READING));
        }
      return planOf(taking.files, taking.wrong, bytes);
    });
  } finally {
    await db.destroy();
  }
}

/**
 * Takes an export in: every file of it or, where anything is wrong, none. The plan says what was done with each,
 * or with `dry` what would be. Throws a Problem when the plan is not the one expected or the file no export. Other
 * writers of the database go on meanwhile.
 */
export async function importHouse(folder: string, file: string | Buffer, o: ImportOptions): Promise<Plan> {
  const way = join(folder, 'on-the-way');
  mkdirSync(way, { recursive: true, mode: 0o700 });
  const staging = new Staging(join(way, `arriving-${randomUUID()}.sqlite`));
  const another = (plan: Plan): Problem =>
    new Problem(
      409,
      'another-plan',
      'What is here has changed since the preview. Look at the new one; nothing was imported.',
      'expect',
      plan,
    );
  try {
    const plan = await planned(folder, file, staging, o);
    staging.complete();
    if (plan.wrong.length > 0 || o.dry) return plan;
    if (o.expect !== undefined && o.expect !== plan.digest) throw another(plan);
    if (plan.counts.add + plan.counts.change === 0) return plan;
    try {
      await arrive(databaseFile(folder), staging, (share) =>
        o.tell?.(READING + (1 - READING) * Math.min(1, share)),
      );
    } catch (error) {
      if (!(error instanceof Changed)) throw error;
      throw another(await previewAgain(folder, file, way, o));
    }
    return plan;
  } finally {
    staging.drop();
  }
}

async function previewAgain(
  folder: string,
  file: string | Buffer,
  way: string,
  o: ImportOptions,
): Promise<Plan> {
  const staging = new Staging(join(way, `arriving-${randomUUID()}.sqlite`));
  try {
    return await planned(folder, file, staging, { ...o, dry: true });
  } finally {
    staging.drop();
  }
}
