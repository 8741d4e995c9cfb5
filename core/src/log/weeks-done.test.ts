import { groupIds } from '../anatomy';
import { blockContext, frozenSession, madeOf, measureDay, placed, sampleBlock, sound } from '../block';
import type { Logged } from '../strength';
import { weeksDone } from './weeks-done';

const block = sampleBlock(4, {
  weeks: Array.from({ length: 4 }, () => ({ sets: 0, reserve: 0, light: false })),
});
const context = { ...blockContext(sound), todayIso: '2026-12-08' };

/** Every set of the first day of a block as its session asks for it. */
function asPlanned(): { logged: Logged[]; block: typeof block; sessions: typeof context.sessions } {
  const day = placed(block).find((p) => p.training === 'push-a')!;
  const measured = measureDay(block, context, day)!;
  const logged = measured.lines.flatMap((m) =>
    m.sets.map((s): Logged => ({
      movement: m.movement.id,
      rig: m.rig,
      date: day.date,
      loadKg: s.kg ?? 20,
      reps: s.target.reps.lo,
      reserve: s.target.reserve,
      kind: 'set',
    })),
  );
  const made = { ...block, ...madeOf(block, day, 'done-1', day.date).block };
  return {
    logged,
    block: made,
    sessions: { ...context.sessions, 'done-1': frozenSession(measured, day.date, new Map()) },
  };
}

test('weeks up to today are told, those to come are not; without a log nothing was done', () => {
  const weeks = weeksDone(block, context);
  expect(weeks.map((w) => w.week)).toEqual([0, 1]);
  for (const w of weeks) {
    expect(w.days).toEqual({ planned: 2, done: 0, leftOut: 0 });
    for (const g of groupIds) expect(w.done[g]).toBe(0);
    expect(w.planned.chest).toBeGreaterThan(4);
  }
});

test('a day done as it was expected counts as much as it was expected to give', () => {
  const { logged, block: made, sessions } = asPlanned();
  const [first] = weeksDone(made, { ...context, logged, sessions });
  expect(first!.days).toEqual({ planned: 2, done: 1, leftOut: 0 });
  expect(first!.notHard).toEqual({ easy: 0, lighter: 0, notDone: 0, leftOut: 0 });
  const day = measureDay(
    block,
    context,
    placed(block).find((p) => p.training === 'push-a')!,
  )!;
  for (const g of groupIds) {
    expect(first!.done[g]).toBeCloseTo(day.dose.groups[g].fractional, 9);
    expect(first!.planned[g]).toBeGreaterThanOrEqual(day.dose.groups[g].fractional - 1e-9);
  }
});

test('sets left far from failure are not hard ones, and the week says where they went', () => {
  const { logged, block: made, sessions } = asPlanned();
  const asked = { lo: 8, hi: 10, reserve: 4, restS: 90 };
  const easy = logged.map((r, i) => ({
    ...r,
    reserve: 9,
    asked: { ...asked, ...(i < 3 ? { light: true as const } : {}) },
  }));
  const [first] = weeksDone(made, { ...context, logged: easy.slice(2), sessions });
  for (const g of groupIds) expect(first!.done[g]).toBe(0);
  expect(first!.notHard).toEqual({ easy: easy.length - 3, lighter: 1, notDone: 2, leftOut: 0 });
});
