import { line, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { floorState, toComeNext } from './floor-state';
import { nothingSaid, type PerformedSet } from './performed-set';
import { corrected, performed } from './performing';
import { setsOfLog } from './typed-log';

const plan = session([
  line('barbell-bench-press', {
    id: 'bench',
    scheme: { kind: 'straight', sets: 2, reps: { lo: 6, hi: 8 } },
    tempo: { lower: 2, stretched: 0, lift: 1, shortened: 1 },
    restS: 60,
  }),
  line('dumbbell-fly', { id: 'fly', scheme: { kind: 'hold', sets: 1, seconds: 30 } }),
  line('pushdown', { id: 'down', scheme: { kind: 'to failure', sets: 1, about: 12, until: 'muscle' } }),
]);
const measured = measure(plan, sampleContext);
const [bench, fly, down] = measured.lines as [
  (typeof measured.lines)[0],
  (typeof measured.lines)[0],
  (typeof measured.lines)[0],
];
const whose = { clientId: 'c', sessionId: 's', doneOn: '2026-12-01' };
const set = (id: string, m = bench, setIndex = 0): PerformedSet => ({
  ...performed(m, setIndex, { loadKg: 80.00049, reps: 7, reserve: 1, heldS: null }, nothingSaid),
  ...whose,
  id,
});

test('a set is logged as its line is set up: load to the gram, seconds of its tempo, how tired it found the client', () => {
  // 2 + 0 + 1 + 1 seconds a repetition; the loss of the set, to a thousandth.
  expect(set('a')).toMatchObject({ lineId: 'bench', setIndex: 0, kind: 'set', loadKg: 80, reps: 7, repS: 4 });
  expect(set('b', bench, 1).tired).toBe(Number(bench.sets[1]!.loss.toFixed(3)));
  expect(set('b', bench, 1).tired).toBeGreaterThan(0);
});

test('a hold says its seconds and no repetitions, as planned where nobody looked; to failure leaves nothing', () => {
  const held = (heldS: number | null) =>
    performed(fly, 0, { loadKg: 10, reps: 9, reserve: 2, heldS }, nothingSaid);
  expect(held(24)).toMatchObject({ kind: 'hold', reps: 0, reserve: null, heldS: 24 });
  expect(held(null).heldS).toBe(30);
  const out = performed(down, 0, { loadKg: 20, reps: 14, reserve: null, heldS: null }, nothingSaid);
  expect(out).toMatchObject({ kind: 'set', reps: 14, reserve: 0, heldS: null });
});

test('a corrected set is another in its place, with the tiredness and the movement it was done with', () => {
  const was = { ...set('old'), tired: 0.123, movement: 'dumbbell-press' };
  const figures = { loadKg: 75, reps: 6, reserve: 0, heldS: null };
  const now = corrected(was, bench, { figures, said: { ...nothingSaid, felt: 3 } }, 'new');
  expect(now).toMatchObject({
    id: 'new',
    ...whose,
    loadKg: 75,
    reps: 6,
    reserve: 0,
    felt: 3,
    tired: 0.123,
    movement: 'dumbbell-press',
  });
});

test('what was typed for a hold are its seconds, one at least', () => {
  const typed = (lineId: string, reps: number) => ({ lineId, setIndex: 0, loadKg: 10, reps, reserve: 1 });
  const logged = setsOfLog([typed('bench', 7), typed('fly', 25), typed('fly', 0)], measured.lines);
  expect(logged.map(({ kind, reps, reserve, heldS }) => [kind, reps, reserve, heldS])).toEqual([
    ['set', 7, 1, null],
    ['hold', 0, null, 25],
    ['hold', 0, null, 1],
  ]);
});

test('what is to come next stands before what was not begun, and behind what was', () => {
  const next = (sets: PerformedSet[]) => toComeNext(floorState(measured, plan, sets, []), plan, sets, 'down');
  expect(next([])).toEqual({ do: 'move', line: 'down', to: 0 });
  // One of two sets of the bench is done: it is still next, and begun.
  expect(next([set('a')])).toEqual({ do: 'move', line: 'down', to: 1 });
  expect(next([set('a'), set('b', bench, 1)])).toEqual({ do: 'move', line: 'down', to: 1 });
});
