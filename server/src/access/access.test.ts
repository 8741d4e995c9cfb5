import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { createServer as createPlain } from 'node:http';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import type { Express } from 'express';
import selfsigned from 'selfsigned';
import request from 'supertest';
import { seedDemo } from '../demo/seed';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { newHouse } from '../testing/folders';
import { everyRoute } from '../testing/routes';
import { Links } from './links';
import { isPasscode, setPasscode } from './passcode';
import { SIGNED_IN_MS, SignIns } from './sign-ins';

let house: Awaited<ReturnType<typeof newHouse>>;
let now = Date.parse(`${today}T12:00:00Z`);
let signIns: SignIns;
let app: Express;

const own = 'mirelle-push-a';
const others = 'bram-chest-copy';

beforeAll(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(now), 2);
  await setPasscode(house.folder, 'correct horse');
  const { sessions } = makeStore(house.db, () => today);
  const { revision, document } = await sessions.get(own);
  await sessions.replace(own, revision, { ...document, status: 'handed over' });
});
afterAll(() => house.drop());
beforeEach(async () => {
  now = Date.parse(`${today}T12:00:00Z`);
  signIns = new SignIns(() => now);
  app = appOn(house.db, {
    access: {
      isShared: true,
      addresses: ['192.0.2.7'],
      folder: house.folder,
      links: new Links(house.db, () => new Date(now)),
      signIns,
    },
  });
});

const at = (method: 'get' | 'post' | 'put' | 'delete', path: string, cookie = '') => {
  const asked = request(app)[method](path).set('Host', host);
  return cookie === '' ? asked : asked.set('Cookie', cookie);
};
const cookieIn = (answer: request.Response): string =>
  (answer.get('Set-Cookie') ?? []).map((c) => c.split(';')[0]).join('; ');

/** A coach who signed in with the passcode. */
async function signedIn(passcode = 'correct horse'): Promise<string> {
  const answer = await at('post', '/api/access/sign-in').send({ passcode });
  expect(answer.status).toBe(200);
  return cookieIn(answer);
}
/** One who did so before. */
const coach = (): string => `drimbo-coach=${signIns.add()}`;

async function clientOf(sessionId: string, days = 7): Promise<{ cookie: string; id: string; path: string }> {
  const made = await at('post', '/api/access/links', coach()).send({ sessionId, days });
  expect(made.status).toBe(201);
  const joined = await at('get', made.body.path);
  expect([joined.status, joined.headers.location]).toEqual([303, `/floor/${sessionId}`]);
  return { cookie: cookieIn(joined), id: made.body.link.id, path: made.body.path };
}

/** A certificate of this moment for this machine. */
function ownCertificate(): { cert: string; key: string } {
  const { cert, private: key } = selfsigned.generate([{ name: 'commonName', value: 'localhost' }], {
    days: 1,
  });
  return { cert, key };
}

const isFloor = (path: string): boolean => path === '/api/floor' || path.startsWith('/api/floor/');
const open = ['get /api/health', 'get /api/access', 'post /api/access/sign-in', 'post /api/access/sign-out'];

test('the routes are found where they are written', () => {
  const all = everyRoute().map((r) => `${r.method} ${r.path}`);
  expect(all.length).toBeGreaterThan(50);
  expect(all).toEqual(
    expect.arrayContaining([...open, 'get /api/floor/:id', 'put /api/clients/:id', 'post /api/sets']),
  );
});

test.each(everyRoute().map((r) => [`${r.method} ${r.path}`, r] as const))(
  '%s',
  async (name, { method, path }) => {
    if (open.includes(name)) return expect((await at(method, path).send({})).status).not.toBe(403);
    const nobody = await at(method, path.replace(':id', own)).send({});
    expect([nobody.status, nobody.body.error.code]).toEqual([401, 'sign-in']);
    const { cookie } = await clientOf(own);
    if (isFloor(path)) {
      if (path === '/api/floor') return;
      // A session of somebody else is as good as none, whatever is asked of it.
      const asked = path
        .replace(':id', others)
        .replace(':set', 'set-1')
        .concat(path.endsWith('news') ? '?house=&at=0&revision=0' : '');
      const answer = await at(method, asked, cookie).send({});
      expect([answer.status, answer.body.error.code]).toEqual([404, 'not-found']);
      expect(JSON.stringify(answer.body)).not.toMatch(/Bram/);
      return;
    }
    const answer = await at(method, path.replace(':id', own), cookie).send({});
    expect([answer.status, answer.body.error.code]).toEqual([403, 'not-yours']);
  },
);

