import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'libsql';

export const pause = (ms) => new Promise((done) => setTimeout(done, ms));
export const chance = (longestMs) => pause(Math.random() * longestMs);
export const databaseIn = (folder) => join(folder, 'drimbo.sqlite');

/** The built program on a folder. `address` comes when it listens, null when it ended before. */
export function run(folder, ...args) {
  const child = spawn(process.execPath, ['server/dist/main.js', ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, DRIMBO_DATA: folder, DRIMBO_PORT: '0', DRIMBO_HOST: '' },
  });
  let said = '';
  const ended = new Promise((done) => child.on('exit', (code) => done(code)));
  const address = new Promise((done) => {
    child.stdout.on('data', (text) => {
      said += text;
      const found = /http:\/\/\S+/.exec(said);
      if (found) done(found[0]);
    });
    child.stderr.on('data', (text) => (said += text));
    child.on('exit', () => done(null));
  });
  const kill = async () => {
    child.kill('SIGKILL');
    await ended;
  };
  return { address, ended, kill, said: () => said };
}

/** A server that is there; throws when it is not. */
export async function opened(folder, ...args) {
  const server = run(folder, ...args);
  const address = await server.address;
  if (address === null) throw new Error(`it did not start again: ${server.said()}`);
  return { server, address };
}

export async function inFolder(work) {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-crash-'));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** How many rows of each kind a file shows, after a look at every page; "none" where there is no file. */
export function countsIn(file) {
  if (!existsSync(file)) return 'none';
  const db = new Database(file);
  try {
    const [{ integrity_check: sound }] = db.prepare('pragma integrity_check').all();
    if (sound !== 'ok') throw new Error(`${file} is damaged: ${sound}`);
    const seen = 'select count(*) as n from';
    return [
      ...['clients', 'kits', 'sessions'].map((table) => `${seen} ${table} where deleted_at is null`),
      `${seen} performed_sets where session_id in (select id from sessions where deleted_at is null)`,
    ]
      .map((text) => db.prepare(text).get().n)
      .join(' ');
  } finally {
    db.close();
  }
}
