import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  cellsOfSet,
  type House,
  HOUSE_FILE,
  jsonSchemas,
  pathOf,
  sessionTextPath,
  setsHeader,
  setsPath,
} from '@drimbo/core/formats';
import { documentKinds, type DocumentKind } from '@drimbo/core/documents';
import { emptyNotebook } from '@drimbo/core/movements';
import type { Session } from '@drimbo/core/session';
import { writeSession } from '@drimbo/core/shorthand';
import { sql, type Kysely } from 'kysely';
import papaparse from 'papaparse';
import { ZipFile } from 'yazl';
import { asOfOneMoment } from '../database/driver';
import { neededRef, pointing, usersOf } from '../database/refs';
import type { Tables } from '../database/tables';
import { EVERY, tornOf } from '../queries/logged';
import { opened } from '../queries/sets';
import { makeStore, type Store } from '../store/store';
import { onDisk } from '../database/files';
import type { Tell } from './telling';
import { readMe } from './read-me';

type Make = () => Promise<string>;
type Counts = House['counts'];

/** Puts files into a zip one after the other; each is made only when its turn comes. */
class Archive {
  private readonly zip = new ZipFile();
  private added = 0;
  private done = 0;

  /** Files are made as soon as they are added; what goes wrong with one is told at the end. */
  private readonly failed: Promise<never>;

  constructor(
    private readonly written: Date,
    private readonly tell: Tell,
  ) {
    this.failed = new Promise<never>((_, refuse) => this.zip.on('error', refuse));
    this.failed.catch(() => undefined);
  }

  add(path: string, make: Make): void {
    this.added += 1;
    this.zip.addReadStreamLazy(path, { mtime: this.written }, (ready) => {
      this.done += 1;
      this.tell(this.done / this.added);
      make().then(
        (text) => ready(null, Readable.from([Buffer.from(text, 'utf8')])),
        (error: unknown) => ready(error, Readable.from([])),
      );
    });
  }

  async into(file: string): Promise<void> {
    this.zip.end();
    const out = createWriteStream(file, { mode: 0o600 });
    await Promise.race([pipeline(this.zip.outputStream, out), this.failed]);
    onDisk(file);
  }
}

const pretty = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;

async function idsOf(db: Kysely<Tables>, kind: DocumentKind): Promise<string[]> {
  const rows = await db
    .selectFrom(`${kind}s` as const)
    .select('id')
    .where('deleted_at', 'is', null)
    .orderBy('id')
    .execute();
  return rows.map((row) => row.id);
}

/** The ids of what is exported: the whole house, or one client with theirs and what those cannot do without. */
async function chosen(db: Kysely<Tables>, client: string | null): Promise<Record<DocumentKind, string[]>> {
  const ids = {} as Record<DocumentKind, string[]>;
  for (const kind of documentKinds) ids[kind] = client === null ? await idsOf(db, kind) : [];
  if (client === null) return ids;
  const needed = new Set<string>();
  for (const kind of documentKinds) {
    const rows =
      kind === 'client' ? await pointing(db, kind, client) : await usersOf(db, kind, 'client', client);
    ids[kind] = rows.map(({ id }) => id).sort();
    for (const { refs } of rows) for (const ref of refs.split(' ').filter(Boolean)) needed.add(ref);
  }
  for (const kind of documentKinds)
    ids[kind].push(
      ...(await idsOf(db, kind)).filter((id) => needed.has(neededRef(kind, id)) && !ids[kind].includes(id)),
    );
  return ids;
}

/** Adds the documents of a kind; one that cannot be read goes along as it lies there. */
function addDocuments(archive: Archive, store: Store, kind: DocumentKind, ids: readonly string[]): void {
  const documents = store[`${kind}s` as const];
  for (const id of ids)
    archive.add(pathOf(kind, id), async () => {
      const [row] = await documents.opened([id]);
      return row && 'document' in row ? pretty(row.document) : ((row as { text?: string })?.text ?? '');
    });
}

