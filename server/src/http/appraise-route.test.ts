import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import { emptyNotebook, findEntry } from '@drimbo/core/movements';
import { ownFrom } from '@drimbo/core/movements/teaching';
import type { Kysely } from 'kysely';
import request from 'supertest';
import type { Tables } from '../database/tables';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { furnish, newHouse } from '../testing/folders';

let db: Kysely<Tables>;
let drop: () => Promise<void>;
const post = (body: object) => request(appOn(db)).post('/api/appraise').set('Host', host).send(body);

beforeEach(async () => {
  ({ db, drop } = await newHouse());
});
afterEach(() => drop());

describe('POST /api/appraise', () => {
  test('appraises with an inline client and kit, nothing stored', async () => {
    const { status, body } = await post({ session: soundPush, client: sampleClient, kit: sampleKit, today });
    expect(status).toBe(200);
    expect(body.totals.workingSets).toBe(23);
    expect(body.lines[1].load).toMatch(/kg$/);
    expect(body.dose.groups.chest.fractional).toBeGreaterThan(5);
  });

  test('uses the stored client and kit that the session names', async () => {
    const document = await furnish(db);
    const stored = await post({ session: document, today });
    const inline = await post({ session: document, client: sampleClient, kit: sampleKit, today });
    expect(stored.body).toEqual(inline.body);
  });

  test('says what is missing', async () => {
    const { status, body } = await post({ session: soundPush });
    expect([status, body.error.path]).toEqual([404, 'client']);
    const wrong = await post({ session: { ...soundPush, version: 99 } });
    expect([wrong.status, wrong.body.error.path]).toEqual([400, 'session.version']);
  });
});

test('the front door knows the own movements of the stored notebook, or those sent along', async () => {
  const session = await furnish(db);
  const own = { ...ownFrom(findEntry('incline-dumbbell-press')!, {}, 'own-low'), name: 'Low and slow' };
  const first = session.blocks[0]!.lines[0]!;
  const mine = {
    ...session,
    blocks: [{ ...session.blocks[0]!, lines: [{ ...first, own: 'own-low' }] }],
  };
  const named = async (extra: object): Promise<string> =>
    (await post({ session: mine, ...extra })).body.lines[0].name as string;
  expect(await named({})).toBe('Incline dumbbell press');
  expect(await named({ notebook: { ...emptyNotebook, own: [own] } })).toBe('Low and slow');
  const store = makeStore(db);
  await store.notebooks.replace('coach', 1, { ...emptyNotebook, own: [own] });
  expect(await named({})).toBe('Low and slow');
});
