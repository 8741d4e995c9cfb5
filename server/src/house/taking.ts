import type { TrainingBlock } from '@drimbo/core/block';
import {
  entryAt,
  HOUSE_FILE,
  type HouseEntry,
  houseSchema,
  type PlannedFile,
  type Wrong,
} from '@drimbo/core/formats';
import { kindOfDocument, type DocumentKind, type Reference } from '@drimbo/core/documents';
import type { PerformedSet } from '@drimbo/core/log';
import type { Session } from '@drimbo/core/session';
import { dayAfter, daysAfter } from '@drimbo/core/units';
import { sql, type Kysely } from 'kysely';
import type { ZodType } from 'zod';
import { COACH } from '../database/migrations';
import { neededBy } from '../database/refs';
import type { StoredRow, Tables } from '../database/tables';
import { rowOf, setOf } from '../queries/sets';
import { readJson, readSets } from './read-files';
import type { ZippedFile } from './read-zip';
import type { Staging } from './staging';

export interface TakeInOptions {
  today: string;
  /** What is here and says something else stays as it is. */
  keep?: boolean;
}

type Entry = HouseEntry & { file: ZippedFile };

/** What others lean on comes first. */
const turn = (entry: Entry): number =>
  ['house', 'kit', 'school', 'client', 'notebook', 'session', 'block', 'sets', 'other'].indexOf(
    entry.is === 'document' ? entry.kind : entry.is,
  );

/** The files of an export in the order they are taken. */
export const inTurn = (files: readonly ZippedFile[]): Entry[] =>
  files.map((file): Entry => ({ ...entryAt(file.path), file })).sort((a, b) => turn(a) - turn(b));

function nameOf(kind: DocumentKind, document: object, id: string): string {
  if (kind === 'notebook') return 'Notebook';
  const { name, title } = document as { name?: string; title?: string };
  return name ?? title ?? id;
}

/** One import under way: what it found so far, and what it would write. Reads the database and changes nothing of it. */
export class Taking {
  readonly files: PlannedFile[] = [];
  readonly wrong: Wrong[] = [];
  /** Documents that are here or come along, by kind and id, and sessions with their clients. */
  private readonly there = new Set<string>();
  private readonly owners = new Map<string, string | null>();
  private readonly newSessions = new Set<string>();

  constructor(
    private readonly db: Kysely<Tables>,
    private readonly staging: Staging,
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
    if (entry.is === 'sets') {
      await this.takeSets(path, entry.file);
      return;
    }
    let text: string;
    try {
      text = await entry.file.read();
    } catch (error) {
      this.refuse(path, '', `it cannot be read: ${(error as Error).message}`);
      return;
    }
    if (entry.is === 'document') await this.takeDocument(path, entry.kind, entry.id, text);
    else {
      const read = readJson(path, text, houseSchema);
      if ('wrong' in read) this.wrong.push(...read.wrong);
    }
  }

  /** Says that this is no export, where it has no file that says it is. */
  mustBeHouse(entries: readonly Entry[]): void {
    if (!entries.some((entry) => entry.is === 'house'))
      this.refuse(HOUSE_FILE, '', 'is missing: this is no export of Drimbo');
  }

  private tooFarAhead(value: unknown): string | null {
    return dayAfter(daysAfter(this.o.today, 366), value);
  }

  /** Whether a document is here or came along. */
  private async has({ kind, id }: { kind: DocumentKind; id: string }): Promise<boolean> {
    if (this.there.has(`${kind} ${id}`)) return true;
    const row = await this.db
      .selectFrom(`${kind}s` as const)
      .select('id')
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
    if (!row) return false;
    this.there.add(`${kind} ${id}`);
    this.staging.leanOn(kind, id);
    return true;
  }

  /** The first thing a document points to that is neither here nor in the file; null where all of it is. */
  private async missing(kind: DocumentKind, document: object): Promise<Reference | null> {
    for (const { reference, kind: of } of neededBy(kind, document))
      if (!(await this.has({ kind: of, id: reference.id }))) return reference;
    return null;
  }

