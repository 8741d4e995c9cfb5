import { newHouse } from '../testing/folders';
import { lockFolder } from '../database/folder-lock';
import { WorkLine } from './work-line';

let house: Awaited<ReturnType<typeof newHouse>>;
let line: WorkLine;
beforeEach(async () => {
  house = await newHouse();
  line = new WorkLine(house.folder);
});
afterEach(() => house.drop());

/** A work that goes on until it is told to end. */
function work(does: string, changes: boolean, log: string[]) {
  let end = (): void => undefined;
  const going = line.run({
    does,
    changes,
    do: async (tell) => {
      log.push(`${does} begins`);
      tell(0.34);
      await new Promise<void>((done) => (end = done));
      log.push(`${does} ends`);
      return does;
    },
  });
  return { going, end: () => end() };
}
const soon = () => new Promise((done) => setTimeout(done, 5));

test('what reads waits its turn; a second that changes is told to wait, with what is under way', async () => {
  const log: string[] = [];
  const first = work('importing', true, log);
  const second = work('exporting', false, log);
  await soon();
  expect(line.underway()).toEqual({ does: 'importing', share: 0.34, waiting: 1 });
  await expect(work('erasing a client', true, log).going).rejects.toMatchObject({
    status: 503,
    code: 'working',
    message: expect.stringMatching(/Drimbo is importing \(34 %\)\. Wait/),
  });
  first.end();
  await first.going;
  await soon();
  second.end();
  expect(await second.going).toBe('exporting');
  expect(log).toEqual(['importing begins', 'importing ends', 'exporting begins', 'exporting ends']);
  expect(line.underway()).toBeNull();
});

test('one that is given up while it waits is never begun, and one that fails gives the turn on', async () => {
  const log: string[] = [];
  const first = work('exporting', false, log);
  const stop = new AbortController();
  const given = line.run({
    does: 'looking',
    changes: false,
    stop: stop.signal,
    do: async () => log.push('never'),
  });
  const failing = line.run({ does: 'failing', changes: false, do: () => Promise.reject(new Error('broke')) });
  const last = work('copying', false, log);
  stop.abort(new Error('gone'));
  await expect(given).rejects.toThrow('gone');
  first.end();
  await expect(failing).rejects.toThrow('broke');
  await soon();
  last.end();
  await last.going;
  expect(log).not.toContain('never');
});

test('a folder that is gone gives the turn on', async () => {
  const lost = new WorkLine('/nowhere/at/all');
  const one = { does: 'exporting', changes: false, do: async () => 1 };
  await expect(lost.run(one)).rejects.toThrow();
  expect(lost.underway()).toBeNull();
  await expect(lost.run(one)).rejects.toThrow();
});

test('another process that works on the folder is waited for by being told', async () => {
  const free = lockFolder(house.folder, 'working')!;
  await expect(line.run({ does: 'exporting', changes: false, do: async () => 1 })).rejects.toMatchObject({
    status: 503,
    code: 'working',
  });
  free();
  expect(await line.run({ does: 'exporting', changes: false, do: async () => 1 })).toBe(1);
});
