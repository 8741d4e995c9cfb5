import fc from 'fast-check';
import { limitsMet } from '../choosing';
import { line, sampleContext, session } from '../examples';
import { choicesOf } from '../loads';
import { type Context, measure } from '../measure';
import { applyEdit, linesOf, setCountOf } from '../session';
import { nothingSaid, type PerformedSet } from './performed-set';
import { evidenceOf } from './performed-set';
import type { LiftProgress } from './progress';
import { whatNext } from './what-next';

const plan = session([
  line('barbell-bench-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } } }),
  line('incline-dumbbell-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } } }),
  line('cable-lateral-raise', { scheme: { kind: 'straight', sets: 4, reps: { lo: 12, hi: 15 } } }),
]);
const at = (loadKg: number | null, context: Context = sampleContext) =>
  measure(applyEdit(plan, { do: 'line', line: bench, patch: { loadKg } }), context);
const bench = linesOf(plan)[0]!.id;
const [first] = measure(plan, sampleContext).lines;
const choices = choicesOf(sampleContext.kit, first!.movement)!.map((l) => l.kg);
const kg = choices.find((c) => c >= 60)!;

/** A day of the bench press: one number of reps a set. */
const day = (doneOn: string, loadKg: number, reps: readonly number[], said: Partial<PerformedSet> = {}) =>
  reps.map((n, setIndex): PerformedSet => ({
    id: `${doneOn}-${setIndex}`,
    clientId: 'c',
    sessionId: `s-${doneOn}`,
    lineId: bench,
    setIndex,
    movement: first!.movement.id,
    rig: first!.rig,
    doneOn,
    loadKg,
    reps: n,
    kind: 'set',
    heldS: null,
    reserve: 3,
    tired: 0,
    repS: null,
    asked: null,
    at: null,
    ...nothingSaid,
    ...said,
  }));
const asked = { lo: 6, hi: 8, reserve: 3, restS: 120 };
const afterDays = (sets: PerformedSet[]): Context => ({
  ...sampleContext,
  client: { ...sampleContext.client, tests: [] },
  logged: sets.flatMap((s) => evidenceOf(s) ?? []),
});
/** Days of the bench press at a load, with so many left. */
const days = (loadKg: number, reserve: number, said: Partial<PerformedSet> = {}, reps = [8, 8, 8]) =>
  ['2026-11-10', '2026-11-14', '2026-11-17', '2026-11-20'].flatMap((d) =>
    day(d, loadKg, reps, { reserve, asked, ...said }),
  );
const only = (sets: PerformedSet[], planned: number | null = kg) =>
  whatNext(at(planned, afterDays(sets)), sets, []);

test('a load the coach gave that the log has left behind: the next one, with what stands and what is asked; once', () => {
  const sets = days(kg, 7, { technique: 'clean' });
  const [up] = only(sets);
  expect(up).toMatchObject({ kind: 'up', line: bench });
  expect(up!.why).toMatch(/^60 kg is expected to leave \d+ where \d (is|are) asked for\.$/);
  const to = (up!.edit as { patch: { loadKg: number } }).patch.loadKg;
  expect(to).toBeGreaterThan(kg);
  expect(to).toBeLessThanOrEqual(kg * 1.1 + 1e-6);
  // Taken, it is not proposed again; and a load nobody gave needs no proposal.
  expect(only(sets, to)).toEqual([]);
  expect(only(sets, null)).toEqual([]);
});

test('a load that leaves what is asked stays; from sets that slipped or broke nothing goes up', () => {
  expect(only(days(kg, 3))).toEqual([]);
  for (const technique of ['slipping', 'broke'] as const)
    expect(only(days(kg, 7, { technique }))).toEqual([]);
});

test('a load that brings too little comes down, and what ended for another reason says nothing', () => {
  const [down] = only(days(kg, 0, { ended: 'too heavy' }, [4, 3, 3]));
  expect(down).toMatchObject({ kind: 'down', line: bench });
  expect((down!.edit as { patch: { loadKg: number } }).patch.loadKg).toBeLessThan(kg);
  expect(only(days(kg, 0, { ended: 'interrupted' }, [4, 3, 3]))).toEqual([]);
});

test('every load proposed is one of this kit', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 3, max: 8 }), (reserve, reps) => {
      for (const p of only(days(kg, reserve, {}, [reps, reps, reps])))
        expect(choices).toContain((p.edit as { patch: { loadKg: number } }).patch.loadKg);
    }),
    { numRuns: 30 },
  );
});

const lift = (patch: Partial<LiftProgress>): LiftProgress => ({
  movement: first!.movement.id,
  rig: first!.rig,
  name: 'Barbell bench press',
  perHand: '',
  points: [{ date: '2026-09-01', kg: 80, low: 75, high: 85, readKg: 80, isLight: false }],
  slope: { mean: 0, low: -1, high: 1 },
  standing: 'rising',
  holdingFor: 0,
  ...patch,
});

