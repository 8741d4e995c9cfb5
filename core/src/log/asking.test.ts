import { line, sampleClient, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { entries } from '../movements';
import { schools, startingLine } from '../schools';
import { findingLoad } from './finding-load';
import { asksWhy, offeredFor } from './offering';
import { nothingSaid } from './performed-set';
import { performed } from './performing';
import { unlikely } from './unlikely';

const straight = (sets: number, lo: number, hi: number) =>
  ({ kind: 'straight', sets, reps: { lo, hi } }) as const;
const measured = measure(
  session([
    line('barbell-bench-press', { scheme: straight(3, 6, 8), loadKg: 80 }),
    line('dumbbell-lateral-raise', { scheme: { kind: 'hold', sets: 2, seconds: 20 } }),
    line('wide-elbow-row', { scheme: straight(3, 8, 10) }),
    line('pushdown', { scheme: { kind: 'to failure', sets: 2, about: 12, until: 'form' } }),
  ]),
  sampleContext,
);
const [bench, hold, row, failing] = measured.lines as [
  (typeof measured.lines)[0],
  (typeof measured.lines)[0],
  (typeof measured.lines)[0],
  (typeof measured.lines)[0],
];
const asked = (m: typeof bench, figures: Partial<Parameters<typeof unlikely>[0]>): string | null =>
  unlikely({ loadKg: 80, reps: 8, reserve: 2, heldS: null, ...figures }, m, 0, sampleContext);

test.each([
  [{}, null],
  [{ reps: 25 }, null],
  [{ reps: 80 }, /^80 reps, where 8 were asked for/],
  [{ loadKg: 8 }, /less than the empty bar, which is 20 kg/],
  [{ loadKg: 25 }, /^25 kg, where 80 kg was planned/],
  [{ loadKg: 130, reps: 1, reserve: 0 }, /where 80 kg was planned/],
  [{ loadKg: 120, reps: 20, reserve: 5 }, /far over anything so far/],
  [{ loadKg: 85, reps: 6, reserve: 0 }, null],
  [{ reps: 0, loadKg: 80 }, null],
])('figures %j are asked about: %s', (figures, says) => {
  if (says === null) expect(asked(bench, figures)).toBeNull();
  else expect(asked(bench, figures)).toMatch(says);
});

test('a hold is asked about by its seconds alone', () => {
  expect(asked(hold, { heldS: 60 })).toBeNull();
  expect(asked(hold, { heldS: 61 })).toMatch(/61 seconds/);
});

test('what happened is asked after a first set below its range, and after none at all', () => {
  expect([5, 6].map((n) => asksWhy(bench, 0, n))).toEqual([true, false]);
  expect([0, 1].map((n) => asksWhy(bench, 1, n))).toEqual([true, false]);
  expect(asksWhy(hold, 0, 0)).toBe(false);
  expect(asksWhy(failing, 0, 0)).toBe(false);
});

test('a load to be found is not offered: light tries, and when to stop', () => {
  expect(row.max.basis).toBe('calibrate');
  expect(offeredFor(row, 0, undefined)).toEqual({ loadKg: null, reps: 8, left: null, heldS: null });
  const found = findingLoad(row, 0, [], sampleContext)!;
  expect(found.tries).toEqual([...found.tries].sort((a, b) => a - b));
  expect(found.says.at(-1)).toMatch(/Stop going up when/);
  const one = { lineId: row.id, setIndex: 0, loadKg: 20, reps: 8, reserve: 3 };
  expect(findingLoad(row, 1, [one], sampleContext)).toBeNull();
  expect(findingLoad(bench, 0, [], sampleContext)).toBeNull();
});

/** Ten people from a light beginner to a heavy lifter, of whom nobody knows a lift; in the gym of the samples. */
const strangers = [45, 60, 75, 95, 130].flatMap((massKg) =>
  (['under 1 year', 'over 3 years'] as const).map((trainingAge) => ({
    ...sampleContext,
    logged: [],
    client: { ...sampleClient, massKg, trainingAge, tests: [] },
  })),
);
const triesOf = (id: string, context: typeof sampleContext): number[] => {
  const [m] = measure(session([line(id, {})]), context).lines;
  return findingLoad(m!, 0, [], context)?.tries ?? [];
};

test('first tries are light for whoever it is: rising, and on a bar not over a quarter of the body above the empty one', () => {
  for (const context of strangers)
    for (const id of ['barbell-bench-press', 'seated-barbell-press', 'incline-barbell-press']) {
      const tries = triesOf(id, context);
      expect(tries[0]).toBe(20);
      expect(tries).toEqual([...tries].sort((a, b) => a - b));
      expect(tries.at(-1)! - 20).toBeLessThanOrEqual(context.client.massKg / 4);
    }
});

test('first tries of a stranger are under half of what the same person turns out to lift', () => {
  // The sample client tested a bench: what follows from the test stands beside what is said without it.
  const stranger = { ...sampleContext, logged: [], client: { ...sampleClient, tests: [] } };
  for (const e of entries) {
    const of = { ...startingLine(e, schools.evidence, 'line'), rig: e.rig };
    const [known] = measure(session([of]), sampleContext).lines;
    const [m] = measure(session([of]), stranger).lines;
    const found = findingLoad(m!, 0, [], stranger);
    if (!found || known!.max.basis === 'calibrate') continue;
    const loads = found.tries.filter((kg) => kg > 20);
    for (const kg of loads) expect([e.id, kg < known!.max.kg / 2]).toEqual([e.id, true]);
  }
});

test('what was done is stored as what it is', () => {
  const figures = { loadKg: 10, reps: 9, reserve: null, heldS: 17 };
  expect(performed(hold, 0, figures, nothingSaid)).toMatchObject({
    kind: 'hold',
    reps: 0,
    heldS: 17,
    reserve: null,
  });
  expect(performed(hold, 0, { ...figures, heldS: null }, nothingSaid).heldS).toBe(20);
  expect(performed(bench, 0, figures, nothingSaid)).toMatchObject({
    kind: 'set',
    reps: 9,
    heldS: null,
    reserve: null,
  });
  // Until nothing more came nothing was left, unless somebody says otherwise.
  expect(performed(failing, 0, figures, nothingSaid).reserve).toBe(0);
  expect(performed(failing, 0, { ...figures, reserve: 2 }, nothingSaid).reserve).toBe(2);
});