test('a link that was taken back or is over leads nowhere, and so does one nobody made', async () => {
  const taken = await clientOf(own);
  expect((await at('delete', `/api/access/links/${taken.id}`, coach())).status).toBe(204);
  expect((await at('get', `/api/floor/${own}`, taken.cookie)).status).toBe(401);
  expect((await at('get', taken.path)).headers.location).toBe('/link-over');
  const week = await clientOf(own, 7);
  now += 7 * 86_400_000 + 1;
  expect((await at('get', `/api/floor/${own}`, week.cookie)).status).toBe(401);
  expect((await at('get', week.path)).headers.location).toBe('/link-over');
  expect((await at('get', '/join/nobody-made-this')).headers.location).toBe('/link-over');
});

test('what is kept of a link does not open it', async () => {
  const { cookie } = await clientOf(own);
  const rows = await house.db.selectFrom('client_links').select('hash').execute();
  for (const { hash } of rows) expect(cookie).not.toContain(hash);
  for (const { hash } of rows.slice(-2))
    expect((await at('get', `/api/floor/${own}`, `drimbo-client=${hash}`)).status).toBe(401);
});

test('a coach is signed in for half a day, until signing out, and until the passcode changes', async () => {
  const first = await signedIn();
  expect((await at('get', '/api/clients', first)).status).toBe(200);
  await at('post', '/api/access/sign-out', first);
  expect((await at('get', '/api/clients', first)).status).toBe(401);
  const second = coach();
  now += SIGNED_IN_MS - 1;
  expect((await at('get', '/api/clients', second)).status).toBe(200);
  now += 2;
  expect((await at('get', '/api/clients', second)).status).toBe(401);
  const third = coach();
  const put = (body: object) => at('put', '/api/access/passcode', third).send(body);
  expect((await put({ passcode: 'battery staple' })).status).toBe(403);
  expect((await put({ passcode: 'short', now: 'correct horse' })).status).toBe(400);
  const changed = await put({ passcode: 'battery staple', now: 'correct horse' });
  expect(changed.status).toBe(204);
  expect((await at('get', '/api/clients', third)).status).toBe(401);
  expect((await at('get', '/api/clients', cookieIn(changed))).status).toBe(200);
  await setPasscode(house.folder, 'correct horse');
});

test('the cookies are not for scripts and not for other sites', async () => {
  const answer = await at('post', '/api/access/sign-in').send({ passcode: 'correct horse' });
  expect(answer.get('Set-Cookie')![0]).toMatch(
    /^drimbo-coach=[\w-]{43}; Max-Age=43200; Path=\/; .*HttpOnly; SameSite=Strict/,
  );
});

test('wrong passcodes are slowed down after five; a right one after that waits too', async () => {
  const tries = [];
  for (let i = 0; i < 6; i += 1)
    tries.push((await at('post', '/api/access/sign-in').send({ passcode: `guess ${i}` })).status);
  expect(tries).toEqual([401, 401, 401, 401, 401, 429]);
  const late = await at('post', '/api/access/sign-in').send({ passcode: 'correct horse' });
  expect([late.status, Number(late.headers['retry-after']) > 800]).toEqual([429, true]);
});

