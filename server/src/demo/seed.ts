import { blockKind, clientKind, kitKind, sessionKind } from '@drimbo/core/documents';
import { schools } from '@drimbo/core/schools';
import { type Block, emptySession, type Session, singleBlock, type WarmupItem } from '@drimbo/core/session';
import { lineFromTyped, readTypedLine } from '@drimbo/core/shorthand';
import type { Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { makeStore } from '../store/store';
import { demoBlocks } from './blocks';
import { demoClients } from './clients';
import { demoKits } from './kits';
import { lived } from './living';
import { demoSessions, type TypedSession } from './sessions';

function blocksOf(typed: TypedSession): Block[] {
  const blocks: Block[] = [];
  typed.lines.forEach((text, i) => {
    const line = lineFromTyped(
      readTypedLine(text.replace(/^\+/, ''), 'kg'),
      schools[typed.school],
      `${typed.id}-${i + 1}`,
    );
    if (!line) throw new Error(`The demo line "${text}" names no movement.`);
    line.note = typed.notes?.[i] ?? '';
    const last = blocks[blocks.length - 1];
    if (text.startsWith('+') && last) {
      last.lines.push(line);
      last.kind = last.lines.length === 2 ? 'superset' : 'giant';
    } else blocks.push(singleBlock(`${typed.id}-b${i + 1}`, line));
  });
  return blocks;
}

function warmupOf(typed: TypedSession): WarmupItem[] {
  return typed.warmup.map(([movement, sets, { reps, seconds }], i) => ({
    id: `${typed.id}-w${i + 1}`,
    movement,
    sets,
    reps: reps ?? null,
    seconds: seconds ?? null,
    note: '',
  }));
}

/**
 * Fills an empty database with the Boathouse: kits, clients, sessions, logged sets; all of it or nothing.
 * False when it is not empty. `weeksBehind`: how long the log is; twelve weeks when left out.
 */
export const seedDemo = (db: Kysely<Tables>, now = new Date(), weeksBehind?: number): Promise<boolean> =>
  db.transaction().execute((whole) => fill(whole, now, weeksBehind));

async function fill(db: Kysely<Tables>, now: Date, weeksBehind?: number): Promise<boolean> {
  const store = makeStore(db, () => now.toISOString().slice(0, 10));
  if ((await store.kits.list()).length > 0) return false;
  const before = (days: number): string =>
    new Date(now.getTime() - days * 86_400_000).toISOString().slice(0, 10);
  const clients = demoClients(before);
  for (const [id, kit] of Object.entries(demoKits)) await store.kits.create(id, kitKind.any.parse(kit));
  for (const [id, client] of Object.entries(clients))
    await store.clients.create(id, clientKind.any.parse(client));

  const sessions = new Map<string, Session>();
  for (const typed of demoSessions) {
    const client = clients[typed.client]!;
    const document = sessionKind.any.parse({
      ...emptySession({
        title: typed.title,
        clientId: typed.client,
        kitId: client.kitId,
        minutes: typed.minutes,
        emphasis: typed.emphasis,
        school: typed.school,
      }),
      spotter: typed.spotter ?? false,
      status: typed.status,
      warmup: warmupOf(typed),
      blocks: blocksOf(typed),
    });
    sessions.set(typed.id, document);
    await store.sessions.create(typed.id, document);
  }
  const today = before(0);
  for (const told of demoBlocks(today, weeksBehind)) {
    const client = clients[told.block.clientId]!;
    const { block, done, sets } = lived(told, { client, kits: demoKits, sessions, today });
    for (const [id, session] of done) await store.sessions.create(id, sessionKind.any.parse(session));
    for (let at = 0; at < sets.length; at += PORTION)
      await db
        .insertInto('performed_sets')
        .values(sets.slice(at, at + PORTION))
        .execute();
    await store.blocks.create(told.id, blockKind.any.parse(block));
  }
  return true;
}

const PORTION = 400;
