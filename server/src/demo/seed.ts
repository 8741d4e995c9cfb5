import { appraiseAtOnce, type Context } from '@drimbo/core';
import { schools } from '@drimbo/core/schools/schools';
import { repSeconds } from '@drimbo/core/session/effort';
import type { Block, Session, WarmupItem } from '@drimbo/core/session/document';
import { emptySession, singleBlock } from '@drimbo/core/session/starting';
import { lineFromTyped, readTypedLine } from '@drimbo/core/shorthand/typed-line';
import { evidenceOf } from '@drimbo/core/log/performed-set';
import type { LiftRecord } from '@drimbo/core/strength/evidence';
import type { Kysely } from 'kysely';
import type { PerformedSetRow, Tables } from '../database/tables';
import { setOf } from '../sets';
import { makeStore } from '../store';
import { demoClients } from './clients';
import { demoKits } from './kits';
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

/** What somebody would have done of this session: the planned loads, a rep more or less here and there. */
function performed(typed: TypedSession, id: string, session: Session, context: Context): PerformedSetRow[] {
  const rows: PerformedSetRow[] = [];
  appraiseAtOnce(session, context).lines.forEach((m, at) => {
    let sequence = 0;
    for (const set of m.sets) {
      const loadKg = set.kg ?? typed.found?.[at] ?? null;
      if (loadKg === null) continue;
      const wobble = (at + sequence) % 3 === 2 ? -1 : 0;
      const reps = Math.max(
        1,
        (set.expectedReps ?? Math.round((set.target.reps.lo + set.target.reps.hi) / 2)) + wobble,
      );
      rows.push({
        id: `${id}-${at + 1}-${sequence + 1}`,
        client_id: session.clientId,
        session_id: id,
        line_id: m.id,
        set_index: sequence,
        movement: m.movement.id,
        rig: JSON.stringify(m.rig),
        done_on: session.date!,
        load_kg: loadKg,
        reps,
        reserve: Math.min(5, Math.round(set.target.reserve)),
        tired: Number(Math.min(0.6, set.loss).toFixed(3)),
        rep_s: repSeconds(m.line.tempo),
      });
      sequence += 1;
    }
  });
  return rows;
}

/**
 * Fills an empty database with the Boathouse: kits, clients, sessions, logged sets; all of it or nothing.
 * False when it is not empty.
 */
export const seedDemo = (db: Kysely<Tables>, now = new Date()): Promise<boolean> =>
  db.transaction().execute((whole) => fill(whole, now));

async function fill(db: Kysely<Tables>, now: Date): Promise<boolean> {
  const store = makeStore(db, () => now.toISOString().slice(0, 10));
  if ((await store.kits.list()).length > 0) return false;
  const before = (days: number): string =>
    new Date(now.getTime() - days * 86_400_000).toISOString().slice(0, 10);
  const clients = demoClients(before);
  for (const [id, kit] of Object.entries(demoKits)) await store.kits.create(id, store.kits.schema.parse(kit));
  for (const [id, client] of Object.entries(clients))
    await store.clients.create(id, store.clients.schema.parse(client));

  const logs = new Map<string, LiftRecord[]>();
  const byAge = [...demoSessions].sort((a, b) => (b.days ?? 0) - (a.days ?? 0));
  for (const typed of byAge) {
    const client = clients[typed.client]!;
    const document = store.sessions.schema.parse({
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
      date: typed.days === undefined ? null : before(typed.days),
      warmup: warmupOf(typed),
      blocks: blocksOf(typed),
    });
    await store.sessions.create(typed.id, document);
    if (typed.status !== 'finished') continue;
    const logged = logs.get(typed.client) ?? [];
    const rows = performed(typed, typed.id, document, {
      client,
      kit: demoKits[client.kitId]!,
      logged,
      todayIso: document.date!,
    });
    if (rows.length > 0) await db.insertInto('performed_sets').values(rows).execute();
    logs.set(typed.client, [...logged, ...rows.flatMap((row) => evidenceOf(setOf(row)) ?? [])]);
  }
  return true;
}
