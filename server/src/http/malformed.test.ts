import fc from 'fast-check';
import request from 'supertest';
import { seedDemo } from '../demo/seed';
import { appOn, host } from '../testing/app';
import { newHouse } from '../testing/folders';

const kinds = [
  'clients',
  'sessions',
  'kits',
  'notebooks',
  'sets',
  'appraise',
  'find',
  'unreadable',
  'nothing',
];
const ids = [
  '',
  'corvin-haldt',
  'mirelle-push-a',
  'boathouse',
  'coach',
  'names',
  '..',
  '%00',
  'x'.repeat(300),
  'ä',
];
const tails = ['', 'file', 'bring-back', 'erase', 'more'];
const path = fc
  .tuple(fc.constantFrom(...kinds), fc.constantFrom(...ids), fc.constantFrom(...tails))
  .map((parts) => `/api/${parts.filter((part) => part !== '').join('/')}`);
const query = fc.dictionary(
  fc.constantFrom('page', 'size', 'search', 'sort', 'revision', 'along', 'client', 'text', 'odd'),
  fc.oneof(fc.string(), fc.integer().map(String), fc.constantFrom('true', 'state', '-1', '1e9', 'NaN')),
  { maxKeys: 3 },
);
const body = fc.oneof(
  fc.json(),
  fc.string(),
  fc
    .jsonValue()
    .map((value) =>
      JSON.stringify({ id: 'made-up', revision: 1, document: value, session: value, sets: value }),
    ),
  fc.constantFrom(
    '',
    '{',
    '[',
    'null',
    '{"__proto__":{"a":1}}',
    `"${'a'.repeat(100_000)}"`,
    '['.repeat(5_000),
  ),
);
const kind = fc.constantFrom(
  'application/json',
  'text/plain',
  'application/json; charset=utf-16',
  'multipart/form-data',
  '',
);

test('no request makes the server fail, and none that is refused changes anything', async () => {
  const { db, drop } = await newHouse();
  await seedDemo(db, new Date(), 1);
  const app = appOn(db);
  const everything = async (): Promise<string> => {
    const tables = await Promise.all(
      (['clients', 'kits', 'sessions', 'notebooks', 'performed_sets'] as const).map((table) =>
        db.selectFrom(table).selectAll().orderBy('id').execute(),
      ),
    );
    return JSON.stringify(tables);
  };
  let before = await everything();
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom('get', 'post', 'put', 'delete', 'patch', 'head') as fc.Arbitrary<
        'get' | 'post' | 'put' | 'delete' | 'patch' | 'head'
      >,
      path,
      query,
      body,
      kind,
      async (method, address, asked, sent, type) => {
        let call = request(app)[method](address).query(asked).set('Host', host);
        if (type !== '') call = call.set('Content-Type', type);
        const answer = method === 'get' || method === 'head' ? await call : await call.send(sent);
        expect(answer.status).toBeLessThan(500);
        if (answer.status < 400) before = await everything();
        else expect(await everything()).toBe(before);
      },
    ),
    { numRuns: Number(process.env.DRIMBO_RUNS ?? 120) },
  );
  await drop();
});
