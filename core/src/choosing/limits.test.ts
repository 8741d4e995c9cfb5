import { entries, findEntry, movementOf, type Rig } from '../movements';
import { type LimitId, limitIds, type Line } from '../session';
import { line } from '../examples';
import { cautionFor, cautionsOf, doingOf, limitsMet } from './limits';

/** Common practice of coaches, a case a row: what a limit meets, and what it prefers and must leave alone. */
const cases: [LimitId, string, Rig, boolean][] = [
  ['shoulder front', 'chest-dip', {}, true],
  ['shoulder front', 'barbell-bench-press', { gripBiacromial: 2, tuckDeg: 45 }, true],
  ['shoulder front', 'barbell-bench-press', { gripBiacromial: 1.5, tuckDeg: 45 }, false],
  ['shoulder front', 'behind-neck-press', {}, true],
  ['shoulder front', 'dumbbell-fly', { range: 'full' }, true],
  ['shoulder front', 'dumbbell-fly', { range: 'chest level' }, false],
  ['shoulder front', 'dumbbell-floor-fly', {}, false],
  ['shoulder front', 'cable-fly-shoulder-height', {}, false],
  ['shoulder front', 'seated-dumbbell-press', { benchDeg: 75, tuckDeg: 80 }, true],
  ['shoulder front', 'neutral-overhead-dumbbell-press', {}, false],
  ['shoulder front', 'wide-upright-row', {}, true],
  ['shoulder front', 'face-pull', {}, false],
  ['shoulder front', 'dumbbell-floor-press', {}, false],
  ['shoulder front', 'kneeling-landmine-press', {}, false],
  ['shoulder front', 'chest-press-machine', {}, false],
  ['shoulder front', 'cable-lateral-raise', {}, false],
  ['shoulder unstable', 'behind-neck-press', {}, true],
  ['shoulder unstable', 'dumbbell-fly', { range: 'chest level' }, true],
  ['shoulder unstable', 'push-up', {}, false],
  ['shoulder unstable', 'chest-press-machine', {}, false],
  ['shoulder unstable', 'dumbbell-floor-press', {}, false],
  ['elbow', 'lying-triceps-extension', {}, true],
  ['elbow', 'close-grip-bench-press', {}, true],
  ['elbow', 'pushdown', {}, false],
  ['elbow', 'machine-dip', {}, false],
  ['elbow', 'overhead-extension', {}, false],
  ['wrist', 'reverse-grip-bench-press', {}, true],
  ['wrist', 'push-up', {}, true],
  ['wrist', 'neutral-grip-dumbbell-press', {}, false],
  ['wrist', 'cable-overhead-extension', {}, false],
  ['lower back', 'standing-barbell-press', {}, true],
  ['lower back', 'bent-over-rear-raise', {}, true],
  ['lower back', 'incline-rear-raise', {}, false],
  ['lower back', 'feet-up-bench-press', {}, true],
  ['lower back', 'machine-overhead-press', {}, false],
  ['blood pressure', 'decline-dumbbell-press', {}, true],
  ['blood pressure', 'dumbbell-bench-press', {}, false],
  ['pec strain', 'wide-grip-bench-press', {}, true],
  ['pec strain', 'chest-dip', {}, true],
  ['pec strain', 'dumbbell-bench-press', {}, false],
];

test.each(cases)('%s and %s at %j: met %p', (limit, id, rig, met) => {
  const { movement, rig: own } = findEntry(id)!;
  expect(cautionFor(movement, { ...own, ...rig }, limit) !== null).toBe(met);
});

/** The same by how hard it is done. */
const done: [LimitId, string, Partial<Line>, boolean][] = [
  ['blood pressure', 'dumbbell-bench-press', { reserve: { first: 4, last: 4 } }, false],
  ['blood pressure', 'dumbbell-bench-press', { reserve: { first: 2, last: 0 } }, true],
  ['blood pressure', 'cable-lateral-raise', { scheme: { kind: 'hold', sets: 2, seconds: 30 } }, true],
  ['blood pressure', 'cable-fly-shoulder-height', { squeezeS: 15 }, true],
  ['blood pressure', 'cable-fly-shoulder-height', { reserve: { first: 3, last: 2 } }, false],
  ['elbow', 'pushdown', { scheme: { kind: 'straight', sets: 3, reps: { lo: 5, hi: 6 } } }, true],
  [
    'pec strain',
    'barbell-bench-press',
    { scheme: { kind: 'straight', sets: 3, reps: { lo: 3, hi: 3 } } },
    true,
  ],
  ['pec strain', 'dumbbell-bench-press', { reserve: { first: 1, last: 0 } }, true],
  ['pec strain', 'dumbbell-bench-press', { reserve: { first: 3, last: 2 } }, false],
];

test.each(done)('%s and %s done as %j: met %p', (limit, id, patch, met) => {
  const l = line(id, patch);
  expect(cautionFor(movementOf(l.movement), l.rig, limit, doingOf(l)) !== null).toBe(met);
});

test('every limit leaves presses, and work for every muscle, for a client who has it', () => {
  for (const limit of limitIds) {
    const free = entries.filter((e) => limitsMet(e.movement, e.rig, [{ limit }]).length === 0);
    for (const family of ['press', 'fly', 'raise', 'rear', 'triceps'])
      expect([limit, family, free.some((e) => e.movement.family === family)]).toEqual([limit, family, true]);
  }
});

test('a page warns of a limit exactly where the table meets it, and in words', () => {
  for (const e of entries) {
    const warned = cautionsOf(e.movement, e.rig);
    expect(warned.map((c) => c.limit)).toEqual(
      limitIds.filter((limit) => limitsMet(e.movement, e.rig, [{ limit }]).length > 0),
    );
    for (const c of warned) expect(c.say).toMatch(/^[A-Z].{15,}\.$/);
  }
});
