import { createServer, type Server } from 'node:http';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { databaseFile } from './database/open';
import { markRunning, putAside, serverOf } from './running';

let folder: string;
let server: Server;
let address: string;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-running-'));
  writeFileSync(databaseFile(folder), 'all the work');
  server = createServer((_request, response) => response.end('{"ok":true,"instance":"mine"}'));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  address = `http://127.0.0.1:${(server.address() as { port: number }).port}/`;
});
afterEach(() => {
  server.close();
  rmSync(folder, { recursive: true, force: true });
});

test('beside a running server nothing is reset', async () => {
  const unmark = markRunning(folder, address, 'mine');
  await expect(putAside(folder)).rejects.toThrow(/running at .* nothing was reset/);
  expect(readFileSync(databaseFile(folder), 'utf8')).toBe('all the work');
  unmark();
  expect(await serverOf(folder)).toBe(null);
});

test('what was there is kept under a dated name', async () => {
  const aside = (await putAside(folder))!;
  expect(existsSync(databaseFile(folder))).toBe(false);
  expect(readFileSync(aside, 'utf8')).toBe('all the work');
  expect(readdirSync(folder)).toHaveLength(1);
  expect(await putAside(folder)).toBe(null);
});

test('a mark left by a kill, or another server at the address, hinders nobody', async () => {
  markRunning(folder, address, 'of another');
  expect(await serverOf(folder)).toBe(null);
  markRunning(folder, address, 'mine');
  await new Promise((done) => server.close(done));
  expect(await serverOf(folder)).toBe(null);
  writeFileSync(join(folder, 'running.json'), 'torn');
  expect(await serverOf(folder)).toBe(null);
});
