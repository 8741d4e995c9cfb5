import { findEntry } from '../movements';
import type { LiftRecord } from './evidence';
import { maxOf } from './max';
import { maxTrend } from './trend';

const { movement, rig } = findEntry('barbell-bench-press')!;
const single = (date: string, loadKg: number): LiftRecord => ({
  movement: movement.id,
  rig,
  date,
  loadKg,
  reps: 1,
  reserve: 0,
  kind: 'test',
});
const context = {
  massKg: 80,
  formula: 'median' as const,
  unit: 'kg' as const,
  todayIso: '2026-11-24',
};

test('the trend knows only what was there by the day, and ends at the max of today', () => {
  const records = [single('2026-10-13', 100), single('2026-11-24', 110)];
  const trend = maxTrend(movement, rig, { ...context, records });
  expect(trend).toHaveLength(7);
  expect([trend[0]!.date, trend[6]!.date]).toEqual(['2026-10-13', '2026-11-24']);
  for (const p of trend.slice(0, 6)) expect(p.kg).toBeCloseTo(100, 6);
  const today = maxOf(movement, rig, { ...context, records });
  expect(today.basis !== 'calibrate' && trend[6]!.kg === today.kg).toBe(true);
  expect(trend[6]!.kg).toBeGreaterThan(105);
});

test('without a record there is no trend', () => {
  expect(maxTrend(movement, rig, { ...context, records: [] })).toEqual([]);
});
