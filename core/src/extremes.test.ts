import fc from 'fast-check';
import { appraise, appraiseAtOnce } from './appraise';
import { makeReport, makeSheet } from './formats';
import { type Kit, kitSchema, MOST_CHOICES, pinsOf } from './kit';
import {
  applyEdit,
  type Client,
  clientSchema,
  linesOf,
  MOST_BOUTS,
  MOST_LINES,
  sessionSchema,
  setTargets,
} from './session';
import { anyLine, anySession } from './testing/any';
import { line, sampleClient, sampleKit, session } from './examples';

/** Where a figure is no number, as a path; null when all are. */
function unsound(value: unknown, path = ''): string | null {
  if (typeof value === 'number') return Number.isFinite(value) ? null : path;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = unsound(inner, `${path}.${key}`);
    if (found !== null) return found;
  }
  return null;
}

const ends = (...values: number[]): fc.Arbitrary<number> => fc.constantFrom(...values);

/** Bodies and tests at the ends of what a client document takes. */
const extremeClient: fc.Arbitrary<Client> = fc
  .record({
    statureM: ends(1.2, 1.75, 2.3),
    massKg: ends(35, 250),
    biacromialM: fc.constantFrom(null, 0.25, 0.6),
    tests: fc.array(
      fc.record({
        movement: fc.constantFrom('barbell-press', 'dumbbell-fly', 'push-up', 'nothing-known'),
        rig: fc.constant({}),
        date: fc.constantFrom('1950-01-01', '2026-11-20', '2027-11-20'),
        loadKg: ends(0, 0.001, 600),
        reps: ends(1, 36, 37, 100),
        reserve: ends(0, 10),
        kind: fc.constant('test' as const),
        tired: ends(0, 0.6),
        repS: ends(0.5, 60),
      }),
      { maxLength: 4 },
    ),
  })
  .map((patch) => clientSchema.parse({ ...sampleClient, ...patch }));

/** Plates and bells as odd and as many as a kit document takes. */
const extremeKit: fc.Arbitrary<Kit> = fc
  .record({
    plates: fc.constantFrom(
      [],
      [{ kg: 500, pairs: 40 }],
      [{ kg: 1e-9, pairs: 40 }],
      Array.from({ length: 30 }, (_, i) => ({ kg: 0.31 + i * 0.37, pairs: 40 })),
    ),
    bars: fc.constantFrom(
      [],
      Array.from({ length: 20 }, (_, i) => ({ id: `b${i}`, name: '', kg: 5 + i * 1.01, use: 'straight' })),
    ),
    dumbbells: fc.constantFrom(
      [{ kg: 1e-6, pairs: 1 }],
      [{ kg: 500, pairs: 10 }],
      Array.from({ length: 200 }, (_, i) => ({ kg: 0.5 + i * 0.37, pairs: 1 })),
    ),
    stacks: fc.constantFrom(
      [],
      [{ ...sampleKit.stacks[0]!, firstKg: 0.001, stepKg: 500, maxKg: 0.001, addOnsKg: [], ratio: 0.25 }],
      [
        {
          ...sampleKit.stacks[0]!,
          firstKg: 1,
          stepKg: 1,
          maxKg: 25,
          addOnsKg: [0.1, 0.2, 0.4, 0.8],
          ratio: 2,
        },
      ],
    ),
    rack: fc.constantFrom({ count: 0, safetyArms: false }, { count: 10, safetyArms: true }),
  })
  .map((patch) => kitSchema.parse({ ...sampleKit, ...patch }));

test('whatever valid documents say, every figure of an appraisal and a sheet is a number', () => {
  fc.assert(
    fc.property(anySession, extremeClient, extremeKit, (plan, client, kit) => {
      const context = { client, kit, logged: [], todayIso: '2026-11-24' };
      const appraisal = appraiseAtOnce(plan, context);
      expect(unsound(makeReport(appraisal, context))).toBe(null);
      expect(unsound(makeSheet(plan, appraisal, context))).toBe(null);
    }),
    { numRuns: 25 },
  );
}, 240_000);

test('a line at the ends of every figure it takes is appraised', () => {
  const ended = {
    restS: 900,
    reserve: { first: 8, last: 8 },
    tempo: { lower: 15, stretched: 15, lift: 15, shortened: 15 },
    scheme: { kind: 'straight' as const, sets: 12, reps: { lo: 100, hi: 100 } },
  };
  fc.assert(
    fc.property(anyLine('a'), fc.constantFrom(0, 600), extremeClient, (any, loadKg, client) => {
      const context = { client, kit: sampleKit, logged: [], todayIso: '2026-11-24' };
      const plan = session([{ ...any, ...ended, loadKg }]);
      expect(sessionSchema.safeParse(plan).success).toBe(true);
      expect(unsound(makeReport(appraise(plan, context), context))).toBe(null);
    }),
    { numRuns: 40 },
  );
});

const long = (lines: number, sets: number) =>
  session(
    Array.from({ length: lines }, (_, i) => ({
      ...line('barbell-bench-press'),
      id: `l${i}`,
      scheme: { kind: 'straight' as const, sets, reps: { lo: 8, hi: 10 } },
    })),
  );

test('a session holds so many movements and sets, and says which are too many', () => {
  expect(sessionSchema.safeParse(long(MOST_LINES, 6)).success).toBe(true);
  expect(setTargets(long(1, 6).blocks[0]!.lines[0]!)).toHaveLength(6);
  const { error } = sessionSchema.safeParse(long(MOST_LINES, 7));
  expect(error!.issues[0]).toMatchObject({
    path: ['blocks'],
    message: `a session holds at most ${MOST_BOUTS} sets and stages of sets; this one has ${MOST_LINES * 7}`,
  });
});

test('a stack gives so many choices; a step too small, or a heaviest below the first, is named', () => {
  const stack = { ...sampleKit.stacks[0]!, firstKg: 1, stepKg: 1, maxKg: MOST_CHOICES, addOnsKg: [] };
  const told = (patch: object) =>
    kitSchema.safeParse({ ...sampleKit, stacks: [{ ...stack, ...patch }] }).error?.issues[0]!.path.join('.');
  expect(pinsOf(stack)).toBe(MOST_CHOICES);
  expect(told({})).toBe(undefined);
  expect(told({ addOnsKg: [0.5] })).toBe('stacks.0.stepKg');
  expect(told({ stepKg: 1e-9 })).toBe('stacks.0.stepKg');
  expect(told({ maxKg: 0.5 })).toBe('stacks.0.maxKg');
});

test('in a very long session the loudest findings have their remedies, and every remedy says what it changes', () => {
  const [first] = linesOf(long(MOST_LINES, 6));
  const failing = { do: 'line', line: first!.id, patch: { reserve: { first: 0, last: 0 } } } as const;
  const many = applyEdit(long(MOST_LINES, 6), failing);
  const context = { client: sampleClient, kit: sampleKit, logged: [], todayIso: '2026-11-24' };
  const { findings } = appraise(many, context);
  const effects = findings.flatMap((f) => f.fixes.map((fix) => fix.effect));
  expect(effects.length).toBeGreaterThan(0);
  expect(effects.every((e) => Number.isFinite(e.minutes) && Number.isInteger(e.sets))).toBe(true);
});
