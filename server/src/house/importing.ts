import { entryAt, HOUSE_FILE, houseSchema, type HouseEntry } from '@drimbo/core/formats/house';
import { documentSchemas } from '@drimbo/core/formats/opening';
import { referencesOf, type Reference } from '@drimbo/core/formats/references';
import type { DocumentKind } from '@drimbo/core/formats/steps';
import type { PerformedSet } from '@drimbo/core/log/performed-set';
import type { Session } from '@drimbo/core/session/document';
import { dayAfter, daysAfter } from '@drimbo/core/units/dates';
import { sql, type Kysely } from 'kysely';
import type { ZodType } from 'zod';
import { columnsOf } from '../database/columns';
import { COACH } from '../database/migrations';
import type { StoredRow, Tables } from '../database/tables';
import { Problem } from '../problem';
import { rowOf, setOf } from '../sets';
import type { Plan, PlannedFile, Wrong } from '@drimbo/core/formats/plan';
import { planOf } from './plan';
import { readJson, readSets } from './read-files';
import { withZip, type ZippedFile } from './read-zip';

export interface TakeInOptions {
  today: string;
  /** Only says what would be done. */
  dry?: boolean;
  /** What is here and says something else stays as it is. */
  keep?: boolean;
  /** The digest of the plan that was previewed; another plan is refused. */
  expect?: string;
}

type Entry = HouseEntry & { file: ZippedFile };

/** What others lean on comes first. */
const turn = (entry: Entry): number =>
  ['house', 'kit', 'school', 'client', 'notebook', 'session', 'block', 'sets', 'other'].indexOf(
    entry.is === 'document' ? entry.kind : entry.is,
  );

const PORTION = 400;

function nameOf(kind: DocumentKind, document: object, id: string): string {
  if (kind === 'notebook') return 'Notebook';
  const { name, title } = document as { name?: string; title?: string };
  return name ?? title ?? id;
}

/** One import under way: what it found so far, and what it wrote where it may write. */
class Taking {
  readonly files: PlannedFile[] = [];
  readonly wrong: Wrong[] = [];
  /** Documents that are here or come along, by kind and id, and sessions with their clients. */
  private readonly there = new Set<string>();
  private readonly owners = new Map<string, string>();

  constructor(
    private readonly db: Kysely<Tables>,
    private readonly o: TakeInOptions,
  ) {}

  private refuse(path: string, at: string, says: string, line: number | null = null): void {
    this.wrong.push({ path, line, at, says });
  }

  async take(entry: Entry): Promise<void> {
    const { path } = entry.file;
    if (entry.is === 'other') {
      this.files.push({ path, does: 'leave', name: '', says: 'for people and other programs' });
      return;
    }
    let text: string;
    try {
      text = await entry.file.read();
    } catch (error) {
      this.refuse(path, '', `it cannot be read: ${(error as Error).message}`);
      return;
    }
    if (entry.is === 'house') {
      const read = readJson(path, text, houseSchema);
      if ('wrong' in read) this.wrong.push(...read.wrong);
    } else if (entry.is === 'sets') await this.takeSets(path, text);
    else await this.takeDocument(path, entry.kind, entry.id, text);
  }

  private tooFarAhead(path: string, value: unknown): boolean {
    const at = dayAfter(daysAfter(this.o.today, 366), value);
    if (at !== null) this.refuse(path, at, 'this day lies more than a year ahead');
    return at !== null;
  }

  /** Whether a document is here or came along. */
  private async has({ kind, id }: Reference): Promise<boolean> {
    if (this.there.has(`${kind} ${id}`)) return true;
    const row = await this.db
      .selectFrom(`${kind}s` as const)
      .select('id')
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
    if (row) this.there.add(`${kind} ${id}`);
    return row !== undefined;
  }

  /** The first thing a document points to that is neither here nor in the file; null where all of it is. */
  private async missing(kind: DocumentKind, document: object): Promise<Reference | null> {
    for (const reference of referencesOf(kind, document as never))
      if (!(await this.has(reference))) return reference;
    return null;
  }

  private async ownerOf(sessionId: string): Promise<string | null> {
    const known = this.owners.get(sessionId);
    if (known !== undefined) return known;
    const row = await this.db
      .selectFrom('sessions')
      .select('client_id')
      .where('id', '=', sessionId)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
    if (row) this.owners.set(sessionId, row.client_id);
    return row?.client_id ?? null;
  }

  private async takeDocument(path: string, kind: DocumentKind, id: string, text: string): Promise<void> {
    const schema: ZodType<object> = documentSchemas[kind];
    const read = readJson(path, text, schema);
    if ('wrong' in read) {
      this.wrong.push(...read.wrong);
      return;
    }
    const document = read.is;
    if (this.tooFarAhead(path, document)) return;
    const missing = await this.missing(kind, document);
    if (missing) {
      const { at, what } = missing;
      this.refuse(path, at, `there is no ${what} with this id, neither here nor in the file`);
      return;
    }
    if (kind === 'notebook' && id !== COACH) {
      this.refuse(path, '', `there is one notebook, called “${COACH}”`);
      return;
    }
    this.there.add(`${kind} ${id}`);
    if (kind === 'session') this.owners.set(id, (document as Session).clientId);
    const row = await this.db
      .selectFrom(`${kind}s` as const)
      .selectAll()
      .where('id', '=', id)
      .executeTakeFirst();
    const name = nameOf(kind, document, id);
    const planned = { path, name, ...this.decided(row, schema, document) };
    this.files.push(planned);
    if (planned.does !== 'leave' && !this.o.dry) await this.write(kind, id, document);
  }

