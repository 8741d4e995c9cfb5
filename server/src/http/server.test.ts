import { kinds } from '@drimbo/core/documents';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findEntry } from '@drimbo/core/movements';
import { ownFrom } from '@drimbo/core/movements/teaching';
import { type Session, sessionSchema } from '@drimbo/core/session';
import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import type { Kysely } from 'kysely';
import request from 'supertest';
import { makeApp } from './app';
import { answerJob } from '../appraising/answer';
import { openDatabase } from '../database/open';
import type { Tables } from '../database/tables';
import { seedDemo } from '../demo/seed';
import { demoSessions } from '../demo/sessions';
import { makeStore } from '../store/store';
import { furnish } from '../testing/folders';

let folder: string;
let db: Kysely<Tables>;
let logged: unknown[];
const today = '2026-11-24';
const app = () =>
  makeApp({
    store: makeStore(db, () => today),
    appraising: (job) => Promise.resolve(answerJob(job)),
    webFolder: '/nowhere',
    log: (e) => logged.push(e),
    today: () => today,
  });
const ask = () => request(app());
const host = '127.0.0.1:4310';

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-'));
  db = await openDatabase(folder);
  logged = [];
});
afterEach(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const fill = (): Promise<Session> => furnish(db);

test('the demo fills an empty database once: six clients, twelve weeks of finished sessions and a block each, logged sets', async () => {
  expect(await seedDemo(db, new Date(`${today}T12:00:00Z`))).toBe(true);
  expect(await seedDemo(db)).toBe(false);
  const { body } = await ask().get('/api/clients').set('Host', host);
  expect([body.total, body.rows.length]).toEqual([6, 6]);
  for (const { id } of body.rows as { id: string }[]) {
    const { body: file } = await ask().get(`/api/clients/${id}/file`).set('Host', host);
    const done = file.sessions.filter((s: { status: string }) => s.status === 'finished');
    expect(done.length).toBeGreaterThan(10);
    expect(file.blocks).toHaveLength(1);
  }
  const { count } = await db
    .selectFrom('performed_sets')
    .select((e) => e.fn.countAll<number>().as('count'))
    .executeTakeFirstOrThrow();
  expect(Number(count)).toBeGreaterThan(100);
  const stored = await makeStore(db).sessions.list();
  for (const s of stored) expect(sessionSchema.safeParse(s.document).success).toBe(true);
  const open = stored.filter((s) => s.document.status !== 'finished');
  expect(open).toHaveLength(demoSessions.length);
});

test('a write names the revision it is based on; a stale one gets 409 with the current document and changes nothing', async () => {
  const document = await fill();
  const first = await ask()
    .put('/api/sessions/s1')
    .set('Host', host)
    .send({ revision: 1, document: { ...document, title: 'Mine' } });
  expect([first.status, first.body.revision]).toEqual([200, 2]);
  const stale = await ask()
    .put('/api/sessions/s1')
    .set('Host', host)
    .send({ revision: 1, document: { ...document, title: 'Theirs' } });
  expect(stale.status).toBe(409);
  expect(stale.body.error.code).toBe('stale');
  expect([stale.body.current.revision, stale.body.current.document.title]).toEqual([2, 'Mine']);
  expect((await ask().get('/api/sessions/s1').set('Host', host)).body.document.title).toBe('Mine');
});

test('making the same document twice does no harm; another one cannot take its id', async () => {
  const document = await fill();
  const make = (title: string) =>
    ask()
      .post('/api/sessions')
      .set('Host', host)
      .send({ id: 's1', document: { ...document, title } });
  const again = await make(document.title);
  expect([again.status, again.body.revision, again.body.document.title]).toEqual([201, 1, document.title]);
  const other = await make('Again');
  expect([other.status, other.body.error.code, other.body.current.document.title]).toEqual([
    409,
    'taken',
    document.title,
  ]);
});

test.each([
  ['an impossible day', { date: '2026-99-99' }, 'document.date'],
  ['a day before anybody', { date: '1911-01-01' }, 'document.date'],
  ['a day more than a year ahead', { date: '2028-01-01' }, 'document.date'],
])('%s is refused with its path and changes nothing', async (_, patch, path) => {
  const document = await fill();
  const answer = await ask()
    .put('/api/sessions/s1')
    .set('Host', host)
    .send({ revision: 1, document: { ...document, ...patch } });
  expect([answer.status, answer.body.error.path]).toEqual([400, path]);
  expect((await ask().get('/api/sessions/s1').set('Host', host)).body.revision).toBe(1);
});

test('a row that is no document any more is told with its text, and takes nothing else down', async () => {
  await fill();
  const spoil = (id: string, document: string) =>
    db.insertInto('kits').values({ id, revision: 3, document, updated_at: '2026-01-01' }).execute();
  await spoil('torn', '{"format":"drimbo.ki');
  await spoil('odd', JSON.stringify({ ...sampleKit, rack: 'two' }));
  const list = await ask().get('/api/kits').set('Host', host);
  expect(list.body.map((k: { id: string }) => k.id)).toEqual(['hall']);
  const one = await ask().get('/api/kits/odd').set('Host', host);
  expect([one.status, one.body.error.code]).toEqual([422, 'unreadable-document']);
  expect(JSON.parse(one.body.current.text)).toMatchObject({ rack: 'two' });
  const { body: lost } = await ask().get('/api/unreadable').set('Host', host);
  expect(lost.map((u: { id: string; kind: string }) => [u.kind, u.id]).sort()).toEqual([
    ['kit', 'odd'],
    ['kit', 'torn'],
  ]);
});

test('documents of older versions in the table are read as the newest', async () => {
  await fill();
  const old = {
    ...sampleClient,
    version: 1,
    health: { askFirst: true, reason: 'a heart', clearedBy: '', askedOn: 'in spring' },
  };
  await db
    .insertInto('clients')
    .values({ id: 'old', revision: 1, document: JSON.stringify(old), updated_at: '2026-01-01' })
    .execute();
  const { body } = await ask().get('/api/clients/old').set('Host', host);
  expect([body.document.version, body.document.health.askedOn, body.document.health.answers]).toEqual([
    kinds.client.version,
    '',
    { other: true },
  ]);
});

test.each([
  [
    'a wrong field',
    (d: Session) => ({ revision: 1, document: { ...d, minutes: 'long' } }),
    'document.minutes',
  ],
  [
    'an unknown movement',
    (d: Session) => ({
      revision: 1,
      document: {
        ...d,
        blocks: [{ ...d.blocks[0]!, lines: [{ ...d.blocks[0]!.lines[0]!, movement: 'x' }] }],
      },
    }),
    'document.blocks.0.lines.0.movement',
  ],
  ['no revision', (d: Session) => ({ document: d }), 'revision'],
])('%s is refused with its path and changes nothing', async (_, body, path) => {
  const document = await fill();
  const answer = await ask().put('/api/sessions/s1').set('Host', host).send(body(document));
  expect(answer.status).toBe(400);
  expect(answer.body.error).toMatchObject({ code: 'invalid', path });
  expect((await ask().get('/api/sessions/s1').set('Host', host)).body.revision).toBe(1);
});

test('unreadable, oversized and unknown requests get a sentence and no stack', async () => {
  await fill();
  const broken = await ask()
    .put('/api/sessions/s1')
    .set('Host', host)
    .set('content-type', 'application/json')
    .send('{"a":');
  expect([broken.status, broken.body.error.code]).toEqual([400, 'unreadable']);
  const big = await ask()
    .post('/api/sessions')
    .set('Host', host)
    .send({ id: 'big', document: 'x'.repeat(1_200_000) });
  expect([big.status, big.body.error.code]).toEqual([413, 'too-large']);
  const nowhere = await ask().get('/api/nothing').set('Host', host);
  expect([nowhere.status, nowhere.body.error.code]).toEqual([404, 'not-found']);
  for (const answer of [broken, big, nowhere]) expect(answer.text).not.toMatch(/\n\s+at |node_modules|\.ts/);
});

test('a failure inside is logged and told without its cause', async () => {
  await fill();
  await db.schema.dropTable('kits').execute();
  const answer = await ask().get('/api/kits').set('Host', host);
  expect([answer.status, answer.body.error.code]).toEqual([500, 'internal']);
  expect(answer.text).not.toMatch(/no such table/);
  expect(logged).toHaveLength(1);
});

test('only this machine by name, only writes from our own pages', async () => {
  await fill();
  expect((await ask().get('/api/health').set('Host', 'evil.example')).status).toBe(421);
  const foreign = await ask()
    .delete('/api/sessions/s1?revision=1')
    .set('Host', host)
    .set('Origin', 'http://evil.example');
  expect([foreign.status, foreign.body.error.code]).toEqual([403, 'origin']);
  expect(
    (await ask().delete('/api/sessions/s1?revision=1').set('Host', host).set('Origin', `http://${host}`))
      .status,
  ).toBe(204);
});

test('a strict content policy, nothing inline', async () => {
  const { headers } = await ask().get('/api/health').set('Host', host);
  const policy = headers['content-security-policy']!;
  expect(policy).toMatch(/script-src 'self' 'wasm-unsafe-eval'/);
  expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
  expect(policy).not.toMatch(/upgrade-insecure-requests/);
});

test.each(['localhost.', 'LOCALHOST:4310', 'Localhost.:80', '[::1]:4310', '127.0.0.1'])(
  '%s is this machine',
  async (name) => {
    expect((await ask().get('/api/health').set('Host', name)).status).toBe(200);
  },
);

test('the API is kept by nobody, and reads UTF-8 alone', async () => {
  await fill();
  expect((await ask().get('/api/kits').set('Host', host)).headers['cache-control']).toBe('no-store');
  const latin = await ask()
    .post('/api/kits')
    .set('Host', host)
    .set('content-type', 'application/json; charset=utf-16')
    .send(Buffer.from('{}', 'utf16le'));
  expect([latin.status, latin.body.error.code]).toEqual([415, 'charset']);
});

test('opening twice keeps what is there', async () => {
  await fill();
  await db.destroy();
  db = await openDatabase(folder);
  expect((await makeStore(db).sessions.get('s1')).document.title).toBe(soundPush.title);
});

test('a session for a client nobody has is refused in a sentence, and nothing is kept', async () => {
  const answer = await ask()
    .post('/api/sessions')
    .set('Host', host)
    .send({ id: 's9', document: { ...soundPush, clientId: 'nobody' } });
  expect(answer.status).toBe(400);
  expect(answer.body.error).toMatchObject({ path: 'document.clientId' });
  expect((await ask().get('/api/sessions/s9').set('Host', host)).status).toBe(404);
  expect(logged).toEqual([]);
});

test('there is one notebook, empty at first; it is kept by revision, and what is wrong in it is named', async () => {
  const { body: empty } = await ask().get('/api/notebooks/coach').set('Host', host);
  expect(empty.document).toMatchObject({ format: 'drimbo.notebook', own: [], hidden: [] });
  const own = ownFrom(findEntry('incline-dumbbell-press')!, { benchDeg: 15 }, 'own-low');
  const put = (document: unknown, revision = 1) =>
    ask().put('/api/notebooks/coach').set('Host', host).send({ revision, document });
  const kept = await put({ ...empty.document, own: [own] });
  expect(kept.status).toBe(200);
  expect(kept.body.revision).toBe(2);
  const stale = await put({ ...empty.document, hidden: ['pullover'] });
  expect(stale.status).toBe(409);
  expect(stale.body.current.document.own).toHaveLength(1);
  const wrong = await put({ ...empty.document, own: [{ ...own, movement: 'no-such' }] }, 2);
  expect(wrong.status).toBe(400);
  expect(wrong.body.error.path).toBe('document.own.0.movement');
});
