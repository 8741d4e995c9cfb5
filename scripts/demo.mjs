import { spawn } from 'node:child_process';
import { buildIfStale, checkNode, give, installIfMissing } from './ground.mjs';

checkNode();
installIfMissing();
if (!buildIfStale()) give('The build failed; the lines above say where.');
// npm start: the same without the demo, in a folder of its own, so that invented clients never stand among real ones.
const given = process.argv.slice(2);
const isEmpty = given.includes('--empty');
const options = isEmpty ? given.filter((option) => option !== '--empty') : ['--demo', ...given];
const server = spawn(process.execPath, ['server/dist/main.js', ...options], {
  stdio: 'inherit',
  env: isEmpty ? { DRIMBO_DATA: 'house', ...process.env } : process.env,
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
