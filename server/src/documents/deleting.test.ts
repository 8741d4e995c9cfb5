import type { Session } from '@drimbo/core/session';
import type { Kysely } from 'kysely';
import request from 'supertest';
import type { Tables } from '../database/tables';
import { seedDemo } from '../demo/seed';
import { forgetDeleted } from '../house/erase';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { furnish, newHouse } from '../testing/folders';

let db: Kysely<Tables>;
let drop: () => Promise<void>;
const ask = () => request(appOn(db));

beforeEach(async () => {
  ({ db, drop } = await newHouse());
});
afterEach(() => drop());

const fill = (): Promise<Session> => furnish(db);

describe('DELETE', () => {
  const remove = (path: string, body: object = {}) =>
    ask().delete(`/api/${path}`).set('Host', host).send(body);
  const status = async (path: string): Promise<number> =>
    (await ask().get(`/api/${path}`).set('Host', host)).status;

  test('names the revision; a stale or missing one changes nothing', async () => {
    await fill();
    expect((await remove('sessions/s1')).body.error.path).toBe('revision');
    const stale = await remove('sessions/s1', { revision: 7 });
    expect([stale.status, stale.body.error.code, stale.body.current.revision]).toEqual([409, 'stale', 1]);
    expect(await status('sessions/s1')).toBe(200);
    expect((await remove('sessions/s1', { revision: 1 })).status).toBe(204);
    expect(await status('sessions/s1')).toBe(404);
    expect((await ask().get('/api/sessions').set('Host', host)).body).toMatchObject({ total: 0, rows: [] });
  });

  test('says what needs a gym or a client, and takes sessions along only when told to', async () => {
    await fill();
    const gym = await remove('kits/hall', { revision: 1, along: true });
    expect([gym.status, gym.body.error.code, gym.body.current]).toEqual([
      409,
      'in-use',
      [
        { kind: 'client', id: 'c' },
        { kind: 'session', id: 's1' },
      ],
    ]);
    const client = await remove('clients/c', { revision: 1 });
    expect([client.status, client.body.error.message]).toEqual([409, expect.stringMatching(/session “s1”/)]);
    expect((await remove('clients/c?revision=1&along=true')).status).toBe(204);
    expect([await status('clients/c'), await status('sessions/s1')]).toEqual([404, 404]);
    expect((await remove('kits/hall', { revision: 1 })).status).toBe(204);
  });

  test('brings a client back with the sessions that went along, and no session without its client', async () => {
    const document = await fill();
    const store = makeStore(db, () => today);
    await store.sessions.create('s2', document);
    await remove('sessions/s2', { revision: 1 });
    await new Promise((done) => setTimeout(done, 5));
    await remove('clients/c', { revision: 1, along: true });
    const back = (path: string) => ask().post(`/api/${path}/bring-back`).set('Host', host).send({});
    const alone = await back('sessions/s1');
    expect([alone.status, alone.body.error.path]).toEqual([400, 'document.clientId']);
    expect((await back('clients/c')).status).toBe(200);
    expect([await status('sessions/s1'), await status('sessions/s2')]).toEqual([200, 404]);
  });

  test('of a session takes its logged sets out of what counts', async () => {
    await seedDemo(db, new Date(`${today}T12:00:00Z`), 2);
    const store = makeStore(db, () => today);
    const before = await store.logged('mirelle-vandoorn');
    const sets = await db
      .selectFrom('performed_sets')
      .select('session_id')
      .where('client_id', '=', 'mirelle-vandoorn')
      .execute();
    const [{ session_id: id }] = sets as [{ session_id: string }];
    expect((await remove(`sessions/${id}`, { revision: 1 })).status).toBe(204);
    const its = sets.filter((s) => s.session_id === id).length;
    expect(its).toBeGreaterThan(0);
    expect(await store.logged('mirelle-vandoorn')).toHaveLength(before.length - its);
  });

  test('is a mark for thirty days: the document comes back as it was, then it is gone', async () => {
    const document = await fill();
    await remove('sessions/s1', { revision: 1 });
    const taken = await ask().post('/api/sessions').set('Host', host).send({ id: 's1', document });
    expect([taken.status, taken.body.error.code]).toEqual([409, 'deleted']);
    const back = await ask().post('/api/sessions/s1/bring-back').set('Host', host).send({});
    expect([back.status, back.body.document]).toEqual([200, document]);
    await remove('sessions/s1', { revision: 2 });
    const days = (n: number): Date => new Date(Date.now() + n * 86_400_000);
    await forgetDeleted(db, days(29));
    expect((await ask().post('/api/sessions/s1/bring-back').set('Host', host).send({})).status).toBe(200);
    await remove('sessions/s1', { revision: 3 });
    await forgetDeleted(db, days(31));
    expect((await ask().post('/api/sessions/s1/bring-back').set('Host', host).send({})).status).toBe(404);
  });
});
