import { pressingRegions, regionIds } from '../anatomy';
import {
  anchoredCredits,
  dress,
  entries,
  findEntry,
  fullRig,
  meantAt,
  movements,
  numericKnobs,
  type Rig,
} from '../movements';
import { ownFrom } from '../movements/teaching';
import { creditsOf, creditSums } from './credits';

test('no credit jumps when the bench moves by a degree', () => {
  for (const m of movements.filter((x) => x.knobs.benchDeg))
    for (let deg = m.knobs.benchDeg!.min; deg < m.knobs.benchDeg!.max; deg++) {
      const a = creditsOf(m, { benchDeg: deg });
      const b = creditsOf(m, { benchDeg: deg + 1 });
      for (const id of regionIds) expect(Math.abs((a[id] ?? 0) - (b[id] ?? 0))).toBeLessThanOrEqual(0.06);
    }
});

/** Directions: Rodríguez-Ridao et al. 2020, Int J Environ Res Public Health 17:7339 (from memory). */
test('credits follow the published directions of the bench angle', () => {
  const press = findEntry('dumbbell-bench-press')!.movement;
  const at = (region: 'pecUpper' | 'pecMiddle' | 'pecLower' | 'deltFront' | 'triLateral') =>
    [0, 30, 60].map((benchDeg) => creditsOf(press, { benchDeg })[region] ?? 0);
  const upper = at('pecUpper');
  expect(Math.max(...upper)).toBe(upper[1]);
  for (const falling of [at('pecMiddle'), at('pecLower')])
    expect([...falling].sort((a, b) => b - a)).toEqual(falling);
  expect([...at('deltFront')].sort()).toEqual(at('deltFront'));
  expect(new Set(at('triLateral')).size).toBe(1);
});

test('hands inside the shoulders give the press to the triceps', () => {
  const e = findEntry('close-grip-bench-press')!;
  const credits = creditsOf(e.movement, e.rig);
  expect(credits.triLateral).toBeGreaterThan(0.9);
  expect(credits.triLong).toBeGreaterThan(0.4);
});

/** Named settings are where the table's credits are given; the mechanics leave them alone. */
test.each(entries.map((e) => [e.id, e] as const))('%s is owed what its table says', (_, e) => {
  const table = anchoredCredits(e.movement, e.rig);
  const owed = creditsOf(e.movement, e.rig);
  const away = e.rig.range !== undefined && e.rig.range !== e.movement.knobs.range?.byDefault;
  for (const id of regionIds)
    expect(Math.abs((owed[id] ?? 0) - (table[id] ?? 0))).toBeLessThanOrEqual(away ? 0.4 : 0.0501);
});

test('the mechanics move the dose: a flared incline takes from upper chest and front delt as one, a tucked one does not', () => {
  const { movement, rig } = findEntry('incline-barbell-press')!;
  const upper = (tuckDeg: number): number => creditsOf(movement, { ...rig, tuckDeg }).pecUpper ?? 0;
  expect(upper(45)).toBe(1);
  expect(upper(90)).toBeLessThan(0.9);
  const flared = creditSums(movement, { ...rig, tuckDeg: 90 });
  expect(flared.pecUpper!.anchored).toBe(1);
  expect(flared.pecUpper!.scale).toBeLessThan(0.9);
  expect(flared.deltFront!.scale).toBe(flared.pecUpper!.scale);
  expect(flared.triLateral!.moves).toEqual([]);
});

test('half the range keeps the chest of a dumbbell press and takes from the triceps', () => {
  const { movement, rig } = findEntry('dumbbell-bench-press')!;
  const half = creditSums(movement, { ...rig, range: 'lengthened half' });
  expect(half.pecLower!.scale).toBeGreaterThan(1.05);
  expect(half.pecLower!.credit).toBeGreaterThan(0.75);
  expect(half.triLateral!.scale).toBeLessThan(0.9);
});

/** Common practice. */
test('narrow, tucked, floor and half-way presses count more for the triceps than the plain press', () => {
  const triceps = (id: string, rig: Rig = {}): number => {
    const e = findEntry(id)!;
    return creditsOf(e.movement, { ...e.rig, ...rig }).triLateral ?? 0;
  };
  const bench = triceps('barbell-bench-press');
  for (const id of ['close-grip-bench-press', 'barbell-floor-press', 'mid-pin-press', 'block-press'])
    expect(triceps(id)).toBeGreaterThan(bench);
  expect(triceps('barbell-bench-press', { tuckDeg: 30 })).toBeGreaterThan(bench);
  for (const id of ['narrow-tucked-dumbbell-press', 'squeeze-press', 'dumbbell-floor-press'])
    expect(triceps(id)).toBeGreaterThan(triceps('dumbbell-bench-press'));
  expect(triceps('narrow-push-up')).toBeGreaterThan(triceps('push-up'));
});

test('what the model cannot tell moves no credit: pulleys, elbow work, one head against another by tuck', () => {
  for (const [id, rig] of [
    ['cable-fly-shoulder-height', { pulleyStature: 0.5 }],
    ['cable-lateral-raise', { pulleyStature: 0.2 }],
    ['pushdown', { range: 'lengthened half' }],
  ] as [string, Rig][]) {
    const e = findEntry(id)!;
    for (const sum of Object.values(creditSums(e.movement, { ...e.rig, ...rig }))) expect(sum.scale).toBe(1);
  }
});

test('a credit set by hand stays, wherever the knobs go', () => {
  const own = {
    ...ownFrom(findEntry('incline-dumbbell-press')!, {}, 'own-1'),
    pins: { pecUpper: 0.4, biceps: 0.2 },
  };
  const movement = dress(own);
  for (const benchDeg of [0, 30, 60]) {
    const credits = creditsOf(movement, { benchDeg });
    expect(credits.pecUpper).toBe(0.4);
    expect(credits.biceps).toBe(0.2);
  }
});

/** Every knob of every movement, from end to end: a notch never moves a credit by more than a tenth. */
test('no knob makes a credit jump', () => {
  for (const m of movements)
    for (const knob of numericKnobs) {
      const spec = m.knobs[knob];
      if (!spec) continue;
      let before: Rig | null = null;
      for (let v = spec.min; v <= spec.max + 1e-9; v += spec.step) {
        const rig = fullRig(m, { [knob]: v });
        if (before) {
          const a = creditsOf(m, before);
          const b = creditsOf(m, rig);
          for (const id of pressingRegions)
            expect(Math.abs((a[id] ?? 0) - (b[id] ?? 0))).toBeLessThanOrEqual(0.1001);
        }
        before = rig;
      }
    }
});

test('settings that the credits follow are no reason to scale', () => {
  const { movement } = findEntry('dumbbell-bench-press')!;
  const meant = (rig: Rig) => meantAt(movement, fullRig(movement, rig), 'tuckDeg');
  expect(meant({ benchDeg: 0, tuckDeg: 55 })).toBeNull();
  expect(meant({ benchDeg: 30, tuckDeg: 50 })).toBeNull();
  expect(meant({ benchDeg: 30, tuckDeg: 80 })).toMatchObject({ benchDeg: 30, tuckDeg: 50 });
  expect(meantAt(movement, fullRig(movement, { benchDeg: 30 }), 'benchDeg')).toBeNull();
});
