import { line, session } from '../examples';
import { asRun, floorEditsOf, leftOut, standing, swapsOf } from './as-run';
import { linesOf, sessionSchema, type Session } from './document';
import { applyEdit } from './edits';
import type { FloorChange } from './floor-changes';
import { becoming } from './starting';
import { findEntry } from '../movements';

const plan = session([
  line('barbell-bench-press', {
    scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } },
    cues: ['Push'],
  }),
  line('dumbbell-lateral-raise', {}),
]);
const [bench, raise] = linesOf(plan) as [Session['blocks'][0]['lines'][0], Session['blocks'][0]['lines'][0]];
const swap = findEntry('dumbbell-bench-press')!;
const becomes: FloorChange = {
  is: 'edits',
  id: 'c1',
  edits: floorEditsOf({ do: 'line', line: bench.id, patch: becoming(swap) }),
  swap: { line: bench.id, from: 'Barbell bench press', to: 'Dumbbell bench press' },
  why: 'station taken',
};
const with_ = (...changes: FloorChange[]): Session => ({ ...plan, changes });

test('the plan with its changes is what is run; the plan itself stays', () => {
  const changed = with_(becomes);
  const before = JSON.stringify(changed);
  const [now] = linesOf(asRun(changed));
  expect([now!.movement, now!.cues, now!.loadKg]).toEqual([swap.movement.id, null, null]);
  expect(JSON.stringify(changed)).toBe(before);
  expect(sessionSchema.safeParse(changed).success).toBe(true);
  expect(asRun(plan)).toBe(plan);
  expect(swapsOf(changed)).toEqual([{ ...becomes.swap, why: 'station taken' }]);
});

test('a change that is taken back is as if it had not been', () => {
  const back: FloorChange = { is: 'taken back', id: 'c2', of: 'c1' };
  expect(standing([becomes, back])).toEqual([]);
  expect(linesOf(asRun(with_(becomes, back)))[0]!.movement).toBe(bench.movement);
  expect(swapsOf(with_(becomes, back))).toEqual([]);
});

test('sets that are left out are known by line and set, with why', () => {
  const out = leftOut(
    with_(
      { is: 'left out', id: 'a', line: bench.id, sets: [2], why: 'no time' },
      { is: 'left out', id: 'b', line: raise.id, sets: null, why: 'sore' },
    ),
    (id) => (id === bench.id ? 3 : 2),
  );
  expect([...out]).toEqual([
    [`${bench.id} 2`, 'no time'],
    [`${raise.id} 0`, 'sore'],
    [`${raise.id} 1`, 'sore'],
  ]);
});

test('every edit the floor makes says the same after it went over the wire, and no other is taken', () => {
  const edits = [
    { do: 'line', line: bench.id, patch: { rig: { ...bench.rig, tuckDeg: 45 }, loadKg: 60 } },
    { do: 'line', line: bench.id, patch: { reserve: { first: 3, last: 3 } } },
    {
      do: 'line',
      line: bench.id,
      patch: { scheme: { kind: 'straight', sets: 2, reps: { lo: 10, hi: 12 } } },
    },
    { do: 'line', line: bench.id, patch: { restS: 60 } },
    { do: 'move line', line: raise.id, to: 0 },
    { do: 'pair', line: bench.id, with: raise.id },
    { do: 'remove line', line: raise.id },
  ] as const;
  for (const edit of edits) {
    const made = { is: 'edits', id: 'c', edits: floorEditsOf(edit), swap: null, why: '' } as const;
    const wired = JSON.parse(JSON.stringify(with_(made))) as Session;
    const { changes: _changes, ...run } = asRun(wired);
    expect(run).toEqual(JSON.parse(JSON.stringify(applyEdit(plan, edit))));
  }
  expect(floorEditsOf({ do: 'head', patch: { minutes: 30 } })).toEqual([]);
  expect(() => floorEditsOf({ do: 'put', values: { blocks: [] } })).toThrow('no change of the floor');
  expect(() => floorEditsOf({ do: 'line', line: bench.id, patch: { note: 'mine' } })).toThrow();
});
