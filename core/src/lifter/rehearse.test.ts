import { line, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { atOneGo } from '../units';
import { applyEdit } from '../session';
import { rehearsing, type Rehearsal } from './rehearse';

const plan = session([
  line('barbell-bench-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } } }),
  line('incline-dumbbell-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } } }),
]);
const [bench] = plan.blocks.flatMap((b) => b.lines);
const withLoad = (loadKg: number | null) =>
  measure(applyEdit(plan, { do: 'line', line: bench!.id, patch: { loadKg } }), sampleContext);
const rehearsed = (measured = withLoad(null), runs = 400, seed = 'a'): Rehearsal =>
  atOneGo(rehearsing(measured, runs, seed));
const benchSets = (r: Rehearsal) => r.lines[0]!.sets!;

test('the same seed rehearses the same; shares of a set add up to all runs', () => {
  expect(rehearsed()).toEqual(rehearsed());
  expect(rehearsed(withLoad(null), 400, 'b')).not.toEqual(rehearsed());
  for (const { sets } of rehearsed().lines)
    for (const s of sets!) expect(s.short + s.inRange + s.easy).toBeCloseTo(1, 9);
});

test('a heavier load is short more often and easy less, a lighter one the other way round', () => {
  const usual = withLoad(null).lines[0]!.sets[0]!.kg!;
  const of = (times: number) => benchSets(rehearsed(withLoad(Math.round((usual * times) / 2.5) * 2.5)))[0]!;
  const [light, plain, heavy] = [of(0.85), of(1), of(1.12)];
  expect(light.short).toBeLessThanOrEqual(plain.short);
  expect(heavy.short).toBeGreaterThan(plain.short);
  expect(light.easy).toBeGreaterThan(plain.easy);
  expect(heavy.easy).toBeLessThanOrEqual(plain.easy);
  expect(heavy.reps).toBeLessThan(light.reps + 1);
});

test('what is prescribed for the client lands in range more often than a load a tenth off either way', () => {
  const usual = withLoad(null).lines[0]!.sets[0]!.kg!;
  const inRange = (kg: number | null) =>
    benchSets(rehearsed(withLoad(kg))).reduce((sum, s) => sum + s.inRange, 0);
  expect(inRange(null)).toBeGreaterThan(inRange(usual + 12.5));
  expect(inRange(null)).toBeGreaterThan(inRange(usual - 15));
});

test('the middle of the minutes is what the clock says, within a twentieth; less time is run over more often', () => {
  const measured = withLoad(null);
  const { minutes } = rehearsed(measured);
  expect(minutes.middle / (measured.timeline.totalS / 60)).toBeGreaterThan(0.95);
  expect(minutes.middle / (measured.timeline.totalS / 60)).toBeLessThan(1.07);
  expect(minutes.low).toBeLessThan(minutes.middle);
  expect(minutes.high).toBeGreaterThan(minutes.middle);
  const over = (m: number) => rehearsed(measure({ ...plan, minutes: m }, sampleContext)).over;
  expect(over(200)).toBe(0);
  expect(over(10)).toBe(1);
});

test('a movement whose load is found on the day is not rehearsed, and it can be stopped on the way', () => {
  const nobody = { ...sampleContext, client: { ...sampleContext.client, tests: [] } };
  const { lines } = rehearsed(measure(plan, nobody));
  expect(lines.map((l) => l.sets)).toEqual([null, null]);
  const told: number[] = [];
  for (const n of rehearsing(withLoad(null), 100, 'a')) {
    told.push(n);
    if (n === 50) break;
  }
  expect(told).toEqual([25, 50]);
});
