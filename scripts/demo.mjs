import { spawn } from 'node:child_process';
import { buildIfStale, checkNode, give, installIfMissing } from './ground.mjs';

checkNode();
installIfMissing();
if (!buildIfStale()) give('The build failed; the lines above say where.');
const server = spawn(process.execPath, ['server/dist/main.js', '--demo', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
