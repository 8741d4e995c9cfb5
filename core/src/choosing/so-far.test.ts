import type { Logged } from '../strength';
import { soFar } from './so-far';

const set = (date: string, said: Partial<Logged>): Logged => ({
  movement: 'barbell-press',
  rig: { benchDeg: 0 },
  date,
  loadKg: 60,
  reps: 8,
  reserve: 2,
  kind: 'set',
  ...said,
});

test('the last sets that said something are meant; who said nothing counts neither way', () => {
  const logged = [
    set('2026-11-01', { comfort: 8, felt: 2 }),
    set('2026-11-05', {}),
    set('2026-11-09', { comfort: 6 }),
  ];
  expect(soFar(logged, 'barbell-press')).toEqual({ comfort: 7, felt: 2, isWorsening: false });
  expect(soFar(logged, 'dip')).toEqual({ comfort: null, felt: null, isWorsening: false });
});

test('another set-up is another thing to a joint; a notch of the bench is not', () => {
  const logged = [
    set('2026-11-09', { comfort: 3 }),
    set('2026-11-09', { comfort: 9, rig: { benchDeg: 45 } }),
  ];
  expect(soFar(logged, 'barbell-press', { benchDeg: 0 }).comfort).toBe(3);
  expect(soFar(logged, 'barbell-press', { benchDeg: 15 }).comfort).toBe(3);
  expect(soFar(logged, 'barbell-press', { benchDeg: 45 }).comfort).toBe(9);
});

test('it worsens where it hurts, or fell by three over three days, whatever their order in the log', () => {
  const falling = [9, 8, 5].map((comfort, i) => set(`2026-11-0${i + 1}`, { comfort }));
  expect(soFar(falling, 'barbell-press').isWorsening).toBe(true);
  expect(soFar([...falling].reverse(), 'barbell-press').isWorsening).toBe(true);
  expect(soFar(falling.slice(0, 2), 'barbell-press').isWorsening).toBe(false);
  expect(soFar([set('2026-11-01', { comfort: 3 })], 'barbell-press').isWorsening).toBe(true);
});