async function addTexts(archive: Archive, store: Store, ids: readonly string[]): Promise<void> {
  const notebook = (await store.notebook()) ?? emptyNotebook;
  for (const id of ids)
    archive.add(sessionTextPath(id), async () => {
      const [row] = await store.sessions.opened([id]);
      if (!row || !('document' in row)) return '';
      const session: Session = row.document;
      const client = await store.clients.opened([session.clientId]);
      const unit = client[0] && 'document' in client[0] ? client[0].document.unit : 'kg';
      return `${writeSession(session, { unit, notebook })}\n`;
    });
}

/** A client's logged sets of sessions that are exported. */
const setsOf = (db: Kysely<Tables>, client: string) =>
  db
    .selectFrom('performed_sets')
    .selectAll()
    .where('client_id', '=', client)
    .where('session_id', 'in', (e) =>
      e.selectFrom('sessions').select('id').where('client_id', '=', client).where('deleted_at', 'is', null),
    )
    .orderBy('done_on')
    .orderBy('session_id')
    .orderBy('set_index')
    .orderBy('id')
    .execute();

/**
 * The logged sets of sessions that are exported, one table a client (RFC 4180, a header, UTF-8). Those that cannot be
 * read lie beside it as they are.
 */
async function addSets(archive: Archive, db: Kysely<Tables>, clients: readonly string[]): Promise<void> {
  for (const client of clients) {
    archive.add(setsPath(client), async () => {
      const { sets } = opened(await setsOf(db, client));
      return papaparse.unparse([[...setsHeader], ...sets.map(cellsOfSet)]) + '\r\n';
    });
    const torn = await tornOf(db, client, EVERY);
    if (torn.length > 0)
      archive.add(`unreadable/sets-${client}.json`, () =>
        Promise.resolve(pretty(torn.map((row) => row.text))),
      );
  }
}

async function countSets(db: Kysely<Tables>, client: string | null): Promise<number> {
  const { rows } = await sql<{ n: number }>`
    select count(*) as n from performed_sets as p join sessions as s on s.id = p.session_id
    where s.deleted_at is null and ${client === null ? sql`true` : sql`p.client_id = ${client}`}`.execute(db);
  return Number(rows[0]!.n);
}

/**
 * Writes everything, or one client, as open formats into one zip: documents as JSON with their schemas, sessions
 * also as text, logged sets as tables. As of one moment, also while a server writes. Returns what went in.
 */
export async function writeHouse(
  db: Kysely<Tables>,
  file: string,
  {
    client = null,
    now = new Date(),
    tell = () => undefined,
  }: { client?: string | null; now?: Date; tell?: Tell } = {},
): Promise<Counts> {
  return asOfOneMoment(db, async (one) => {
    const store = makeStore(one);
    if (client !== null) await store.clients.get(client);
    const ids = await chosen(one, client);
    const counts: Counts = {
      clients: ids.client.length,
      kits: ids.kit.length,
      schools: ids.school.length,
      sessions: ids.session.length,
      blocks: ids.block.length,
      notebooks: ids.notebook.length,
      sets: await countSets(one, client),
    };
    const house: House = { format: 'drimbo.house', version: 1, written: now.toISOString(), client, counts };
    const archive = new Archive(now, tell);
    archive.add(HOUSE_FILE, () => Promise.resolve(pretty(house)));
    archive.add('README.txt', () => Promise.resolve(readMe(house)));
    for (const [name, schema] of Object.entries(jsonSchemas()))
      archive.add(`schemas/${name}`, () => Promise.resolve(pretty(schema)));
    for (const kind of documentKinds) addDocuments(archive, store, kind, ids[kind]);
    await addTexts(archive, store, ids.session);
    await addSets(archive, one, ids.client);
    await archive.into(file);
    return counts;
  });
}
