import { sampleKit } from '../examples';
import { atHome, entries } from '../movements';
import { filterEntries, mainRegions, type MovementFilter } from './filters';
import { cautionFor } from './limits';
import { missingFor } from '../kit';
import { creditsOf } from '../mechanics';

const all: MovementFilter = {
  text: '',
  region: null,
  family: null,
  hardWhere: null,
  kit: null,
  kindTo: null,
};

test('nothing asked gives everything', () => expect(filterEntries(all)).toHaveLength(entries.length));

test('a region gives what trains it, most first', () => {
  const found = filterEntries({ ...all, region: 'pecUpper' });
  const credits = found.map((e) => creditsOf(e.movement, e.rig).pecUpper ?? 0);
  expect(Math.min(...credits)).toBeGreaterThanOrEqual(0.25);
  expect([...credits].sort((a, b) => b - a)).toEqual(credits);
  expect(found.map((e) => e.id)).toContain('incline-dumbbell-press');
});

test('filters hold together: family, hard where, this gym, kind to a limit', () => {
  const found = filterEntries({ ...all, family: 'fly', kit: sampleKit, kindTo: 'shoulder front' });
  expect(found.length).toBeGreaterThan(0);
  for (const e of found) {
    expect(e.movement.family).toBe('fly');
    expect(missingFor(sampleKit, e.movement)).toBeNull();
    expect(cautionFor(e.movement, e.rig, 'shoulder front')).toBeNull();
  }
  for (const e of filterEntries({ ...all, hardWhere: 'stretched' }))
    expect(atHome(e.movement, e.rig).hardWhere).toBe('stretched');
});

test('typing ranks by name and still filters', () => {
  expect(filterEntries({ ...all, text: 'incline db' })[0]!.id).toBe('incline-dumbbell-press');
  expect(filterEntries({ ...all, text: 'incline db', family: 'fly' })[0]!.id).toBe('incline-dumbbell-fly');
});

test('a row names its main regions, the largest first', () => {
  const press = entries.find((e) => e.id === 'incline-dumbbell-press')!;
  expect(mainRegions(press)[0]).toEqual(['pecUpper', 1]);
  expect(mainRegions(press)).toHaveLength(3);
});
