import { strFromU8, unzipSync } from 'fflate';
import request from 'supertest';
import { seedDemo } from '../demo/seed';
import { appOn, host, today, workOn } from '../testing/app';
import { newHouse } from '../testing/folders';

let house: Awaited<ReturnType<typeof newHouse>>;
let set: { id: string; client_id: string; session_id: string };
beforeAll(async () => {
  house = await newHouse();
  const { db } = house;
  await seedDemo(db, new Date(`${today}T12:00:00Z`), 2);
  set = await db
    .selectFrom('performed_sets')
    .select(['id', 'client_id', 'session_id'])
    .where('client_id', '=', 'mirelle-vandoorn')
    .orderBy('done_on', 'desc')
    .executeTakeFirstOrThrow();
  await db.updateTable('performed_sets').set({ rig: '{"benchDeg":' }).where('id', '=', set.id).execute();
  await db.updateTable('notebooks').set({ document: 'torn', revision: 7 }).execute();
  await db
    .updateTable('kits')
    .set({ document: '{', revision: 7, deleted_at: today })
    .where('id', '=', 'basement')
    .execute();
});
afterAll(() => house.drop());

const get = (path: string) =>
  request(appOn(house.db, { work: workOn(house) }))
    .get(`/api/${path}`)
    .set('Host', host);

test('the client’s page goes on without a torn set and names it', async () => {
  const { status, body } = await get('clients/mirelle-vandoorn/file');
  expect(status).toBe(200);
  expect(body.torn).toMatchObject([{ kind: 'set', id: set.id }]);
  const before = await house.db
    .selectFrom('performed_sets')
    .select((e) => e.fn.countAll<number>().as('n'))
    .where('client_id', '=', 'mirelle-vandoorn')
    .executeTakeFirstOrThrow();
  expect(body.logged).toHaveLength(Math.min(400, Number(before.n)) - 1);
});

test('so do the list of sets, the floor, what the log asks and what is deleted', async () => {
  const sets = await get(`sets?session=${set.session_id}`);
  expect([sets.status, sets.body.map((s: { id: string }) => s.id)]).toEqual([
    200,
    expect.not.arrayContaining([set.id]),
  ]);
  const floor = await get(`floor/${set.session_id}`);
  expect([floor.status, floor.body.torn, floor.body.notebook]).toEqual([200, 1, null]);
  expect((await get('clients/mirelle-vandoorn/from-log')).status).toBe(200);
  expect((await get('data/deleted')).status).toBe(200);
});

test('a session is appraised without the torn notebook', async () => {
  const { document } = (await get('sessions/mirelle-push-a')).body;
  const { status } = await request(appOn(house.db))
    .post('/api/appraise')
    .set('Host', host)
    .send({ session: document });
  expect(status).toBe(200);
});

test('an export has everything else, and what is torn beside it as it lies there; looking through names it', async () => {
  const file = await get('data/export')
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    });
  const files = unzipSync(file.body as Buffer);
  expect(strFromU8(files['sets/mirelle-vandoorn.csv']!)).not.toContain(`${set.id},`);
  expect(strFromU8(files['unreadable/sets-mirelle-vandoorn.json']!)).toContain(set.id);
  expect(strFromU8(files['notebooks/coach.json']!)).toBe('torn');
  const app = appOn(house.db, { work: workOn(house) });
  const { body } = await request(app).post('/api/data/look-through').set('Host', host).send({});
  expect(body.map((row: { kind: string }) => row.kind).sort()).toEqual(['notebook', 'set']);
});
