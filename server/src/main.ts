import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import { createServer as createHttps } from 'node:https';
import { availableParallelism } from 'node:os';
import pino from 'pino';
import { Links } from './access/links';
import { ownAddresses, ownNames, tellShared } from './access/network';
import { hasPasscode } from './access/passcode';
import { SignIns } from './access/sign-ins';
import { makeApp } from './app';
import { Pool } from './appraising/pool';
import { warmUp } from './appraising/warm';
import { dailyFile, dropOutlived } from './backup/daily';
import { failureOf, runCommand } from './commands/commands';
import { readConfig } from './config';
import { openDatabase } from './database/open';
import { stillThere } from './database/still-there';
import { seedDemo } from './demo/seed';
import { dropLeftovers } from './house/leftovers';
import { tasksOn } from './house/tasks';
import { markRunning, putAside } from './running';
import { forgetDeleted, makeStore, todayUtc } from './store';

const log = pino({ level: process.env.DRIMBO_LOG || 'warn' });
const say = (text: string): void => void process.stdout.write(`${text}\n`);

/** Threads that appraise: all but one of the machine, which is left to answering. */
const threads = Math.min(4, Math.max(1, availableParallelism() - 1));

const HOUR_MS = 3_600_000;
/** The first copy of the day waits until the house is settled. */
const SETTLED_MS = 20_000;

/** The copy of the day, made by a process of its own so that nobody waits for it; then the old ones go. */
function backUpToday(folder: string): void {
  const today = todayUtc();
  const file = dailyFile(folder, today);
  if (existsSync(file)) return;
  execFile(process.execPath, [process.argv[1]!, '--backup', file], (error) => {
    if (error) log.error(error);
    else dropOutlived(folder, today);
  });
}

async function start(): Promise<void> {
  const args = process.argv.slice(2);
  const config = readConfig(process.env, process.cwd(), args);
  process.umask(0o077);
  const done = await runCommand(args, config);
  if (done !== null) {
    say(args.includes('--json') ? JSON.stringify({ result: done.result }) : done.says);
    return;
  }
  if (args.includes('--reset')) {
    const aside = await putAside(config.dataFolder);
    if (aside !== null) say(`The database that was there is kept as ${aside}.`);
  }
  if (config.isShared && !hasPasscode(config.dataFolder))
    throw new Error(
      'Shared means signed in: set a passcode first, with npm run passcode. Nothing was started.',
    );
  dropLeftovers(config.dataFolder);
  const db = await openDatabase(config.dataFolder);
  await forgetDeleted(db);
  if (args.includes('--demo') && (await seedDemo(db))) say('The Boathouse demo is in place.');
  const instance = randomUUID();
  const pool = new Pool({ file: new URL('./appraising.js', import.meta.url), size: threads });
  const store = makeStore(db);
  const app = makeApp({
    store,
    appraising: pool.appraise,
    webFolder: config.webFolder,
    data: { folder: config.dataFolder, tasks: tasksOn(process.argv[1]!, config.dataFolder) },
    access: {
      isShared: config.isShared,
      addresses: config.isShared ? ownAddresses() : [],
      names: config.isShared ? ownNames() : [],
      folder: config.dataFolder,
      links: new Links(db),
      signIns: new SignIns(),
    },
    there: stillThere(config.dataFolder),
    instance,
    log: (error) => log.error(error),
    today: todayUtc,
  });
  let unmark = (): void => undefined;
  setTimeout(() => backUpToday(config.dataFolder), SETTLED_MS).unref();
  setInterval(() => backUpToday(config.dataFolder), HOUR_MS).unref();

  const server = config.tls
    ? createHttps({ cert: readFileSync(config.tls.cert), key: readFileSync(config.tls.key) }, app)
    : createHttp(app);
  server.listen(config.port, config.host);
  // Longer than whoever asks keeps a line open for the next question: else that one meets it just as it is closed.
  server.keepAliveTimeout = 75_000;
  server.headersTimeout = 80_000;
  server.on('listening', () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : config.port;
    const scheme = config.tls ? 'https' : 'http';
    const url = `${scheme}://${config.isShared ? '127.0.0.1' : config.host === '::1' ? '[::1]' : config.host}:${port}/`;
    unmark = markRunning(config.dataFolder, url, instance);
    say(`Drimbo is at ${url}  (stop with Ctrl+C)`);
    if (config.isShared) void tellShared(scheme, port, say);
    // Who starts many servers for a moment each says DRIMBO_WARM=0.
    if (process.env.DRIMBO_WARM !== '0')
      warmUp(store, pool.appraise, threads, todayUtc()).catch((error: unknown) => log.error(error));
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
    unmark();
    server.close(() => void Promise.all([db.destroy(), pool.close()]));
    server.closeAllConnections();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

start().catch((error: unknown) => {
  if (process.argv.includes('--json')) say(JSON.stringify({ failure: failureOf(error) }));
  else process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
