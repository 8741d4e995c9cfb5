import { findEntry } from '../movements';
import type { LiftRecord } from '../strength';
import { daysAfter } from '../units';
import { appraiseBlock } from './appraise-block';
import { blockContext, sampleBlock, sound } from './pages';

const context = blockContext(sound);

test('a movement that was left and comes back says what became of its max', () => {
  const block = sampleBlock(8);
  const id = 'barbell-bench-press';
  const away = {
    session: 'a',
    line: id,
    fromWeek: 2,
    backIn: 5,
    movement: 'dumbbell-press',
    rig: {},
    says: 'x',
  };
  const done = (week: number, loadKg: number): LiftRecord => ({
    movement: 'barbell-press',
    rig: findEntry(id)!.rig,
    date: daysAfter(block.startsOn, 7 * week),
    loadKg,
    reps: 5,
    reserve: 0,
    kind: 'set',
  });
  const told = (todayWeek: number, logged: LiftRecord[]): string[] =>
    appraiseBlock(
      { ...block, rotations: [away] },
      { ...context, logged, todayIso: daysAfter(block.startsOn, 7 * todayWeek) },
    ).comeBack;
  const before = [done(0, 100), done(1, 100)];
  expect(told(6, before)).toEqual([]);
  expect(told(4, [...before, done(3, 110)])).toEqual([]);
  const [says, ...rest] = told(7, [...before, done(5, 112), done(6, 112)]);
  expect(rest).toEqual([]);
  const [was, is] = [...says!.matchAll(/([\d.]+) kg/g)].map((m) => Number(m[1]));
  expect(says).toMatch(/^Barbell bench press is back: a max of about/);
  expect(was).toBeGreaterThan(105);
  expect(is! / was!).toBeGreaterThan(1.03);
});
