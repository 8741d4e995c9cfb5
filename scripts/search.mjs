import { spawnSync } from 'node:child_process';
import { buildIfStale, checkNode, chromiumIfMissing, installIfMissing, tempInMemory } from './ground.mjs';

// The wide random searches: every property with ten times the cases from a seed of its own, more kills, more clicks.
// `npm run search -- 7` begins with seed 7.
checkNode();
installIfMissing();
chromiumIfMissing();
tempInMemory();
const seed = process.argv[2] ?? String(Math.floor(Math.random() * 2 ** 31));
process.stdout.write(`Seed ${seed}\n`);
const run = (args, env = {}) =>
  spawnSync(process.execPath, args, {
    stdio: 'inherit',
    env: { ...process.env, DRIMBO_SEED: seed, DRIMBO_SEARCH: '10', DRIMBO_CLICKS: '2000', ...env },
  }).status === 0;
const ok = [
  run([
    '--experimental-vm-modules',
    '--no-warnings',
    'node_modules/jest/bin/jest.js',
    '--testTimeout=1800000',
  ]),
  buildIfStale() && run(['scripts/crash.mjs', '300']),
  run([
    'node_modules/@playwright/test/cli.js',
    'test',
    '--config',
    'e2e/playwright.config.ts',
    '--timeout=1800000',
    'random-clicks',
  ]),
].every(Boolean);
process.exit(ok ? 0 : 1);
