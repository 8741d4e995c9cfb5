import fc from 'fast-check';
import { type Kit, makeableLoads } from '../kit';
import { layOut } from '../measure';
import { applyEdit, linesOf, sessionSchema } from '../session';
import { anyContext, anyKit, anySession } from '../testing/any';
import { line, sampleContext, sampleKit, session } from '../examples';
import { elsewhere } from './elsewhere';

/** Bells from 5 to 30 by 5 and a bench that goes to 0, 45 and 85. */
const loft: Kit = {
  ...sampleKit,
  name: 'Loft',
  bars: [],
  stacks: [],
  dumbbells: [5, 10, 15, 20, 25, 30].map((kg) => ({ kg, pairs: 1 })),
  benches: [{ id: 'b', name: 'Bench', notchesDeg: [0, 45, 85] }],
  rack: { count: 0, safetyArms: false },
};
const here = session([
  line('barbell-bench-press'),
  line('incline-dumbbell-press', { loadKg: 24 }, { benchDeg: 30 }),
  line('cable-fly-shoulder-height'),
  line('dumbbell-lateral-raise', { loadKg: 5 }),
]);
const there = applyEdit(here, elsewhere(here, sampleContext, 'loft', loft));
const laid = layOut(there, { ...sampleContext, kit: loft });

test('at another gym everything can be done, in as many lines', () => {
  expect(there.kitId).toBe('loft');
  expect(() => sessionSchema.parse(JSON.parse(JSON.stringify(there)))).not.toThrow();
  expect(laid.lines).toHaveLength(4);
  for (const m of laid.lines) {
    expect(m.missing).toBeNull();
    for (const s of m.sets) expect(s.makeable).toBe(true);
  }
});

test('what is there stays as it was, on the nearest notch, with a load of its own kept where it can be made', () => {
  const [bench, incline, fly, raise] = linesOf(there);
  expect(bench!.movement).not.toBe('barbell-press');
  expect(fly!.movement).not.toBe('cable-fly');
  expect([incline!.movement, incline!.rig.benchDeg, incline!.loadKg]).toEqual([
    linesOf(here)[1]!.movement,
    45,
    null,
  ]);
  expect(raise).toEqual(linesOf(here)[3]);
});

test('from any gym to any other: what can be done there has loads that can be made there', () => {
  fc.assert(
    fc.property(anySession, anyContext, anyKit, (s, context, kit) => {
      const after = applyEdit(s, elsewhere(s, context, 'there', kit));
      expect(linesOf(after)).toHaveLength(linesOf(s).length);
      for (const m of layOut(after, { ...context, kit }).lines) {
        if (m.missing !== null || m.movement.load.kind !== 'external') continue;
        const made = makeableLoads(kit, m.movement).map((l) => l.kg);
        for (const { kg } of m.sets.filter((set) => set.kg !== null && made.length > 0))
          expect(Math.min(...made.map((l) => Math.abs(l - kg!)))).toBeLessThan(1e-6);
      }
    }),
    { numRuns: 40 },
  );
});
