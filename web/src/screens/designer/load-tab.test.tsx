import { line, sampleContext, session } from '@drimbo/core/examples';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose } from '../../testing/choose';
import { onBench } from '../../testing/desk';
import { LoadTab } from './load-tab';

const start = (l: ReturnType<typeof line>, context = sampleContext) => {
  const { designer } = onBench(session([l]), (d) => <LoadTab line={d.appraisal.lines[0]!} designer={d} />, {
    context,
  });
  return { designer, user: userEvent.setup(), line: () => designer().session.blocks[0]!.lines[0]! };
};
const loads = (): string[] => screen.getAllByTestId<HTMLInputElement>('set-load').map((c) => c.value);

test('says what the load rests on, every set, and the plates of ramp and work', () => {
  start(line('barbell-bench-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } } }));
  expect(screen.getByText(/Max today about 116(\.\d)? kg \([\d.–]+ kg\), tested/)).toBeTruthy();
  expect(screen.getByText(/1 test; the last 100 kg × 5, nothing left, on .*17 Nov/)).toBeTruthy();
  expect(loads()).toHaveLength(3);
  const bars = screen.getAllByRole('img', { name: /On each side|The bar alone/ });
  expect(bars.length).toBeGreaterThan(2);
  expect(bars.at(-1)!.getAttribute('aria-label')).toMatch(/20.* kg$/);
});

test('one set by hand keeps the others, a load the kit lacks stays, and the computed ones come back', async () => {
  const { user, line: now } = start(line('barbell-bench-press'));
  const before = loads();
  const second = screen.getAllByTestId('set-load')[1]!;
  await user.clear(second);
  await user.type(second, '71{Enter}');
  expect(now().loadKg).toEqual([Number(before[0]), 71, Number(before[2])]);
  expect(loads()[1]).toBe('71');
  await user.click(screen.getByRole('button', { name: 'Use the computed load' }));
  expect(now().loadKg).toBeNull();
  expect(loads()).toEqual(before);
});

test('the beginning of a load that makes no sense leaves the computed loads', async () => {
  const { user, line: now } = start(line('barbell-bench-press'));
  const before = loads();
  const second = screen.getAllByTestId('set-load')[1]!;
  await user.clear(second);
  await user.type(second, '7o');
  expect(screen.getByRole('alert').textContent).toBe('One load in kg');
  expect(now().loadKg).toBeNull();
  await user.tab();
  expect(loads()).toEqual(before);
});

test('nothing to go by: the first set finds the load', () => {
  start(line('cable-lateral-raise'));
  expect(screen.getByText(/The first set finds the load/)).toBeTruthy();
  expect(loads().every((t) => t === '—')).toBe(true);
});

test('in pounds everything is in pounds', () => {
  start(line('barbell-bench-press'), {
    ...sampleContext,
    client: { ...sampleContext.client, unit: 'lb' },
  });
  expect(screen.getByRole('columnheader', { name: 'Load, lb' })).toBeTruthy();
  expect(screen.getByText(/1 test; the last 220.5 lb × 5/)).toBeTruthy();
});

describe('with chains', () => {
  const chain = { id: 'c1', name: 'Long chains', kgPerMetre: 8, metres: 2, aSide: 2 };
  const gym = (kit: Partial<typeof sampleContext.kit>) => ({
    ...sampleContext,
    kit: { ...sampleContext.kit, ...kit },
  });

  test('the bar is weighed at three heights and drawn against what could be held', () => {
    start(line('bench-press-with-chains'), gym({ chains: [chain] }));
    const [bottom, middle, top] = screen
      .getByTestId('along')
      .textContent!.match(/\d+(\.\d+)?/g)!
      .map(Number) as [number, number, number];
    expect(bottom).toBeLessThan(middle);
    expect(middle).toBeLessThan(top);
    expect(screen.getByRole('img', { name: /^With chains the bar goes from/ })).toBeTruthy();
  });

  test('how many hang is the coach’s to say, and less of them leaves more for the bar', async () => {
    const { user, line: now } = start(line('bench-press-with-chains'), gym({ chains: [chain] }));
    const heavy = Number(loads()[0]);
    await choose(user, 'How many a side', '1 a side');
    expect(now().hung).toEqual({ of: 'c1', aSide: 1 });
    expect(Number(loads()[0])).toBeGreaterThan(heavy);
  });

  test('a gym without any says that common ones are taken, and leads to where they are written', () => {
    start(line('bench-press-with-chains'));
    expect(screen.getByText(/has no chains written down/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Write them down' }).getAttribute('href')).toBe('/kit/hall');
  });
});

test.each([
  ['standing-barbell-press', /80 % of the standing barbell press: \d+(\.\d)? kg today, borrowed/],
  ['cable-fly-shoulder-height', /Nothing is known of the cable fly, shoulder height yet/],
  ['gone', /no longer there; the load follows its own reps/],
])('a share of %s says what it rests on', (lift, says) => {
  start(line('push-press', { percentOf: { lift, percent: 80 } }));
  expect(screen.getByText(says)).toBeTruthy();
});

test.each([
  ['push-up', /The body is the load/],
  ['wall-slide', /No load is chosen for it/],
])('where no load is looked for the page says so: %s', (id, says) => {
  start(line(id), { ...sampleContext, client: { ...sampleContext.client, tests: [] } });
  expect(screen.getByText(says)).toBeTruthy();
});

test('a slow tempo says what it does to the load', () => {
  start(line('barbell-bench-press', { tempo: { lower: 4, stretched: 1, lift: 1, shortened: 0 } }));
  expect(screen.getByText(/of 6 s counts as 1.5 ordinary ones/)).toBeTruthy();
});
