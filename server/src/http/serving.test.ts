import { mkdirSync, mkdtempSync, rmSync, unlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import type { Kysely } from 'kysely';
import request from 'supertest';
import { makeApp } from './app';
import { openDatabase } from '../database/open';
import type { Tables } from '../database/tables';
import { makeStore } from '../store/store';

let folder: string;
let web: string;
let db: Kysely<Tables>;
let ask: (path: string, encoding?: string) => request.Test;

const page = '<!doctype html><title>Drimbo</title>';
const script = 'export const bench = 1;\n'.repeat(100);

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-serving-'));
  web = join(folder, 'web');
  mkdirSync(join(web, 'assets'), { recursive: true });
  writeFileSync(join(web, 'index.html'), page);
  writeFileSync(join(web, 'assets', 'app-1.js'), script);
  writeFileSync(join(web, 'assets', 'app-1.js.gz'), gzipSync(script));
  writeFileSync(join(web, 'assets', 'app-1.js.br'), brotliCompressSync(script));
  writeFileSync(join(folder, 'secret.txt'), 'not for anybody');
  db = await openDatabase(join(folder, 'data'));
  const app = makeApp({
    store: makeStore(db),
    appraising: () => Promise.reject(new Error('not asked here')),
    webFolder: web,
    log: () => undefined,
    today: () => '2026-11-24',
  });
  ask = (path, encoding = 'identity') =>
    request(app).get(path).set('Host', 'localhost').set('Accept-Encoding', encoding);
});
afterAll(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

test.each([
  ['br, gzip', 'br'],
  ['gzip', 'gzip'],
  ['identity', undefined],
])('to %p an asset goes as %p, the same text, kept for good', async (accepted, encoding) => {
  const answer = await ask('/assets/app-1.js', accepted);
  expect(answer.status).toBe(200);
  expect(answer.headers['content-encoding']).toBe(encoding);
  expect(answer.headers['content-type']).toMatch(/javascript/);
  expect(answer.headers['cache-control']).toBe('public, max-age=31536000, immutable');
  expect(answer.headers.vary).toMatch(/Accept-Encoding/i);
  if (encoding !== 'br') expect(answer.text ?? answer.body.toString()).toBe(script);
});

test.each(['/', '/clients', '/sessions/some-id/sheet'])(
  '%s is the page, asked for anew each time',
  async (path) => {
    const { status, text, headers } = await ask(path);
    expect([status, text]).toEqual([200, page]);
    expect(headers['cache-control']).toBe('no-cache');
  },
);

test.each(['/assets/gone.js', '/favicon.ico', '/assets/app-2.css'])(
  '%s is not there and says so',
  async (path) => {
    const { status, body } = await ask(path);
    expect([status, body.error.code]).toEqual([404, 'not-found']);
  },
);

test.each(['/../secret.txt', '/%2e%2e/secret.txt', '/assets/%2e%2e/%2e%2e/secret.txt', '/..%2fsecret.txt'])(
  '%s leads nowhere outside the folder',
  async (path) => {
    expect((await ask(path)).text).not.toContain('not for anybody');
  },
);

test('an asset that a new build took away is 404, and one it brought is there, without a new start', async () => {
  const old = join(web, 'assets', 'old.js');
  writeFileSync(old, 'old');
  expect((await ask('/assets/old.js')).status).toBe(200);
  unlinkSync(old);
  expect((await ask('/assets/old.js')).status).toBe(404);
  writeFileSync(join(web, 'assets', 'new.js'), 'new');
  expect((await ask('/assets/new.js')).status).toBe(200);
});
