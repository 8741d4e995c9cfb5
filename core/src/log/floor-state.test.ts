import { line, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { asRun, type FloorChange, linesOf, type Session } from '../session';
import { floorState, otherNameOf, placeOfLine } from './floor-state';
import { nothingSaid, type PerformedSet } from './performed-set';
import { performed } from './performing';

const plan = session([
  line('barbell-bench-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } } }),
  line('dumbbell-lateral-raise', { scheme: { kind: 'straight', sets: 2, reps: { lo: 12, hi: 15 } } }),
]);
const [bench, raise] = linesOf(plan).map((l) => l.id) as [string, string];
const state = (planned: Session, done: [string, number, PerformedSet['side']?][], ticked: string[] = []) => {
  const measured = measure(asRun(planned), sampleContext);
  const sets = done.map(([lineId, setIndex, side], i) => ({
    ...performed(
      measured.lines.find((m) => m.id === lineId)!,
      setIndex,
      { loadKg: 60, reps: 8, reserve: 2, heldS: null },
      { ...nothingSaid, side: side ?? null },
    ),
    id: `set-${i}`,
    clientId: 'c',
    sessionId: 's',
    doneOn: '2026-11-20',
  }));
  const found = floorState(measured, planned, sets, ticked);
  return { ...found, next: found.steps[found.at]?.id };
};
const changed = (...changes: FloorChange[]): Session => ({ ...plan, changes });

test('one set after the other; ways up are through once their movement is begun', () => {
  const at0 = state(plan, []);
  expect([at0.done, at0.open, at0.steps[at0.at]!.is]).toEqual([0, 5, 'ramp']);
  const at1 = state(plan, [[bench, 0]]);
  expect([at1.done, at1.open, at1.next, at1.openLines]).toEqual([1, 4, `${bench} 1`, [bench, raise]]);
  const all = state(plan, [
    [bench, 0],
    [bench, 1],
    [bench, 2],
    [raise, 0],
    [raise, 1],
  ]);
  expect([all.open, all.next, all.openLines]).toEqual([0, undefined, []]);
});

test('sets that are left out are through and not done, and so are the ways up to them', () => {
  const out = changed({ is: 'left out', id: 'a', line: bench, sets: null, why: 'sore' });
  const none = state(out, []);
  expect([none.done, none.leftOut, none.open, none.next]).toEqual([0, 3, 2, `${raise} 0`]);
  const one = state(out, [[bench, 0]]);
  expect([one.done, one.leftOut, one.open]).toEqual([1, 2, 2]);
});

test('a set that was logged twice is told; two sides of it are none', () => {
  expect(
    state(plan, [
      [bench, 0],
      [bench, 0],
    ]).doubles.map((d) => d.length),
  ).toEqual([2]);
  expect(
    state(plan, [
      [raise, 0, 'left'],
      [raise, 0, 'right'],
    ]).doubles,
  ).toEqual([]);
  expect(
    state(plan, [
      [raise, 0, 'left'],
      [raise, 0, 'left'],
    ]).doubles,
  ).toHaveLength(1);
});

test('a set of another movement than its line has by now is called by its own name', () => {
  const [m] = measure(plan, sampleContext).lines;
  expect(otherNameOf({ movement: m!.movement.id, rig: m!.rig }, m!)).toBeNull();
  expect(otherNameOf({ movement: 'dumbbell-press', rig: { benchDeg: 30 } }, m!)).toBe(
    'Incline dumbbell press',
  );
});

test('another order is the order it is run in', () => {
  const moved = changed({
    is: 'edits',
    id: 'm',
    edits: [{ do: 'move', line: raise, to: 0 }],
    swap: null,
    why: '',
  });
  expect(placeOfLine(asRun(moved), raise)).toBe(0);
  expect(state(moved, [], []).steps.find((s) => s.is === 'set')!.id).toBe(`${raise} 0`);
  expect(placeOfLine(plan, 'nobody')).toBe(2);
});
