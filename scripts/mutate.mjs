import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { checkNode, give, installIfMissing } from './ground.mjs';
import { drawMutants } from './mutants.mjs';

// Changes one operator or constant of the core at a time, runs the tests of its room, and tells which changes none of
// them noticed. npm run mutate -- 200 7 loads   changes 200 places by seed 7, in the room "loads" alone.

checkNode();
installIfMissing();
const [count = '200', seed = '1', room] = process.argv.slice(2);
if (!(Number(count) > 0) || !Number.isInteger(Number(seed)))
  give('Say how many and from which seed: npm run mutate -- 200 7');
if (room !== undefined && !existsSync(`core/src/${room}`)) give(`There is no room core/src/${room}.`);

/** Longer no room’s tests take: a change that goes on for ever is noticed. */
const MOST_MS = 300_000;

/** Whether the tests of its room notice a change. */
const isCaught = (mutant) =>
  new Promise((done) => {
    const [, , home] = mutant.path.split('/');
    const tests = home.endsWith('.ts') ? 'core/src/[^/]+\\.test' : `core/src/${home}/`;
    const args = ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js'];
    const child = spawn(
      process.execPath,
      [...args, '--config', 'jest.mutants.mjs', '--bail', '--silent', '--maxWorkers=1', tests],
      { stdio: 'ignore', env: { ...process.env, DRIMBO_PIN: 'all', DRIMBO_MUTANT: JSON.stringify(mutant) } },
    );
    const timer = setTimeout(() => child.kill('SIGKILL'), MOST_MS);
    child.on('exit', (code) => {
      clearTimeout(timer);
      done(code !== 0);
    });
  });

const mutants = drawMutants(Number(count), Number(seed), room);
const rooms = new Map();
const survivors = [];
const line = mutants.entries();
const work = async () => {
  for (const [n, mutant] of line) {
    const caught = await isCaught(mutant);
    const home = mutant.path.split('/')[2];
    const { of, known } = rooms.get(home) ?? { of: 0, known: 0 };
    rooms.set(home, { of: of + 1, known: known + (caught ? 1 : 0) });
    if (!caught) survivors.push(mutant);
    process.stderr.write(
      `${n + 1} of ${mutants.length}: ${caught ? 'caught' : 'SURVIVED'} ${mutant.path}:${mutant.line}\n`,
    );
  }
};
await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, work));

const share = (part, of) => `${Math.round((100 * part) / of)} %`;
for (const [home, { of, known }] of [...rooms].sort())
  console.log(`${home.padEnd(14)} ${known} of ${of} caught`);
console.log(
  `${mutants.length - survivors.length} of ${mutants.length} caught (${share(mutants.length - survivors.length, mutants.length)}).`,
);
for (const { path, line: at, was, is } of survivors) console.log(`${path}:${at}  ${was}  →  ${is}`);
