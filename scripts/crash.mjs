import { copyFileSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'libsql';
import { countsIn, databaseIn, inFolder, opened, run } from './crash/house.mjs';
import { underLoad } from './crash/load.mjs';
import { backup, firstStart, importing, upgrade, writing } from './crash/rounds.mjs';
import { buildIfStale, give } from './ground.mjs';

// Kills the built server without warning, at chance moments, while it begins, is brought up to date, takes in an
// export, makes a backup, and while it is written to; what it had acknowledged must be there afterwards, and all
// of what it was about or nothing. Then a phone logs while everything long is done beside it: nobody waits a second.
// npm run crash -- 500   does so many rounds.

const rounds = Number(process.argv[2] ?? 50);
if (!Number.isInteger(rounds) || rounds < 5) give('Say how many rounds, five at least: npm run crash -- 500');
if (!buildIfStale()) give('The build failed; the lines above say where.');

/** What a whole house looks like and how long its beginnings take. */
async function makeModel(folder) {
  const full = join(folder, 'full');
  const bare = join(folder, 'bare');
  for (const place of [full, bare]) mkdirSync(place);
  const began = Date.now();
  const { server } = await opened(full, '--demo');
  const startMs = Date.now() - began;
  await server.kill();
  const started = await opened(bare);
  await started.server.kill();
  for (const place of [full, bare]) {
    const db = new Database(databaseIn(place));
    db.exec('pragma wal_checkpoint(truncate)');
    db.close();
  }
  const zip = join(folder, 'house.zip');
  const out = run(full, '--export', zip);
  if ((await out.ended) !== 0) throw new Error(`the export failed: ${out.said()}`);
  const file = join(folder, 'full.sqlite');
  const empty = join(folder, 'empty.sqlite');
  copyFileSync(databaseIn(full), file);
  copyFileSync(databaseIn(bare), empty);
  const third = join(folder, 'third');
  mkdirSync(third);
  copyFileSync(empty, databaseIn(third));
  const at = Date.now();
  const into = run(third, '--import', zip);
  if ((await into.ended) !== 0) throw new Error(`the import failed: ${into.said()}`);
  const counts = countsIn(file);
  if (countsIn(databaseIn(third)) !== counts) throw new Error('the import is not what was exported');
  return { file, empty, zip, counts, startMs, importMs: Date.now() - at };
}

const beginnings = [firstStart, upgrade, importing, backup];
const each = Math.max(1, Math.floor(rounds / 10));
// As many sessions as a full house has, where there is time for it.
const sessions = rounds >= 100 ? 20_000 : 60;
const say = (text) => process.stdout.write(`${text}\n`);
const left = rounds - each * beginnings.length;

await inFolder(async (folder) => {
  const model = await makeModel(folder).catch((error) => give(`Nothing could be killed: ${error.message}`));
  for (const work of beginnings)
    for (let i = 0; i < each; i++)
      await work(model).catch((error) => give(`${work.name}, round ${i + 1}: ${error.message}`));
  say(`while a phone logs, ${sessions} sessions:`);
  await underLoad(model, sessions, say).catch((error) => give(error.message));
});
// The server that was looked at after one kill is the one that is written to before the next.
const writers = await inFolder(async (folder) => {
  let running = await opened(folder);
  let sum = 0;
  for (let i = 0; i < left; i++) {
    const { again, count } = await writing(folder, running, i).catch((error) =>
      give(`Writing, round ${i + 1}: ${error.message}`),
    );
    running = again;
    sum += count;
  }
  await running.server.kill();
  return sum;
});
if (writers === 0) give('No write was acknowledged in any round; nothing was shown.');
process.stdout.write(
  `${rounds} rounds of a kill: ${each} each of first starts, upgrades, imports and backups, ${left} while ${writers} writers wrote. Nothing acknowledged was lost.\n`,
);