  private async takeDocument(path: string, kind: DocumentKind, id: string, text: string): Promise<void> {
    const schema: ZodType<object> = kindOfDocument(kind).any;
    const read = readJson(path, text, schema);
    if ('wrong' in read) {
      this.wrong.push(...read.wrong);
      return;
    }
    const document = read.is;
    const far = this.tooFarAhead(document);
    if (far !== null) return this.refuse(path, far, 'this day lies more than a year ahead');
    const missing = await this.missing(kind, document);
    if (missing) {
      const { at, what } = missing;
      return this.refuse(path, at, `there is no ${what} with this id, neither here nor in the file`);
    }
    if (kind === 'notebook' && id !== COACH)
      return this.refuse(path, '', `there is one notebook, called “${COACH}”`);
    this.there.add(`${kind} ${id}`);
    const row = await this.db
      .selectFrom(`${kind}s` as const)
      .selectAll()
      .where('id', '=', id)
      .executeTakeFirst();
    if (row && 'client_id' in row && row.client_id !== (document as Session | TrainingBlock).clientId)
      return this.refuse(path, 'clientId', `this ${kind} is another client’s here`);
    if (kind === 'session') {
      this.owners.set(id, (document as Session).clientId);
      if (!row) this.newSessions.add(id);
    }
    const planned = { path, name: nameOf(kind, document, id), ...this.decided(row, schema, document) };
    this.files.push(planned);
    if (planned.does !== 'leave')
      this.staging.addDocument({
        kind,
        id,
        replaces: row?.revision ?? 0,
        document: JSON.stringify(document),
      });
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

  /** Whose a session is; one that is here is looked up the first time its id is met. */
  private async learnOwners(sets: readonly PerformedSet[]): Promise<void> {
    const unknown = [...new Set(sets.map((s) => s.sessionId))].filter((id) => !this.owners.has(id));
    if (unknown.length === 0) return;
    const rows = await this.db
      .selectFrom('sessions')
      .select(['id', 'client_id'])
      .where('id', 'in', unknown)
      .where('deleted_at', 'is', null)
      .execute();
    for (const id of unknown) this.owners.set(id, rows.find((row) => row.id === id)?.client_id ?? null);
  }

  private async takeSets(path: string, file: ZippedFile): Promise<void> {
    const seen = { add: 0, change: 0, leave: 0 };
    const last = daysAfter(this.o.today, 366);
    const wrong = await readSets(path, await file.stream(), async (portion) => {
      await this.learnOwners(portion.map(({ set }) => set));
      for (const { set, line } of portion) {
        const isFar = set.doneOn > last;
        const owner = this.owners.get(set.sessionId);
        const says = isFar
          ? 'this day lies more than a year ahead'
          : owner === null
            ? 'there is no session with this id'
            : owner !== set.clientId && 'the session is another client’s';
        const at = isFar ? 'doneOn' : owner === null ? 'sessionId' : 'clientId';
        if (says) return [{ path, line, at, says }];
      }
      await this.stageSets(
        portion.map(({ set }) => set),
        seen,
      );
      return [];
    });
    this.wrong.push(...wrong);
    if (wrong.length > 0) return;
    const does = seen.add > 0 ? 'add' : seen.change > 0 ? 'change' : 'leave';
    const says = `${seen.add} new, ${seen.change} changed, ${seen.leave} as they are`;
    this.files.push({ path, does, name: 'Logged sets', says });
  }

  private async stageSets(
    sets: readonly PerformedSet[],
    seen: Record<PlannedFile['does'], number>,
  ): Promise<void> {
    const ids = sets.map((set) => set.id);
    const rows = await this.db
      .selectFrom('performed_sets')
      .selectAll()
      .select(sql<number>`json_valid(rig)`.as('is_sound'))
      .where('id', 'in', ids)
      .execute();
    const here = new Map(
      rows.map(({ is_sound, ...row }) => [row.id, is_sound ? JSON.stringify(setOf(row)) : '']),
    );
    for (const set of sets) {
      const known = here.get(set.id);
      const isSame = known !== undefined && known === JSON.stringify(setOf(rowOf(set)));
      const does = known === undefined ? 'add' : isSame || this.o.keep ? 'leave' : 'change';
      seen[does] += 1;
      if (does === 'leave') continue;
      if (does === 'add' && this.newSessions.has(set.sessionId)) this.staging.addSet(set);
      else this.staging.addLateSet(set);
    }
  }
}
