import { spawnSync } from 'node:child_process';
import { buildIfStale, checkNode, give, installIfMissing } from './ground.mjs';

// npm run backup [-- file], restore -- file, export [-- file], import -- file: the built server does it and says what it did.
checkNode();
installIfMissing();
if (!buildIfStale()) give('The build failed; the lines above say where.');
const { status } = spawnSync(process.execPath, ['server/dist/main.js', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exit(status ?? 1);
