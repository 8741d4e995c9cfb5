import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { databaseFile } from '../database/files';
import { markRunning, putAside, takeFolder } from '../database/running';

let folder: string;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-running-'));
  writeFileSync(databaseFile(folder), 'all the work');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a folder is one server’s at a time; a second is told where the first is, and may when it has ended', () => {
  const free = takeFolder(folder, 'started');
  expect(() => takeFolder(folder, 'reset')).toThrow(/starting or working on the data .* nothing was reset/);
  const unmark = markRunning(folder, 'http://127.0.0.1:4310/');
  expect(() => takeFolder(folder, 'started')).toThrow(
    `running at http://127.0.0.1:4310/ on the data in ${folder}, so nothing was started`,
  );
  unmark();
  free();
  takeFolder(folder, 'started')();
});

test('a mark left by a kill, or a torn one, hinders nobody', () => {
  markRunning(folder, 'http://127.0.0.1:4310/');
  takeFolder(folder, 'started')();
  expect(existsSync(join(folder, 'running.json'))).toBe(false);
  writeFileSync(join(folder, 'running.json'), 'torn');
  takeFolder(folder, 'started')();
});

test('what was there is kept under a dated name', () => {
  const aside = putAside(folder)!;
  expect(existsSync(databaseFile(folder))).toBe(false);
  expect(readFileSync(aside, 'utf8')).toBe('all the work');
  expect(readdirSync(folder)).toHaveLength(1);
  expect(putAside(folder)).toBe(null);
});
