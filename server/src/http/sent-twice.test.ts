import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import { emptyNotebook } from '@drimbo/core/movements';
import { nothingSaid } from '@drimbo/core/log';
import { schools } from '@drimbo/core/schools';
import { sql } from 'kysely';
import request from 'supertest';
import { seedDemo } from '../demo/seed';
import { copiesIn } from '../database/copies';
import { Links } from '../access/links';
import { setPasscode } from '../access/passcode';
import { SignIns } from '../access/sign-ins';
import { makeStore } from '../store/store';
import { appOn, host, today, workOn } from '../testing/app';
import { newHouse } from '../testing/folders';
import { everyRoute } from '../testing/routes';

let house: Awaited<ReturnType<typeof newHouse>>;
let app: ReturnType<typeof appOn>;

const SESSION = 'mirelle-push-b';
const line = soundPush.blocks[0]!.lines[0]!;

beforeAll(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(`${today}T12:00:00Z`), 2);
  await setPasscode(house.folder, 'correct horse');
  const store = makeStore(house.db, () => today);
  for (const kind of ['sessions', 'kits', 'schools', 'blocks', 'clients'] as const)
    await deleted(store, kind);
  app = appOn(house.db, {
    work: workOn(house),
    access: {
      isShared: false,
      addresses: [],
      folder: house.folder,
      links: new Links(house.db),
      signIns: new SignIns(),
    },
  });
});
afterAll(() => house.drop());

/** One of a kind that is there, and then deleted, to be brought back. */
async function deleted(
  store: ReturnType<typeof makeStore>,
  kind: 'sessions' | 'kits' | 'schools' | 'blocks' | 'clients',
) {
  const { id: _id, ...school } = schools.evidence;
  const [block] = await store.blocks.list();
  const made = {
    sessions: () =>
      store.sessions.create('gone', { ...soundPush, clientId: 'mirelle-vandoorn', kitId: 'boathouse' }),
    kits: () => store.kits.create('gone', sampleKit),
    schools: () => store.schools.create('gone', school),
    blocks: () => store.blocks.create('gone', block!.document),
    clients: () => store.clients.create('gone', { ...sampleClient, kitId: 'boathouse' }),
  };
  await made[kind]();
  await store[kind].remove('gone', 1, true);
}

const { id: _id, ...school } = schools.evidence;
const set = {
  ...nothingSaid,
  id: 'set-sent-twice',
  clientId: 'mirelle-vandoorn',
  sessionId: SESSION,
  lineId: 'l1',
  setIndex: 0,
  kind: 'set',
  movement: line.movement,
  rig: line.rig,
  doneOn: today,
  loadKg: 80,
  reps: 8,
  reserve: null,
  heldS: null,
  tired: 0,
  repS: null,
};
const done = { minutes: 60, readiness: null, swaps: [], note: '' };
const session = { ...soundPush, clientId: 'mirelle-vandoorn', kitId: 'boathouse' };

interface Sent {
  /** What stands for `:id` in the address. */
  id?: string;
  body?: object;
  /** A file in place of a body. */
  file?: () => Promise<Buffer>;
  query?: string;
  /** Refused both times, and alike. */
  refused?: number;
}

const exported = async (): Promise<Buffer> => {
  const answer = await request(app)
    .get('/api/data/export')
    .set('Host', host)
    .buffer(true)
    .parse((response, over) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => over(null, Buffer.concat(parts)));
    });
  return answer.body as Buffer;
};

