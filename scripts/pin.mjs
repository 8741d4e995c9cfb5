import { spawnSync } from 'node:child_process';
import { checkNode, installIfMissing } from './ground.mjs';

// Writes anew the answers the core is held to (core/src/testing/pinned.ts): all of them, or those of one room.
// npm run pin -- loads

checkNode();
installIfMissing();
const [room] = process.argv.slice(2);
const { status } = spawnSync(
  process.execPath,
  [
    '--experimental-vm-modules',
    '--no-warnings',
    'node_modules/jest/bin/jest.js',
    `core/src/${room ?? '[^/]+'}/pinned`,
  ],
  { stdio: 'inherit', env: { ...process.env, DRIMBO_PIN: 'write' } },
);
process.exitCode = status ?? 1;