/** Asks as somebody whose connection comes from an address. */
async function from(address: string, work: (url: string) => Promise<void>): Promise<void> {
  const server = createPlain((incoming, outgoing) => {
    Object.defineProperty(incoming.socket, 'remoteAddress', { value: address, configurable: true });
    app(incoming, outgoing);
  }).listen(0, '127.0.0.1');
  await once(server, 'listening');
  try {
    await work(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  } finally {
    server.close();
    server.closeAllConnections();
  }
}

test('what others on the network guess never locks out the coach at the machine itself', async () => {
  const guess = (url: string, passcode: string) =>
    request(url).post('/api/access/sign-in').send({ passcode });
  let last = 0;
  for (let i = 0; i < 12; i += 1)
    await from(`192.0.2.${100 + i}`, async (url) => {
      for (let n = 0; n < 5; n += 1) last = (await request(url).post('/api/access/sign-in').send({})).status;
    });
  // All together they are slowed down by now, each of them new or not.
  expect(last).toBe(429);
  await from('192.0.2.200', async (url) => expect((await guess(url, 'correct horse')).status).toBe(429));
  await from('127.0.0.1', async (url) => expect((await guess(url, 'correct horse')).status).toBe(200));
}, 60_000);

test('links nobody made are slowed down, with when to try again; one that leads somewhere is none of them', async () => {
  const { path } = await clientOf(own);
  const open = (name: string) => at('get', name);
  for (let i = 0; i < 30; i += 1)
    expect((await open(`/join/guess-${i}`)).headers.location).toBe('/link-over');
  const late = await open('/join/guess-31');
  expect([late.status, Number(late.headers['retry-after']) > 0]).toEqual([429, true]);
  expect((await open(path)).status).toBe(429);
});

test('a link that leads somewhere may be opened as often as one likes', async () => {
  const { path } = await clientOf(own);
  for (let i = 0; i < 40; i += 1) expect((await at('get', path)).headers.location).toBe(`/floor/${own}`);
});

test('the addresses of this machine serve, others do not, and writes come from the same address', async () => {
  const named = (name: string) => request(app).get('/api/health').set('Host', name);
  expect((await named('192.0.2.7:4310')).status).toBe(200);
  expect((await named('192.0.2.8:4310')).status).toBe(421);
  expect((await named('evil.example')).status).toBe(421);
  const write = (origin: string) =>
    request(app).post('/api/access/sign-out').set('Host', '192.0.2.7:4310').set('Origin', origin).send({});
  expect((await write('http://192.0.2.7:4310')).status).toBe(204);
  expect((await write('http://evil.example')).status).toBe(403);
});

test('a passcode is known by what is kept of it, and only that one', async () => {
  expect(await isPasscode(house.folder, 'correct horse')).toBe(true);
  expect(await isPasscode(house.folder, 'correct horse ')).toBe(false);
  expect(readFileSync(join(house.folder, 'passcode.json'), 'utf8')).not.toContain('correct horse');
  await expect(setPasscode(house.folder, 'short')).rejects.toThrow('at least 8');
  expect(await isPasscode(house.folder, 'correct horse')).toBe(true);
});

test('by HTTPS a cookie never travels without it, and writes come from the same scheme', async () => {
  const { cert, key } = ownCertificate();
  const server = createServer({ cert, key }, app).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const signIn = (origin: string) =>
    request(`https://127.0.0.1:${port}`)
      .post('/api/access/sign-in')
      .trustLocalhost()
      .set('Origin', origin)
      .send({ passcode: 'correct horse' });
  try {
    const answer = await signIn(`https://127.0.0.1:${port}`);
    expect([answer.status, answer.get('Set-Cookie')![0]]).toEqual([200, expect.stringContaining('; Secure')]);
    expect((await signIn(`http://127.0.0.1:${port}`)).status).toBe(403);
    const told = (name: string) =>
      request(`https://127.0.0.1:${port}`).get('/api/health').trustLocalhost().set('Host', name);
    expect((await told('192.0.2.7')).headers['strict-transport-security']).toMatch(/^max-age=\d{8}/);
    expect((await told('127.0.0.1')).headers['strict-transport-security']).toBeUndefined();
  } finally {
    server.close();
    server.closeAllConnections();
  }
});
