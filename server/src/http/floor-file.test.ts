import type { Client, Session } from '@drimbo/core/session';
import { schools } from '@drimbo/core/schools';
import request from 'supertest';
import { Links } from '../access/links';
import { setPasscode } from '../access/passcode';
import { SignIns } from '../access/sign-ins';
import { COACH } from '../database/migrations';
import { seedDemo } from '../demo/seed';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { newHouse } from '../testing/folders';

let house: Awaited<ReturnType<typeof newHouse>>;
beforeAll(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(`${today}T12:00:00Z`), 3);
  await setPasscode(house.folder, 'correct horse');
});
afterAll(() => house.drop());

const store = () => makeStore(house.db, () => today);

/** What a phone may hear of: every leaf of the answer by its path, places in lists as `#`, names of catalogue and kit as `*`. */
const allowed = [
  /^(house|at)$/,
  /^session\.(id|revision)$/,
  /^session\.document\.(format|version|title|clientId|kitId|minutes|emphasis|school|kind|spotter|status|date|ramp)$/,
  /^session\.document\.warmup\.#\.(id|movement|sets|reps|seconds|note)$/,
  /^session\.document\.blocks\.#\.(id|kind|betweenS|held)$/,
  /^session\.document\.blocks\.#\.lines\.#\.(id|movement|own|restS|loadKg|loads|squeezeS|cues)$/,
  /^session\.document\.blocks\.#\.lines\.#\.(rig|scheme|reserve|tempo|pins|percentOf|hung)\./,
  /^session\.document\.blocks\.#\.lines\.#\.(cues|loadKg)\.#$/,
  /^session\.document\.done\.(minutes|readiness|note)$/,
  /^session\.document\.done\.swaps\.#\.(line|from|to|why)$/,
  /^session\.document\.changes\.#\./,
  /^client\.(format|version|statureM|massKg|biacromialM|trainingAge|minutes|daysAWeek|kitId|unit|aim|competes|formula)$/,
  /^client\.limits\.#\.limit$/,
  /^client\.tests\.#\.(movement|date|loadKg|reps|reserve|kind|repS|tired|rig\..*)$/,
  /^client\.cues\./,
  /^kit\./,
  /^notebook\.(format|version|hidden\.#|shown\.#|cues\..*)$/,
  /^notebook\.own\.#\.(id|name|movement|aliases\.#|rig\..*|homeReps\..*|cues\..*|pins\..*)$/,
  /^schools\.#\.(id|format|version|name|forNovices|valueScale|mostMovements)$/,
  /^schools\.#\.(bands|mainBand|weekBands|counting|restFloorS|homes|starting)\./,
  /^schools\.#\.schemes\.#$/,
  /^logged\.#\.(movement|date|loadKg|reps|reserve|kind|tired|repS|felt|comfort|broke|unsaid|oneSide|cut|failed|stopped|session|line|index|at|asked\..*|rig\..*)$/,
  /^sets\.#\.(id|clientId|sessionId|lineId|setIndex|kind|movement|doneOn|loadKg|reps|reserve|heldS|side|ended|tired|repS|technique|fault|felt|comfort|note|at|asked|asked\..*|rig\..*)$/,
];
/** Nothing is said there: only that nothing is. */
const empty = [
  /^session\.document\.(note)$/,
  /^session\.document\.blocks\.#\.lines\.#\.note$/,
  /^client\.(name|about|goal|likes|born)$/,
  /^client\.health\./,
  /^client\.limits\.#\.note$/,
  /^notebook\.own\.#\.chooseWhen$/,
  /^schools\.#\.line$/,
];

function leaves(value: unknown, path = ''): [string, unknown][] {
  if (typeof value !== 'object' || value === null) return [[path, value]];
  return Object.entries(value).flatMap(([key, v]) =>
    leaves(v, [path, Array.isArray(value) ? '#' : key].filter(Boolean).join('.')),
  );
}

/** A house in which everything the coach writes for himself says so. */
const SECRET = 'nobody but the coach';
async function withSecrets(): Promise<string> {
  const s = store();
  const { id: _id, ...school } = schools.evidence;
  await s.schools.create('own-school', {
    ...school,
    name: 'House',
    line: SECRET,
    aside: [{ rule: 'no-warm-up', reason: SECRET, on: today }],
  });
  const session = await s.sessions.get('mirelle-push-b');
  const client = await s.clients.get(session.document.clientId);
  const secretive: Client = {
    ...client.document,
    about: SECRET,
    goal: SECRET,
    likes: SECRET,
    born: 1987,
    lagging: ['deltSide'],
    limits: [{ limit: 'wrist', note: SECRET }],
    health: { ...client.document.health, note: SECRET, clearedBy: SECRET },
    aside: [{ rule: 'no-warm-up', reason: SECRET, on: today }],
    deletedTests: client.document.tests.slice(0, 1).map((test) => ({ on: today, test })),
    notes: [{ ...client.document.notes[0]!, text: SECRET }],
  };
  await s.clients.replace(client.id, client.revision, secretive);
  const document: Session = {
    ...session.document,
    school: 'own-school',
    status: 'handed over',
    note: SECRET,
    dismissed: [{ finding: 'no-warm-up', reason: SECRET }],
    blocks: session.document.blocks.map((b) => ({
      ...b,
      lines: b.lines.map((l) => ({ ...l, note: SECRET })),
    })),
  };
  await s.sessions.replace(session.id, session.revision, document);
  const notebook = await s.notebooks.get(COACH);
  await s.notebooks.replace(COACH, notebook.revision, {
    ...notebook.document,
    templates: [{ id: 't', name: SECRET, keptOn: today, session: { note: SECRET } }],
    cues: { ...notebook.document.cues, 'wide-upright-row': [SECRET] },
  });
  return session.id;
}

test('the phone hears what a session needs to be run, leaf by leaf, and nothing the coach wrote for himself', async () => {
  const id = await withSecrets();
  const links = new Links(house.db);
  const { document } = await store().sessions.get(id);
  const { token } = await links.make({
    id: 'link-leaves0123',
    clientId: document.clientId,
    sessionId: id,
    days: 2,
  });
  const app = appOn(house.db, {
    access: { isShared: true, addresses: [], folder: house.folder, links, signIns: new SignIns() },
  });
  const get = (path: string) =>
    request(app).get(path).set('Host', host).set('Cookie', `drimbo-client=${token}`);
  const own = await house.db
    .selectFrom('sessions')
    .select(['id', 'status_rank'])
    .where('client_id', '=', document.clientId)
    .execute();
  for (const session of own) {
    const { status, text, body } = await get(`/api/floor/${session.id}`);
    expect([session.id, status]).toEqual([session.id, session.status_rank === 0 ? 404 : 200]);
    expect(text).not.toContain(SECRET);
    if (status !== 200) continue;
    const told = leaves(body);
    const unknown = told.filter(
      ([path, value]) =>
        !allowed.some((a) => a.test(path)) &&
        !(empty.some((e) => e.test(path)) && ['', null, '-', false].includes(value as never)),
    );
    expect(unknown).toEqual([]);
    expect(told.some(([path]) => path.startsWith('logged'))).toBe(true);
    expect(body.client.lagging).toEqual([]);
  }
  const news = await get(`/api/floor/${id}/news?house=none&at=0&revision=0`);
  expect([news.status, news.text.includes(SECRET)]).toEqual([200, false]);
  expect(Object.keys(news.body).sort()).toEqual(['at', 'house', 'session', 'sets']);
  expect((await get('/api/floor')).text).not.toContain(SECRET);
});

test('sets of this session are no evidence from elsewhere, and news are told only where there are any', async () => {
  const done = await house.db
    .selectFrom('performed_sets')
    .select('session_id')
    .where('client_id', '=', 'mirelle-vandoorn')
    .limit(1)
    .executeTakeFirstOrThrow();
  const get = (path: string) =>
    request(appOn(house.db)).get(`/api/floor/${done.session_id}${path}`).set('Host', host);
  const { body } = await get('');
  const whole = await store().logged('mirelle-vandoorn');
  expect(body.sets.length).toBeGreaterThan(0);
  const of = body.sets[0].doneOn;
  expect(whole.filter((r) => r.date === of).length).toBeGreaterThan(
    body.logged.filter((r: { date: string }) => r.date === of).length,
  );
  const news = await get(`/news?house=${body.house}&at=${body.at}&revision=${body.session.revision}`);
  expect(news.body).toEqual({ house: body.house, at: body.at, sets: null, session: null });
});
