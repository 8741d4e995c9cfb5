import { spawn } from 'node:child_process';
import { buildIfStale, checkNode, installIfMissing } from './ground.mjs';

checkNode();
installIfMissing();
buildIfStale();
const server = spawn(process.execPath, ['server/dist/main.js', '--demo', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
