import { regionIds } from '../anatomy/regions';
import { entries, findEntry, movements } from './catalogue';
import { faults } from './faults';
import { familyIds } from './model';
import { searchEntries } from './search';
import { creditsOf, fullRig, movementName, variantOf } from './settings';

test('about forty-five entries or more, every family served, ids unique', () => {
  expect(entries.length).toBeGreaterThanOrEqual(45);
  expect(new Set(movements.map((m) => m.family))).toEqual(new Set(familyIds));
  expect(new Set(entries.map((e) => e.id)).size).toBe(entries.length);
  expect(new Set(movements.map((m) => m.id)).size).toBe(movements.length);
});

test.each(movements.map((m) => [m.id, m] as const))('%s is complete', (_, m) => {
  expect(m.cues.length).toBeGreaterThanOrEqual(3);
  expect(m.faultIds.length).toBeGreaterThanOrEqual(2);
  for (const id of m.faultIds) expect(faults[id]).toBeDefined();
  expect(m.chooseWhen).not.toBe('');
  expect(m.homeReps[0]).toBeLessThanOrEqual(m.homeReps[1]);
});

test.each(entries.map((e) => [e.id, e] as const))('the settings of %s lead back to its own name', (_, e) => {
  expect(variantOf(e.movement, e.rig).id).toBe(e.id);
  expect(fullRig(e.movement, e.rig)).toEqual(e.rig);
});

test('turning the bench renames the line', () => {
  const press = findEntry('dumbbell-bench-press')!.movement;
  expect([0, 30, 75].map((benchDeg) => movementName(press, { benchDeg }))).toEqual([
    'Dumbbell bench press',
    'Incline dumbbell press',
    'Seated dumbbell press',
  ]);
});

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

test.each([
  ['incline db press', 'incline-dumbbell-press'],
  ['skullcrusher', 'lying-triceps-extension'],
  ['bench', 'barbell-bench-press'],
  ['pec deck', 'machine-fly'],
  ['lat raise', 'dumbbell-lateral-raise'],
  ['smith incline', 'guided-bar-incline-press'],
  ['cable flye high to low', 'cable-fly-high-to-low'],
  ['overhed press', 'standing-barbell-press'],
  ['pushups', 'push-up'],
])('%p finds %s', (asked, id) => expect(searchEntries(asked)[0]!.entry.id).toBe(id));

test('nonsense finds nothing', () => expect(searchEntries('qwzx')).toEqual([]));