  private decided(
    row: StoredRow | undefined,
    schema: ZodType<object>,
    document: object,
  ): Pick<PlannedFile, 'does' | 'says'> {
    if (!row) return { does: 'add', says: 'new here' };
    if (row.deleted_at !== null) return { does: 'add', says: 'was deleted here and comes back' };
    const here = readJson('', row.document, schema);
    if ('is' in here && JSON.stringify(here.is) === JSON.stringify(document))
      return { does: 'leave', says: 'the same here' };
    if (this.o.keep) return { does: 'leave', says: 'says something else here, which stays' };
    return { does: 'change', says: 'is here and says something else' };
  }

  private async write(kind: DocumentKind, id: string, document: object): Promise<void> {
    const table = `${kind}s` as const;
    const values = {
      document: JSON.stringify(document),
      updated_at: new Date().toISOString(),
      deleted_at: null,
      ...columnsOf(kind, document),
    };
    await this.db
      .insertInto(table)
      .values({ id, revision: 1, ...values } as never)
      .onConflict((c) =>
        c
          .column('id')
          .doUpdateSet({ ...values, revision: sql`${sql.ref(`${table}.revision`)} + 1` } as never),
      )
      .execute();
  }

  private async takeSets(path: string, text: string): Promise<void> {
    const read = readSets(path, text);
    if ('wrong' in read) {
      this.wrong.push(...read.wrong);
      return;
    }
    const sets = read.is;
    if (this.tooFarAhead(path, sets)) return;
    for (const [i, set] of sets.entries()) {
      const owner = await this.ownerOf(set.sessionId);
      if (owner === set.clientId) continue;
      const says = owner === null ? 'there is no session with this id' : 'the session is another client’s';
      this.refuse(path, owner === null ? 'sessionId' : 'clientId', says, i + 2);
      return;
    }
    const seen = { add: 0, change: 0, leave: 0 };
    for (let at = 0; at < sets.length; at += PORTION)
      await this.takePortion(sets.slice(at, at + PORTION), seen);
    const does = seen.add > 0 ? 'add' : seen.change > 0 ? 'change' : 'leave';
    const says = `${seen.add} new, ${seen.change} changed, ${seen.leave} as they are`;
    this.files.push({ path, does, name: 'Logged sets', says });
  }

  private async takePortion(sets: PerformedSet[], seen: Record<PlannedFile['does'], number>): Promise<void> {
    const ids = sets.map((set) => set.id);
    const rows = await this.db.selectFrom('performed_sets').selectAll().where('id', 'in', ids).execute();
    const here = new Map(rows.map((row) => [row.id, JSON.stringify(setOf(row))]));
    for (const set of sets) {
      const known = here.get(set.id);
      const row = rowOf(set);
      const isSame = known === JSON.stringify(setOf(row));
      const does = known === undefined ? 'add' : isSame || this.o.keep ? 'leave' : 'change';
      seen[does] += 1;
      here.set(set.id, JSON.stringify(setOf(row)));
      if (does === 'leave' || this.o.dry) continue;
      const { id: _id, ...values } = row;
      await this.db
        .insertInto('performed_sets')
        .values(row)
        .onConflict((c) => c.column('id').doUpdateSet(values))
        .execute();
    }
  }
}

/** Says no more than that nothing is kept. */
class TakenBack extends Error {
  constructor(readonly plan: Plan) {
    super('');
  }
}

async function taken(db: Kysely<Tables>, files: ZippedFile[], o: TakeInOptions): Promise<Plan> {
  const taking = new Taking(db, o);
  const entries = files.map((file): Entry => ({ ...entryAt(file.path), file }));
  if (!entries.some((entry) => entry.is === 'house'))
    taking.wrong.push({
      path: HOUSE_FILE,
      line: null,
      at: '',
      says: 'is missing: this is no export of Drimbo',
    });
  else for (const entry of entries.sort((a, b) => turn(a) - turn(b))) await taking.take(entry);
  return planOf(taking.files, taking.wrong);
}

/**
 * Takes an export in: every file of it or, where anything is wrong, none. The plan says what was done with each,
 * or with `dry` what would be. Throws a Problem when the plan is not the one expected, an Error for what is no zip.
 */
export async function importHouse(
  db: Kysely<Tables>,
  file: string | Buffer,
  o: TakeInOptions,
): Promise<Plan> {
  return withZip(file, async (files) => {
    if (o.dry)
      return db.connection().execute(async (one) => {
        await sql`begin`.execute(one);
        try {
          return await taken(one, files, o);
        } finally {
          await sql`rollback`.execute(one);
        }
      });
    try {
      return await db.transaction().execute(async (whole) => {
        const plan = await taken(whole, files, o);
        const isAsPreviewed = o.expect === undefined || o.expect === plan.digest;
        if (plan.wrong.length > 0 || !isAsPreviewed) throw new TakenBack(plan);
        return plan;
      });
    } catch (error) {
      if (!(error instanceof TakenBack)) throw error;
      if (error.plan.wrong.length > 0) return error.plan;
      const says = 'What is here has changed since the preview. Look at the new one; nothing was imported.';
      throw new Problem(409, 'another-plan', says, 'expect', error.plan);
    }
  });
}