test('a lift known to stand still is changed and keeps its job, one at a time; its load is left alone', () => {
  const others = measure(plan, sampleContext).lines.map((m) =>
    lift({ movement: m.movement.id, rig: m.rig, standing: 'holding', holdingFor: 3 }),
  );
  const all = whatNext(at(kg), day('2026-11-20', kg, [8, 8, 8]), others);
  expect(all.filter((p) => p.kind === 'rotate')).toHaveLength(1);
  expect(all.filter((p) => p.line === bench).map((p) => p.kind)).toEqual(['rotate']);
  const then = measure(applyEdit(at(kg).session, all.at(-1)!.edit!), sampleContext);
  expect(then.lines).toHaveLength(3);
});

/** Fourteen days of the bench press, the last of which fall behind. */
const falling = Array.from({ length: 14 }, (_, i) => {
  const date = new Date(Date.parse('2026-11-22') - (13 - i) * 4 * 86_400_000).toISOString().slice(0, 10);
  const reps = i < 11 ? 8 : 18 - i;
  return day(date, kg, [reps, reps, reps], { reserve: i < 11 ? 3 : 0, asked });
}).flat();

test('where somebody falls behind two sets go, nowhere the last one; taken, they are not asked for again', () => {
  const measured = at(kg, afterDays(falling));
  const [fewer] = whatNext(measured, falling, []);
  expect(fewer!.kind).toBe('fewer sets');
  const sets = (s: typeof plan) => linesOf(s).map((l) => setCountOf(l.scheme));
  const then = sets(applyEdit(plan, fewer!.edit!));
  expect(then.reduce((a, b) => a + b)).toBe(8);
  expect(Math.min(...then)).toBeGreaterThan(0);
  const bench3 = falling.map((s) => ({ ...s }));
  const after = measure(
    applyEdit(measured.session, {
      do: 'line',
      line: bench,
      patch: { scheme: { kind: 'straight', sets: 2, reps: { lo: 6, hi: 8 } } },
    }),
    measured.context,
  );
  expect(whatNext(after, bench3, []).filter((p) => p.kind === 'fewer sets')).toEqual([]);
});

test('a movement that got uncomfortable is swapped for one that does its job', () => {
  const sets = ['2026-11-10', '2026-11-15', '2026-11-20'].flatMap((d, i) =>
    day(d, kg, [7, 7, 7], { comfort: 8 - 2 * i }),
  );
  const context = { ...sampleContext, logged: sets.flatMap((s) => evidenceOf(s) ?? []) };
  const [swap] = whatNext(at(kg, context), sets, []);
  expect(swap).toMatchObject({ kind: 'swap', line: bench });
  expect(swap!.edit).not.toBe(null);
  // The one it complains of is not what is offered.
  expect((swap!.edit as { patch: { movement: string } }).patch.movement).not.toBe(linesOf(plan)[0]!.movement);
  const fine = sets.map((s) => ({ ...s, comfort: 8 }));
  const calm = { ...sampleContext, logged: fine.flatMap((s) => evidenceOf(s) ?? []) };
  expect(whatNext(at(kg, calm), fine, []).filter((p) => p.kind === 'swap')).toEqual([]);
});

test('comfort and feel that were logged count in the same job; a set whose form broke is no progress', () => {
  const context = (said: Partial<PerformedSet>): Context => ({
    ...sampleContext,
    logged: day('2026-11-20', kg + 40, [8, 8, 8], said).flatMap((s) => evidenceOf(s) ?? []),
  });
  const max = (said: Partial<PerformedSet>): number => {
    const { max: m } = measure(plan, context(said)).lines[0]!;
    return m.basis === 'calibrate' ? 0 : m.kg;
  };
  expect(max({ technique: 'clean' })).toBeGreaterThan(max({ technique: 'broke' }));
  expect(max({ technique: 'broke' })).toBe(
    measure(plan, sampleContext).lines[0]!.max.basis === 'calibrate'
      ? 0
      : (measure(plan, sampleContext).lines[0]!.max as { kg: number }).kg,
  );
});

test('nothing is proposed that a limit of the client speaks against', () => {
  const limited: Context = {
    ...sampleContext,
    client: { ...sampleContext.client, limits: [{ limit: 'shoulder front', note: '' }] },
  };
  const measured = measure(
    session([
      line('cable-fly-shoulder-height'),
      line('dumbbell-bench-press'),
      line('dumbbell-lateral-raise'),
    ]),
    limited,
  );
  for (const m of measured.lines) {
    const [rotate] = whatNext(
      measured,
      [],
      [lift({ movement: m.movement.id, rig: m.rig, standing: 'holding', holdingFor: 3 })],
    );
    if (!rotate) continue;
    const then = measure(applyEdit(measured.session, rotate.edit!), limited).lines.find(
      (l) => l.id === m.id,
    )!;
    expect([rotate.says, limitsMet(then.movement, then.rig, limited.client.limits)]).toEqual([
      rotate.says,
      [],
    ]);
  }
});
