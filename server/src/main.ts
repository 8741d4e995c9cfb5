import { existsSync, readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import { createServer as createHttps } from 'node:https';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import type { Kysely } from 'kysely';
import pino from 'pino';
import { read } from 'read';
import { Links } from './access/links';
import { ownAddresses, ownNames, tellShared } from './access/network';
import { hasPasscode } from './access/passcode';
import { SignIns } from './access/sign-ins';
import { makeApp } from './http/app';
import { Pool } from './appraising/pool';
import { warmUp } from './appraising/warm';
import { newestCopy } from './database/copies';
import { putBack } from './backup/copy';
import { dailyFile, dropOutlived } from './backup/daily';
import { runCommand } from './commands/commands';
import { readConfig } from './commands/config';
import { CopyOffered, lostJournal, openDatabase } from './database/open';
import { stillThere } from './database/still-there';
import type { Tables } from './database/tables';
import { seedDemo } from './demo/seed';
import { dropLeftovers } from './house/leftovers';
import { LongWork } from './house/long-work';
import { tasksOn } from './house/tasks';
import { markRunning, putAside, takeFolder } from './database/running';
import { makeStore, todayUtc } from './store/store';

const log = pino({ level: process.env.DRIMBO_LOG || 'warn' });
const say = (text: string): void => void process.stdout.write(`${text}\n`);

/** Threads that appraise: all but one of the machine, which is left to answering. */
const threads = Math.min(4, Math.max(1, availableParallelism() - 1));

const HOUR_MS = 3_600_000;
/** The first copy of the day waits until the house is settled. */
const SETTLED_MS = 20_000;

/** The copy of the day; then the old ones go. */
async function backUpToday(work: LongWork): Promise<void> {
  const today = todayUtc();
  const file = dailyFile(work.folder, today);
  if (existsSync(file)) return;
  await work.backUp(file);
  dropOutlived(work.folder, today);
}

/** Opens the database; where there is none but a copy, whoever sits there says whether that is put back. */
async function openOrAsk(folder: string, anew: boolean): Promise<Kysely<Tables>> {
  try {
    return await openDatabase(folder, { anew });
  } catch (error) {
    if (!(error instanceof CopyOffered) || !process.stdin.isTTY) throw error;
    say(error.message);
    const answer = await read({ prompt: `Put ${error.copy} back now? (yes or no) ` });
    if (!/^y(es)?$/i.test(answer.trim())) throw error;
    await putBack(folder, join(folder, error.copy));
    return openDatabase(folder);
  }
}

async function start(): Promise<void> {
  const args = process.argv.slice(2);
  const config = readConfig(process.env, process.cwd(), args);
  process.umask(0o077);
  const said = await runCommand(args, config);
  if (said !== null) {
    say(said);
    return;
  }
  if (config.isShared && !hasPasscode(config.dataFolder))
    throw new Error(
      'Shared means signed in: set a passcode first, with npm run passcode. Nothing was started.',
    );
  const free = takeFolder(config.dataFolder, 'started');
  const isReset = args.includes('--reset');
  if (isReset) {
    const aside = putAside(config.dataFolder);
    if (aside !== null) say(`The database that was there is kept as ${aside}.`);
  }
  dropLeftovers(config.dataFolder);
  const isLost = lostJournal(config.dataFolder);
  const db = await openOrAsk(config.dataFolder, isReset);
  if (isLost) {
    const copy = newestCopy(config.dataFolder);
    say(
      `The journal of the database is gone, and with it what was written last. ${copy === null ? '' : `The newest copy is ${copy}.`}`,
    );
  }
  if (args.includes('--demo') && (await seedDemo(db))) say('The Boathouse demo is in place.');
  const pool = new Pool({ file: new URL('./appraising.js', import.meta.url), size: threads });
  const store = makeStore(db);
  const there = stillThere(config.dataFolder);
  const work = new LongWork({
    db,
    folder: config.dataFolder,
    tasks: tasksOn(new URL('./working.js', import.meta.url), (error) => log.error(error)),
    store,
    today: todayUtc,
    there,
  });
  const app = makeApp({
    store,
    appraising: pool.appraise,
    webFolder: config.webFolder,
    work,
    access: {
      isShared: config.isShared,
      addresses: config.isShared ? ownAddresses() : [],
      names: config.isShared ? ownNames() : [],
      folder: config.dataFolder,
      links: new Links(db),
      signIns: new SignIns(),
    },
    there: there.check,
    log: (error) => log.error(error),
    today: todayUtc,
  });
  /** What the clock brings: what was deleted long ago goes, and the day gets its copy. */
  const keepHouse = (): void => {
    work
      .forgetDeleted()
      .then(() => backUpToday(work))
      .catch((error: unknown) => log.error(error));
  };
  let unmark = (): void => undefined;
  work.forgetDeleted().catch((error: unknown) => log.error(error));
  setTimeout(keepHouse, SETTLED_MS).unref();
  setInterval(keepHouse, HOUR_MS).unref();

  const server = config.tls
    ? createHttps({ cert: readFileSync(config.tls.cert), key: readFileSync(config.tls.key) }, app)
    : createHttp(app);
  // Who starts many servers for a moment each says DRIMBO_WARM=0.
  if (process.env.DRIMBO_WARM !== '0')
    await warmUp(store, pool.appraise, threads, todayUtc()).catch((error: unknown) => log.error(error));
  server.listen(config.port, config.host);
  // Longer than whoever asks keeps a line open for the next question: else that one meets it just as it is closed.
  server.keepAliveTimeout = 75_000;
  server.headersTimeout = 80_000;
  server.on('listening', () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : config.port;
    const scheme = config.tls ? 'https' : 'http';
    const url = `${scheme}://${config.isShared ? '127.0.0.1' : config.host === '::1' ? '[::1]' : config.host}:${port}/`;
    unmark = markRunning(config.dataFolder, url);
    say(`Drimbo is at ${url}  (stop with Ctrl+C)`);
    if (config.isShared) void tellShared(scheme, port, say);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    const taken = error.code === 'EADDRINUSE';
    process.stderr.write(
      taken
        ? `Port ${config.port} is taken. Stop what runs there, or choose another: DRIMBO_PORT=4311 npm run demo\n`
        : `Drimbo cannot listen on ${config.host}:${config.port}: ${error.message}\n`,
    );
    process.exitCode = 1;
    free();
    void db.destroy();
    void pool.close();
  });
  const stop = (): void => {
    unmark();
    server.close(() => {
      void Promise.all([db.destroy(), pool.close()]).then(free);
    });
    server.closeAllConnections();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

start().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
