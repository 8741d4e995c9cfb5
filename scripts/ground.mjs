import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statfsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { compressAll } from './compress.mjs';

/** Ends the run with a sentence instead of a stack. */
export function give(up) {
  process.stderr.write(`${up}\n`);
  process.exit(1);
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 11) || major >= 25)
    give(
      `Drimbo needs Node 20.11 to 24; this is ${process.versions.node}. Install one of those and run the command again.`,
    );
}

/**
 * Lets the databases of tests lie in memory where there is room for them: what they show of transactions and
 * kills of a process does not hang on the disk, and they need not wait for it.
 */
export function tempInMemory() {
  const shared = '/dev/shm';
  if (process.env.TMPDIR || !existsSync(shared)) return;
  const { bavail, bsize } = statfsSync(shared);
  if (bavail * bsize > 2 ** 30) process.env.TMPDIR = shared;
}

/** Installs what the lockfile names when it is missing or the lockfile is newer. */
export function installIfMissing() {
  const mark = 'node_modules/.package-lock.json';
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync('package-lock.json').mtimeMs) return;
  process.stdout.write('Installing packages (a minute or two the first time)…\n');
  const npm = process.env.npm_execpath;
  const [command, args] = npm ? [process.execPath, [npm, 'ci']] : ['npm', ['ci']];
  const done = spawnSync(command, args, { stdio: ['ignore', 'ignore', 'inherit'] });
  if (done.status !== 0)
    give(
      'The packages could not be installed. Check the connection to the npm registry and run the command again.',
    );
}

const newest = (path) => {
  const s = statSync(path);
  if (!s.isDirectory()) return s.mtimeMs;
  return Math.max(
    0,
    ...readdirSync(path)
      .filter((n) => n !== 'node_modules' && n !== 'dist')
      .map((n) => newest(join(path, n))),
  );
};

/** Builds the web app and the server when a source is newer than what was built; false when it fails. */
export function buildIfStale({ always = false } = {}) {
  const built = ['web/dist/index.html', 'server/dist/main.js', 'server/dist/appraising.js'];
  const sources = [
    'core/src',
    'server/src',
    'web/src',
    'web/public',
    'web/index.html',
    'web/vite.config.ts',
    'package-lock.json',
  ];
  const stale =
    built.some((b) => !existsSync(b)) ||
    Math.min(...built.map((b) => statSync(b).mtimeMs)) < Math.max(...sources.map(newest));
  if (!stale && !always) return true;
  process.stdout.write('Building…\n');
  const run = (...args) => spawnSync(process.execPath, args, { stdio: 'inherit' }).status === 0;
  if (!run('node_modules/vite/bin/vite.js', 'build', 'web', '--logLevel', 'warn')) return false;
  compressAll('web/dist');
  return run('scripts/build-server.mjs');
}

/** Debian's Chromium without a window, which is a tenth quicker, or the one with. */
const chromiums = [
  { path: '/usr/bin/chromium-headless-shell', from: 'chromium-headless-shell' },
  { path: '/usr/bin/chromium', from: 'chromium' },
];
const chromiumHere = () => chromiums.find(({ path }) => existsSync(path))?.path;
export const chromiumPath = chromiumHere() ?? chromiums[0].path;

/** Installs Debian's Chromium when it is missing. */
export function chromiumIfMissing() {
  if (chromiumHere()) return;
  process.stdout.write("Installing Debian's Chromium…\n");
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const run = (...args) => {
    const [command, ...rest] = [...asRoot, ...args];
    return (
      spawnSync(command, rest, {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      }).status === 0
    );
  };
  run('apt-get', 'update', '-qq');
  const isThere = chromiums.some(
    ({ path, from }) => run('apt-get', 'install', '-y', '-qq', from) && existsSync(path),
  );
  if (!isThere)
    give(
      'Chromium is missing and could not be installed. As root: apt-get install chromium, then npm test again.',
    );
}
