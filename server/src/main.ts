import { rmSync } from 'node:fs';
import pino from 'pino';
import { makeApp } from './app';
import { readConfig } from './config';
import { databaseFile, openDatabase } from './database/open';
import { seedDemo } from './demo/seed';
import { makeStore } from './store';

const log = pino({ level: process.env.DRIMBO_LOG ?? 'warn' });
const say = (text: string): void => void process.stdout.write(`${text}\n`);

async function start(): Promise<void> {
  const args = process.argv.slice(2);
  const config = readConfig(process.env, process.cwd());
  if (args.includes('--reset'))
    for (const tail of ['', '-wal', '-shm']) rmSync(databaseFile(config.dataFolder) + tail, { force: true });
  const db = await openDatabase(config.dataFolder);
  if (args.includes('--demo') && (await seedDemo(db))) say('The Boathouse demo is in place.');
  const today = (): string => new Date().toISOString().slice(0, 10);
  const app = makeApp({
    store: makeStore(db),
    webFolder: config.webFolder,
    log: (error) => log.error(error),
    today,
  });

  const server = app.listen(config.port, config.host);
  server.on('listening', () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : config.port;
    say(`Drimbo is at http://${config.host === '::1' ? '[::1]' : config.host}:${port}/  (stop with Ctrl+C)`);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    const taken = error.code === 'EADDRINUSE';
    process.stderr.write(
      taken
        ? `Port ${config.port} is taken. Stop what runs there, or choose another: DRIMBO_PORT=4311 npm run demo\n`
        : `Drimbo cannot listen on ${config.host}:${config.port}: ${error.message}\n`,
    );
    process.exitCode = 1;
    void db.destroy();
  });
  const stop = (): void => {
    server.close(() => void db.destroy());
    server.closeAllConnections();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

start().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
