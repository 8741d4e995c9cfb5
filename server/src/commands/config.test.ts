import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readConfig } from './config';
import { openDatabase } from '../database/open';

test('an empty setting means its default', () => {
  expect(readConfig({ DRIMBO_PORT: '', DRIMBO_HOST: ' ', DRIMBO_DATA: '' }, '/')).toEqual(
    readConfig({}, '/'),
  );
});

test('settings that cannot be are told in a sentence', () => {
  expect(() => readConfig({ DRIMBO_PORT: 'many' }, '/')).toThrow(/whole number/);
  expect(() => readConfig({ DRIMBO_HOST: '0.0.0.0' }, '/')).toThrow(/this machine only/);
});

test('a data folder that is a file is told in a sentence', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-config-'));
  const file = join(folder, 'a-file');
  writeFileSync(file, 'not a folder');
  await expect(openDatabase(file)).rejects.toThrow(/cannot be written/);
  rmSync(folder, { recursive: true, force: true });
});
