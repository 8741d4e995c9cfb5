import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { HOUSE_FILE, pathOf, sessionTextPath, setsPath, type House } from '@drimbo/core/formats/house';
import { newestSchemas } from '@drimbo/core/formats/opening';
import { jsonSchemas } from '@drimbo/core/formats/schemas';
import { cellsOfSet, setsHeader } from '@drimbo/core/formats/sets-table';
import type { DocumentKind } from '@drimbo/core/formats/steps';
import type { Session } from '@drimbo/core/session/document';
import { writeSession } from '@drimbo/core/shorthand/session-text';
import { sql, type Kysely } from 'kysely';
import papaparse from 'papaparse';
import { ZipFile } from 'yazl';
import { COACH } from '../database/migrations';
import type { Tables } from '../database/tables';
import { setOf } from '../sets';
import { makeStore, type Store } from '../store';
import { readMe } from './read-me';

type Make = () => Promise<string>;
type Counts = House['counts'];

/** Puts files into a zip one after the other; each is made only when its turn comes. */
class Archive {
  private readonly zip = new ZipFile();
  constructor(private readonly written: Date) {}

  add(path: string, make: Make): void {
    this.zip.addReadStreamLazy(path, { mtime: this.written }, (ready) => {
      make().then(
        (text) => ready(null, Readable.from([Buffer.from(text, 'utf8')])),
        (error: unknown) => ready(error, Readable.from([])),
      );
    });
  }

  async into(file: string): Promise<void> {
    const failed = new Promise<never>((_, refuse) => this.zip.on('error', refuse));
    this.zip.end();
    const out = createWriteStream(file, { mode: 0o600 });
    await Promise.race([pipeline(this.zip.outputStream, out), failed]);
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

/** The ids of what is exported: the whole house, or one client with the gyms that the sessions name. */
async function chosen(db: Kysely<Tables>, client: string | null): Promise<Record<DocumentKind, string[]>> {
  if (client === null)
    return {
      client: await idsOf(db, 'client'),
      kit: await idsOf(db, 'kit'),
      session: await idsOf(db, 'session'),
      notebook: await idsOf(db, 'notebook'),
      school: await idsOf(db, 'school'),
      block: await idsOf(db, 'block'),
    };
  const sessions = await db
    .selectFrom('sessions')
    .select(['id', 'kit_id', 'document'])
    .where('client_id', '=', client)
    .where('deleted_at', 'is', null)
    .orderBy('id')
    .execute();
  const blocks = await db
    .selectFrom('blocks')
    .select(['id', 'document'])
    .where('client_id', '=', client)
    .where('deleted_at', 'is', null)
    .orderBy('id')
    .execute();
  const own = await db.selectFrom('clients').select('kit_id').where('id', '=', client).executeTakeFirst();
  const named = new Set([own?.kit_id, ...sessions.map((s) => s.kit_id)]);
  const judging = new Set([...sessions, ...blocks].map((d) => /"school":"([^"]+)"/.exec(d.document)?.[1]));
  return {
    client: [client],
    kit: (await idsOf(db, 'kit')).filter((id) => named.has(id)),
    session: sessions.map((s) => s.id),
    notebook: [],
    school: (await idsOf(db, 'school')).filter((id) => judging.has(id)),
    block: blocks.map((b) => b.id),
  };
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
  const { document: notebook } = await store.notebooks.get(COACH);
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

/** The logged sets of sessions that are exported, one table a client (RFC 4180, a header, UTF-8). */
function addSets(archive: Archive, db: Kysely<Tables>, clients: readonly string[]): void {
  for (const client of clients)
    archive.add(setsPath(client), async () => {
      const rows = await db
        .selectFrom('performed_sets')
        .selectAll()
        .where('client_id', '=', client)
        .where('session_id', 'in', (e) =>
          e
            .selectFrom('sessions')
            .select('id')
            .where('client_id', '=', client)
            .where('deleted_at', 'is', null),
        )
        .orderBy('done_on')
        .orderBy('session_id')
        .orderBy('set_index')
        .orderBy('id')
        .execute();
      return papaparse.unparse([[...setsHeader], ...rows.map((row) => cellsOfSet(setOf(row)))]) + '\r\n';
    });
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
  { client = null, now = new Date() }: { client?: string | null; now?: Date } = {},
): Promise<Counts> {
  return db.connection().execute(async (one) => {
    await sql`begin`.execute(one);
    try {
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
      const archive = new Archive(now);
      archive.add(HOUSE_FILE, () => Promise.resolve(pretty(house)));
      archive.add('README.txt', () => Promise.resolve(readMe(house)));
      for (const [name, schema] of Object.entries(jsonSchemas()))
        archive.add(`schemas/${name}`, () => Promise.resolve(pretty(schema)));
      for (const kind of Object.keys(newestSchemas) as DocumentKind[])
        addDocuments(archive, store, kind, ids[kind]);
      await addTexts(archive, store, ids.session);
      addSets(archive, one, ids.client);
      await archive.into(file);
      return counts;
    } finally {
      await sql`rollback`.execute(one);
    }
  });
}
