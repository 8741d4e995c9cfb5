import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { AppraiseJob } from './answer';
import { Pool } from './pool';

/** A thread that does what the request says: answers, refuses, fails, ends, or never comes back. */
const thread = `
import { readlinkSync } from 'node:fs';
import { parentPort } from 'node:worker_threads';
const thread = Number(/\\d+$/.exec(readlinkSync('/proc/thread-self'))[0]);
parentPort.on('message', ({ id, job: { body } }) => {
  parentPort.postMessage({ id, began: thread });
  if (body === 'wait')
    return setTimeout(() => parentPort.postMessage({ id, answer: '"waited"' }), 900);
  if (body === 'for ever') for (;;);
  if (body === 'end') process.exit(1);
  if (body === 'refuse')
    return parentPort.postMessage({ id, problem: { status: 400, code: 'invalid', message: 'no', path: 'a.b' } });
  if (body === 'fail') return parentPort.postMessage({ id, failed: 'a bug' });
  parentPort.postMessage({ id, answer: JSON.stringify(body) });
});
`;

let folder: string;
let pool: Pool;
const start = (o: { size?: number; limitMs?: number; patienceMs?: number; queue?: number } = {}): void => {
  pool = new Pool({ file: join(folder, 'thread.mjs'), size: 2, limitMs: 4_000, ...o });
};
const ask = (body: unknown): Promise<string> => pool.appraise({ body } as AppraiseJob);

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-pool-'));
  writeFileSync(join(folder, 'thread.mjs'), thread);
});
afterEach(() => pool.close());
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('every job gets its own answer, more of them than there are threads', async () => {
  start();
  const jobs = Array.from({ length: 30 }, (_, i) => i);
  expect(await Promise.all(jobs.map(ask))).toEqual(jobs.map(String));
});

test('a refusal keeps its words; a failure and a lost thread are told, and the next job is answered', async () => {
  start({ size: 1 });
  await expect(ask('refuse')).rejects.toMatchObject({ status: 400, message: 'no', path: 'a.b' });
  await expect(ask('fail')).rejects.toThrow('a bug');
  await expect(ask('end')).rejects.toThrow(/thread/);
  expect(await ask('still here')).toBe('"still here"');
});

test('a job past its limit is given up with 503 while the event loop goes on, and another thread takes over', async () => {
  start({ size: 1, limitMs: 1_500 });
  let turns = 0;
  const ticking = setInterval(() => (turns += 1), 10);
  const endless = ask('for ever');
  const after = ask('after it');
  await expect(endless).rejects.toMatchObject({ status: 503, code: 'too-long' });
  clearInterval(ticking);
  expect(turns).toBeGreaterThan(10);
  expect(await after).toBe('"after it"');
});

test('what counts is the work of the thread: one that waits its turn on the machine is not given up', async () => {
  start({ size: 1, limitMs: 300 });
  expect(await ask('wait')).toBe('"waited"');
  await pool.close();
  start({ size: 1, limitMs: 300, patienceMs: 400 });
  await expect(ask('wait')).rejects.toMatchObject({ status: 503, code: 'busy' });
});

test('more than may wait are turned away with 503', async () => {
  start({ size: 1, queue: 2, limitMs: 1_500 });
  const asked = ['for ever', 'a', 'b', 'c'].map((body) => ask(body).catch((e: { code: string }) => e.code));
  expect(await Promise.all(asked)).toEqual(['too-long', '"a"', '"b"', 'busy']);
});
