import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildIfStale, give } from './ground.mjs';

// Kills the built server without warning, at chance moments, while it begins and while it is written to; what
// it had acknowledged must be there afterwards, and all of what it begins or nothing.
// npm run crash -- 500   does so many rounds.

const rounds = Number(process.argv[2] ?? 50);
if (!Number.isInteger(rounds) || rounds < 2) give('Say how many rounds, two at least: npm run crash -- 500');
if (!buildIfStale()) give('The build failed; the lines above say where.');

const kit = JSON.parse(readFileSync('core/src/formats/fixtures/kit-1.json', 'utf8'));
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/** A server on a folder. `address` comes when it listens, null when it ended before. */
function start(folder, ...args) {
  const child = spawn(process.execPath, ['server/dist/main.js', ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, DRIMBO_DATA: folder, DRIMBO_PORT: '0', DRIMBO_HOST: '' },
  });
  let said = '';
  const ended = new Promise((done) => child.on('exit', done));
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
  return { address, kill, said: () => said };
}

const get = async (address, path) => (await fetch(`${address}api/${path}`)).json();
const send = (address, method, path, body) =>
  fetch(`${address}api/${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

const countsOf = async (address) => {
  const [clients, kits, sessions, lost] = await Promise.all(
    ['clients', 'kits', 'sessions', 'unreadable'].map((path) => get(address, path)),
  );
  return [clients.length, kits.length, sessions.length, lost.length].join(' ');
};

async function opened(folder, ...args) {
  const server = start(folder, ...args);
  const address = await server.address;
  if (address === null) throw new Error(`it did not start again: ${server.said()}`);
  return { server, address };
}

/** A first start with its demo, killed somewhere; the next one must be whole. */
async function firstStart(folder, whole, longestMs) {
  const server = start(folder, '--demo');
  await pause(Math.random() * longestMs);
  await server.kill();
  const again = await opened(folder, '--demo');
  const found = await countsOf(again.address);
  await again.server.kill();
  if (found !== whole) throw new Error(`after the next start there are ${found}, not ${whole}`);
}

/** Writers at work when the server is killed; every write it acknowledged must be there. */
async function writing(folder, { server, address }, round) {
  const acknowledged = new Map();
  let over = false;
  const writer = async (name) => {
    const id = `w-${round}-${name}`;
    let revision = 0;
    for (let turn = 1; !over; turn++) {
      const document = { ...kit, name: `Turn ${turn}` };
      try {
        const answer = await (revision === 0
          ? send(address, 'POST', 'kits', { id, document })
          : send(address, 'PUT', `kits/${id}`, { revision, document }));
        if (answer.status >= 300) throw new Error(`a write was answered ${answer.status}`);
        revision = (await answer.json()).revision;
        acknowledged.set(id, { revision, name: document.name });
      } catch (error) {
        if (!over) throw error;
      }
    }
  };
  const writers = ['a', 'b', 'c', 'd'].map(writer);
  while (acknowledged.size < 2) await Promise.race([pause(5), ...writers]);
  await pause(Math.random() * 150);
  over = true;
  await server.kill();
  await Promise.all(writers);
  const again = await opened(folder);
  for (const [id, known] of acknowledged) {
    const stored = await get(again.address, `kits/${id}`);
    const same = stored.revision === known.revision && stored.document.name === known.name;
    // One more may have been written whose answer never came.
    if (!same && stored.revision !== known.revision + 1)
      throw new Error(`${id} was acknowledged at ${known.revision} and is at ${stored.revision}`);
  }
  return { again, count: acknowledged.size };
}

async function inFolder(work) {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-crash-'));
  try {
    return await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const began = Date.now();
const model = await inFolder(async (folder) => {
  const { server, address } = await opened(folder, '--demo');
  const tookMs = Date.now() - began;
  const whole = await countsOf(address);
  await server.kill();
  return { whole, tookMs };
});
const starts = Math.ceil(rounds / 10);
for (let i = 0; i < starts; i++)
  await inFolder((folder) => firstStart(folder, model.whole, model.tookMs * 1.1)).catch((error) =>
    give(`First start, round ${i + 1}: ${error.message}`),
  );
// The server that was looked at after one kill is the one that is written to before the next.
const writers = await inFolder(async (folder) => {
  let running = await opened(folder);
  let sum = 0;
  for (let i = 0; i < rounds - starts; i++) {
    const { again, count } = await writing(folder, running, i).catch((error) =>
      give(`Writing, round ${i + 1}: ${error.message}`),
    );
    running = again;
    sum += count;
  }
  await running.server.kill();
  return sum;
});
if (writers === 0) give('No write was acknowledged in any round; nothing was shown.');
process.stdout.write(
  `${rounds} rounds of a kill: ${starts} first starts, ${rounds - starts} while ${writers} writers wrote. Nothing acknowledged was lost.\n`,
);
