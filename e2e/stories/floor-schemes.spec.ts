import { counted, setsOf, sync, untilSet } from '../floor';
import { expect, test } from '../house';
import { copyClient } from '../desk';

test.use({ viewport: { width: 360, height: 740 } });

/** A way of doing sets on a machine fly and what logging it as it is offered stores. */
const schemes = [
  { kind: 'straight', sets: 2, reps: { lo: 10, hi: 12 } },
  { kind: 'ascending', reps: [12, 8] },
  { kind: 'descending', reps: [8, 12] },
  { kind: 'list', reps: [{ lo: 8, hi: 10 }] },
  { kind: 'top and back-off', top: { lo: 6, hi: 8 }, sets: 1, reps: { lo: 10, hi: 12 }, lighter: 15 },
  { kind: 'drop', sets: 1, reps: { lo: 10, hi: 12 }, drops: 2, lighter: 20, on: 'last set' },
  { kind: 'rest-pause', sets: 1, reps: { lo: 10, hi: 12 }, bouts: 2, pauseS: 15, on: 'last set' },
  { kind: 'burn-out', sets: 1, total: 30, pauseS: 15 },
  { kind: 'to failure', sets: 1, about: 12, until: 'form' },
  { kind: 'hold', sets: 1, seconds: 20 },
] as const;

test('every way of doing sets is logged as it is offered and stored as what it is; a load to be found begins empty', async ({
  page,
}) => {
  const client = await copyClient(page, 'mirelle-vandoorn', 'mirelle-schemes');
  const { document } = await (await page.request.get('/api/sessions/mirelle-push-b')).json();
  const [line] = document.blocks[0].lines;
  const blocks = schemes.map((scheme, i) => ({
    ...document.blocks[0],
    id: `block-${i}`,
    kind: 'single',
    lines: [{ ...line, id: `line-${i}`, scheme, loadKg: null, restS: 90 }],
  }));
  const unknown = {
    ...blocks[0],
    id: 'block-new',
    lines: [
      { ...line, id: 'line-new', movement: 'wide-elbow-row', rig: {}, scheme: schemes[3], loadKg: null },
    ],
  };
  const put = {
    ...document,
    clientId: client,
    title: 'Every scheme',
    warmup: [],
    blocks: [...blocks, unknown],
  };
  expect(
    (await page.request.post('/api/sessions', { data: { id: 'every-scheme', document: put } })).status(),
  ).toBe(201);
  await page.goto('/floor/every-scheme');
  await expect(counted(page)).toBeVisible();
  for (;;) {
    const finish = page.getByRole('heading', { name: 'Finish' });
    const set = page.getByRole('button', { name: /^(Set done|Go on now|Next set|Done)$/ });
    await expect(finish.or(set).first()).toBeVisible();
    if (await finish.isVisible()) break;
    await untilSet(page);
    const finds = await page.getByText('Find the load').isVisible();
    const tells = await page.getByRole('list', { name: 'How to find the load' }).isVisible();
    await page.getByRole('button', { name: 'Set done' }).click();
    const load = page.getByRole('textbox', { name: 'Load in kg' });
    if (finds) {
      // Nothing is offered that nobody lifted.
      await expect(load).toHaveValue('');
      await expect(page.getByRole('button', { name: /^Log / })).toBeDisabled();
      if (!(await page.getByText(/^hold/).isVisible())) expect(tells).toBe(true);
      await load.fill('20');
      await load.blur();
    }
    const before = (await counted(page).textContent())!;
    await page.getByRole('button', { name: /^Log / }).click();
    await expect(counted(page)).not.toHaveText(before);
  }
  await expect(sync(page)).toHaveText('All sent');
  const sets = await setsOf(page, 'every-scheme');
  const of = (line: number): string =>
    sets
      .filter((s) => s.lineId === `line-${line}`)
      .sort((a, b) => a.setIndex - b.setIndex)
      .map((s) => s.kind)
      .join();
  expect(schemes.map((s, i) => [s.kind, of(i)])).toEqual([
    ['straight', 'set,set'],
    ['ascending', 'set,set'],
    ['descending', 'set,set'],
    ['list', 'set'],
    ['top and back-off', 'set,set'],
    ['drop', 'set,stage,stage'],
    ['rest-pause', 'set,stage,stage'],
    ['burn-out', 'stage,stage,stage'],
    ['to failure', 'set'],
    ['hold', 'hold'],
  ]);
  // Nobody said what was left: nobody is quoted. Where it was done until nothing came, nothing was left.
  expect(sets.filter((s) => s.reserve !== null).map((s) => s.lineId)).toEqual(['line-8']);
});

test('a slip of the finger is asked about once, and a first set that failed before anything is made of it', async ({
  page,
}) => {
  const client = await copyClient(page, 'bram-otterlund', 'bram-slips');
  const { document } = await (await page.request.get('/api/sessions/bram-push')).json();
  const [block] = document.blocks;
  const put = { ...document, clientId: client, title: 'Slips', warmup: [], blocks: [block] };
  expect((await page.request.post('/api/sessions', { data: { id: 'slips', document: put } })).status()).toBe(
    201,
  );
  await page.goto('/floor/slips');
  await untilSet(page);
  const planned = await page.locator('.load').textContent();
  await page.getByRole('button', { name: 'Set done' }).click();
  const reps = page.getByRole('textbox', { name: 'Reps' });
  const load = page.getByRole('textbox', { name: 'Load in kg' });
  await reps.fill('80');
  await reps.blur();
  await page.getByRole('button', { name: /^Log 80/ }).click();
  await expect(page.getByRole('alert')).toContainText('80 reps, where');
  expect(await setsOf(page, 'slips')).toHaveLength(0);
  await reps.fill('5');
  await load.fill('8');
  await load.blur();
  await page.getByRole('button', { name: /^(Log 5|It is so)/ }).click();
  await expect(page.getByRole('alert')).toContainText('less than the empty bar');
  await load.fill(planned!.replace(/[^0-9.]/g, ''));
  await reps.fill('0');
  await reps.blur();
  const log = page.getByRole('button', { name: /^(Log 0|It is so)/ });
  await expect(log).toBeDisabled();
  await page.getByRole('radio', { name: /something else/ }).check({ force: true });
  await log.click();
  await expect(counted(page)).toHaveText(/^1 of/);
  await untilSet(page);
  // It says nothing of strength: the plan stays.
  await expect(page.locator('.load')).toHaveText(planned!);
  await expect(page.getByText('would end short of')).toHaveCount(0);
  expect((await setsOf(page, 'slips'))[0]).toMatchObject({ reps: 0, ended: 'interrupted' });
});
