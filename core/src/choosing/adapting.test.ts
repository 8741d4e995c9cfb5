import fc from 'fast-check';
import { measure } from '../measure';
import { applyEdit, linesOf, type Session, sessionSchema, setCountOf, withSetCount } from '../session';
import { anyContext, anySession } from '../testing/any';
import { line, sampleContext, session } from '../examples';
import { adapted, adaptations, type Adaptation } from './adapting';
import { worthOf } from './worth';

const hard = session([
  line('barbell-bench-press', { scheme: { kind: 'ascending', reps: [10, 8, 6, 4] } }),
  line('incline-dumbbell-press', {
    scheme: {
      kind: 'drop',
      sets: 3,
      reps: { lo: 8, hi: 10 },
      drops: 2,
      lighter: 20,
      on: 'every set',
    },
  }),
  line('dumbbell-fly', { squeezeS: 10, reserve: { first: 0, last: 0 } }),
  line('dumbbell-lateral-raise'),
  line('lying-triceps-extension'),
  line('cable-overhead-extension'),
]);
const made = (adaptation: Adaptation): Session =>
  applyEdit(hard, adapted(measure(hard, sampleContext), adaptation));

test.each(['first year', 'returning', 'advanced'] as const)(
  'made for %p it is still a session',
  (adaptation) => {
    expect(() => sessionSchema.parse(JSON.parse(JSON.stringify(made(adaptation))))).not.toThrow();
  },
);

/** Common practice: one or two movements fewer, 2–3 sets of 8–12, 2–4 reps left, no techniques. */
test('a first year gets fewer movements of plain sets with reps to spare', () => {
  const lines = linesOf(made('first year'));
  expect(lines).toHaveLength(4);
  for (const l of lines) {
    expect(l.scheme).toMatchObject({ kind: 'straight', reps: { lo: 8, hi: 12 } });
    expect([2, 3]).toContain(setCountOf(l.scheme));
    expect([l.reserve, l.loadKg, l.squeezeS]).toEqual([{ first: 3, last: 2 }, null, undefined]);
  }
});

/** Common practice: half the sets, a fifth off the load. */
test('coming back halves the sets and takes a fifth off what would be lifted', () => {
  const before = measure(hard, sampleContext);
  const after = measure(made('returning'), sampleContext);
  expect(after.lines).toHaveLength(before.lines.length);
  for (const [i, m] of after.lines.entries()) {
    const was = before.lines[i]!;
    expect(setCountOf(m.line.scheme)).toBe(Math.ceil(setCountOf(was.line.scheme) / 2));
    const kg = was.sets[0]!.kg;
    if (kg !== null) expect(Math.abs(m.sets[0]!.kg! - 0.8 * kg)).toBeLessThanOrEqual(1.25 + 1e-9);
  }
});

/** Common practice: the added set goes where it does most, and only the last movement ends in a technique. */
test('somebody advanced gets the set that is worth most, and one technique, on the last isolation movement', () => {
  const plain = session([
    line('barbell-bench-press', { scheme: { kind: 'straight', sets: 5, reps: { lo: 5, hi: 8 } } }),
    line('dumbbell-fly'),
    line('dumbbell-lateral-raise'),
    line('lying-triceps-extension'),
  ]);
  const after = applyEdit(plain, adapted(measure(plain, sampleContext), 'advanced'));
  const [before, now] = [plain, after].map((s) => linesOf(s).map((l) => setCountOf(l.scheme)));
  expect(now!.reduce((a, b) => a + b, 0)).toBe(before!.reduce((a, b) => a + b, 0) + 1);
  const worth = (s: Session): number => worthOf(measure(s, sampleContext));
  // By trying every line: none is worth more.
  const gained = now!.findIndex((n, i) => n !== before![i]);
  const tries = linesOf(plain).map((l, i) =>
    worth(
      applyEdit(plain, {
        do: 'line',
        line: l.id,
        patch: { scheme: withSetCount(l.scheme, before![i]! + 1) },
      }),
    ),
  );
  expect(tries[gained]).toBeCloseTo(Math.max(...tries), 9);
  expect(linesOf(after).map((l) => l.scheme.kind)).toEqual([
    'straight',
    'straight',
    'straight',
    'rest-pause',
  ]);
});

test('whatever session is adapted to somebody, it is still a session, with no movement it did not have', () => {
  fc.assert(
    fc.property(anySession, anyContext, (s, context) => {
      const had = new Set(linesOf(s).map((l) => l.id));
      for (const adaptation of Object.keys(adaptations) as Adaptation[]) {
        const after = applyEdit(s, adapted(measure(s, context), adaptation));
        expect(sessionSchema.safeParse(JSON.parse(JSON.stringify(after))).error).toBe(undefined);
        expect(linesOf(after).filter((l) => !had.has(l.id))).toEqual([]);
      }
    }),
    { numRuns: 40 },
  );
});