/** What each POST of the product is sent with. A new route without an entry fails its test. */
const sent: Record<string, Sent[]> = {
  '/api/clients': [{ body: { id: 'twice', document: { ...sampleClient, kitId: 'boathouse' } } }],
  '/api/kits': [{ body: { id: 'twice', document: sampleKit } }],
  '/api/schools': [{ body: { id: 'twice', document: school } }],
  '/api/notebooks': [{ body: { id: 'twice', document: emptyNotebook }, refused: 409 }],
  '/api/sessions': [{ body: { id: 'twice', document: session } }],
  '/api/blocks': [{ body: {}, refused: 400 }],
  '/api/clients/:id/bring-back': [{ id: 'gone', body: {} }],
  '/api/kits/:id/bring-back': [{ id: 'gone', body: {} }],
  '/api/schools/:id/bring-back': [{ id: 'gone', body: {} }],
  '/api/notebooks/:id/bring-back': [{ id: 'coach', body: {}, refused: 409 }],
  '/api/sessions/:id/bring-back': [{ id: 'gone', body: {} }],
  '/api/blocks/:id/bring-back': [{ id: 'gone', body: {} }],
  '/api/clients/:id/erase': [{ id: 'twice', body: { name: sampleClient.name } }],
  '/api/sessions/:id/finish': [{ id: SESSION, body: { date: today, done } }],
  '/api/sets': [
    { body: { sets: [set] } },
    { body: { sets: [{ ...set, id: 'set-again', reps: 7 }], removes: [set.id] } },
  ],
  '/api/floor/:id/sets': [{ id: SESSION, body: { sets: [{ ...set, id: 'set-by-phone', setIndex: 1 }] } }],
  '/api/floor/:id/changes': [
    {
      id: SESSION,
      body: { change: { is: 'left out', id: 'change-1', line: 'l1', sets: [2], why: 'no time' } },
    },
  ],
  '/api/floor/:id/finish': [{ id: SESSION, body: { date: today, done: { ...done, minutes: 61 } } }],
  '/api/access/links': [{ body: { id: 'link-senttwice0123', sessionId: SESSION, days: 3 } }],
  '/api/access/sign-in': [{ body: { passcode: 'correct horse' } }],
  '/api/access/sign-out': [{ body: {} }],
  '/api/appraise': [{ body: { session } }],
  '/api/data/look-through': [{ body: {} }],
  '/api/data/backups': [{ body: {} }],
  '/api/data/restore': [{ body: { copy: 'none' }, refused: 404 }],
  '/api/data/preview': [{ file: exported }],
  '/api/data/import': [{ file: exported }],
};

/** Everything the house holds, whatever the table, but for how often its counts went up. */
async function all(): Promise<string> {
  const { rows } = await sql<{ name: string }>`
    select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name`.execute(
    house.db,
  );
  const tables: unknown[] = [];
  for (const { name } of rows)
    tables.push([name, (await sql`select * from ${sql.table(name)}`.execute(house.db)).rows]);
  return JSON.stringify([tables, copiesIn(house.folder).length]);
}

const posts = everyRoute().filter((r) => r.method === 'post');

/** Known as the same by their key alone; all others by what they say. */
const needsKey = /links|erase|backups|import|restore/;

test('every POST is sent twice', () => {
  expect([...new Set(posts.map((r) => r.path))].sort()).toEqual(Object.keys(sent).sort());
});

// Erasing and putting back come last: what they take away the others need.
const inTurn = [...posts].sort((a, b) => Number(/erase/.test(a.path)) - Number(/erase/.test(b.path)));

test.each(inTurn.map((r) => r.path))(
  '%s, sent twice, is answered twice alike and done once',
  async (path) => {
    for (const [n, { id = '', body, file, refused }] of sent[path]!.entries()) {
      const bytes = await file?.();
      const send = (isKeyed = true) => {
        const asked = request(app).post(path.replace(':id', id)).set('Host', host);
        if (isKeyed)
          void asked.set('Idempotency-Key', `key-${path.replace(/[^a-z]+/g, '-')}-${n}-0123456789`);
        return bytes ? asked.set('Content-Type', 'application/octet-stream').send(bytes) : asked.send(body);
      };
      const first = await send();
      if (refused === undefined)
        expect([path, first.status, first.body.error]).toEqual([path, expect.any(Number), undefined]);
      else expect([path, first.status]).toEqual([path, refused]);
      const before = await all();
      const second = await send();
      expect([second.status, second.body]).toEqual([first.status, first.body]);
      expect(await all()).toBe(before);
      if (needsKey.test(path)) continue;
      // A phone whose key was forgotten by a restart: the ids in the request say what it is.
      const third = await send(false);
      expect([third.status, third.body]).toEqual([first.status, first.body]);
      expect(await all()).toBe(before);
    }
  },
);

test('a key that was another request’s is refused, and two at the same moment are one', async () => {
  const post = (body: object, key: string) =>
    request(app).post('/api/access/links').set('Host', host).set('Idempotency-Key', key).send(body);
  const wish = { sessionId: SESSION, days: 7 };
  const key = 'key-of-two-at-once-0123456789';
  const [a, b] = await Promise.all([post(wish, key), post(wish, key)]);
  expect([a.status, b.status, b.body]).toEqual([201, 201, a.body]);
  const other = await post({ ...wish, days: 30 }, key);
  expect([other.status, other.body.error.code]).toEqual([422, 'other-request']);
});

test('made again after somebody changed it, a document is given back as it is now', async () => {
  const store = makeStore(house.db, () => today);
  const first = await store.sessions.create('made-again', session);
  await store.sessions.replace('made-again', first.revision, { ...session, title: 'Changed since' });
  const again = await store.sessions.create('made-again', session);
  expect([again.revision, again.document.title]).toEqual([2, 'Changed since']);
});
