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
const next = choices.find((c) => c > kg)!;

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
    ...nothingSaid,
    ...said,
  }));
const only = (sets: PerformedSet[], planned: number | null = kg) =>
  whatNext(at(planned), sets, []).map(({ kind, says }) => ({ kind, says }));

test('all sets at the top of their range: the next load of this kit, once', () => {
  const [up] = whatNext(at(kg), day('2026-11-20', kg, [8, 8, 8], { technique: 'clean' }), []);
  expect(up).toMatchObject({ kind: 'up', line: bench });
  expect(up!.why).not.toContain('graded');
  const then = measure(applyEdit(at(kg).session, up!.edit!), sampleContext);
  expect(then.lines[0]!.sets[0]!.kg).toBe(next);
  // Taken, it is not proposed again.
  expect(only(day('2026-11-20', kg, [8, 8, 8]), next)).toEqual([]);
});

test('what was left unsaid proves no plan, and what ended for another reason is no falling short', () => {
  expect(only(day('2026-11-20', kg, [8, 8, 8]))).not.toEqual([]);
  expect(only(day('2026-11-20', kg, [8, 8, 8], { reserve: null }))).toEqual([]);
  const short = (said: Partial<PerformedSet>) =>
    only([...day('2026-11-20', kg, [8, 3, 8], said), ...day('2026-11-17', kg, [8, 3, 8], said)]);
  expect(short({})).not.toEqual([]);
  expect(short({ ended: 'too heavy' })).not.toEqual([]);
  expect(short({ ended: 'interrupted' })).toEqual([]);
});

test('of two sides the weaker one speaks', () => {
  const both = (right: number) => [
    ...day('2026-11-20', kg, [8, 8, 8], { side: 'left' }),
    ...day('2026-11-20', kg, [8, 8, right], { side: 'right' }).map((s) => ({ ...s, id: `${s.id}-right` })),
  ];
  expect(only(both(8))).not.toEqual([]);
  expect(only(both(7))).toEqual([]);
});

test('a set missing, a rep missing or reserve eaten up: nothing goes up', () => {
  expect(only(day('2026-11-20', kg, [8, 8]))).toEqual([]);
  expect(only(day('2026-11-20', kg, [8, 8, 7]))).toEqual([]);
  expect(only(day('2026-11-20', kg, [8, 8, 8], { reserve: 0 }))).toEqual([]);
});

test('technique is the gate: from a set that slipped or broke nothing goes up, and what was to go up holds', () => {
  for (const technique of ['slipping', 'broke'] as const) {
    expect(only(day('2026-11-20', kg, [8, 8, 8], { technique }))).toEqual([]);
    const [hold] = whatNext(at(next), day('2026-11-20', kg, [8, 8, 8], { technique }), []);
    expect(hold).toMatchObject({ kind: 'hold', edit: { patch: { loadKg: kg } } });
  }
});

test('twice below the range takes five to ten per cent off; once does not', () => {
  const short = day('2026-11-20', kg, [7, 6, 5]);
  expect(only(short)).toEqual([]);
  const [down] = whatNext(at(kg), [...day('2026-11-16', kg, [7, 5, 5]), ...short], []);
  expect(down!.kind).toBe('down');
  const to = (down!.edit as { patch: { loadKg: number } }).patch.loadKg;
  expect(to / kg).toBeGreaterThanOrEqual(0.9 - 1e-9);
  expect(to / kg).toBeLessThanOrEqual(0.95 + 1e-9);
});

test('more reps never lower what is proposed, and a load is always one of this kit', () => {
  const reps = fc.array(fc.integer({ min: 3, max: 10 }), { minLength: 3, maxLength: 3 });
  const proposed = (sets: PerformedSet[]): number => {
    const [p] = whatNext(at(kg), sets, []).filter((x) => x.line === bench);
    return p?.edit ? (p.edit as { patch: { loadKg: number } }).patch.loadKg : kg;
  };
  fc.assert(
    fc.property(reps, reps, fc.nat(2), (last, before, which) => {
      const earlier = day('2026-11-16', kg, before);
      const now = proposed([...earlier, ...day('2026-11-20', kg, last)]);
      const more = last.map((n, i) => (i === which ? n + 1 : n));
      expect(proposed([...earlier, ...day('2026-11-20', kg, more)])).toBeGreaterThanOrEqual(now);
      expect(choices).toContain(now);
    }),
    { numRuns: 40 },
  );
});

const lift = (patch: Partial<LiftProgress>): LiftProgress => ({
  movement: first!.movement.id,
  rig: first!.rig,
  name: 'Barbell bench press',
  perHand: '',
  points: [],
  slope: { mean: 0, low: -1, high: 1 },
  standing: 'rising',
  downTwice: null,
  ...patch,
});

test('a stuck lift is changed and keeps its job, one at a time; its load is left alone', () => {
  const others = measure(plan, sampleContext).lines.map((m) =>
    lift({ movement: m.movement.id, rig: m.rig, standing: 'stuck' }),
  );
  const all = whatNext(at(kg), day('2026-11-20', kg, [8, 8, 8]), others);
  expect(all.filter((p) => p.kind === 'rotate')).toHaveLength(1);
  expect(all.filter((p) => p.line === bench).map((p) => p.kind)).toEqual(['rotate']);
  const then = measure(applyEdit(at(kg).session, all.at(-1)!.edit!), sampleContext);
  expect(then.lines).toHaveLength(3);
});

test('down twice running takes two sets off, nowhere the last one', () => {
  const [fewer] = whatNext(at(kg), [], [lift({ downTwice: ['2026-11-16', '2026-11-20'] })]);
  expect(fewer!.kind).toBe('fewer sets');
  const sets = (s: typeof plan) => linesOf(s).map((l) => setCountOf(l.scheme));
  const then = sets(applyEdit(plan, fewer!.edit!));
  expect(then.reduce((a, b) => a + b)).toBe(8);
  expect(Math.min(...then)).toBeGreaterThan(0);
});

test('sets that were taken off are not taken off again', () => {
  const down = [lift({ downTwice: ['2026-11-16', '2026-11-20'] })];
  const done = at(kg).lines.flatMap((m) =>
    day(
      '2026-11-20',
      kg,
      m.sets.map(() => 5),
      { lineId: m.id, movement: m.movement.id, rig: m.rig },
    ),
  );
  const [fewer] = whatNext(at(kg), done, down);
  expect(fewer!.kind).toBe('fewer sets');
  const after = measure(applyEdit(at(kg).session, fewer!.edit!), sampleContext);
  expect(whatNext(after, done, down).filter((p) => p.kind === 'fewer sets')).toEqual([]);
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
      [lift({ movement: m.movement.id, rig: m.rig, standing: 'stuck' })],
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
