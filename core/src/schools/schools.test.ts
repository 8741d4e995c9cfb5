import { groupIds } from '../anatomy';
import { findEntry } from '../movements';
import { rules } from '../review';
import { repSeconds, schoolIds } from '../session';
import { paceOf } from '../strength';
import { schoolSchema } from './document';
import { bandShare, schools } from './schools';
import { startingLine } from './starting-line';

const all = Object.values(schools);

test('every school that can be chosen is there under its own name', () => {
  expect(Object.keys(schools).sort()).toEqual([...schoolIds].sort());
  for (const id of schoolIds) {
    expect(schools[id].id).toBe(id);
    const { id: _id, ...document } = schools[id];
    expect(schoolSchema.parse(document)).toEqual(document);
  }
  expect(new Set(all.map((s) => s.name)).size).toBe(all.length);
});

test('bands rise, the main one reaches at least as far, and a first year gets less of them', () => {
  for (const s of all) {
    for (const g of groupIds) {
      expect(s.bands[g].lo).toBeLessThan(s.bands[g].hi);
      expect(s.mainBand.lo).toBeGreaterThanOrEqual(s.bands[g].lo);
      expect(s.mainBand.hi).toBeGreaterThanOrEqual(s.bands[g].hi);
    }
  }
  expect(bandShare['under 1 year']).toBeLessThan(bandShare['1 to 3 years']);
});

test('a line begins within the rests and the effort of its school', () => {
  for (const { starting, restFloorS } of all) {
    expect(starting.restS.compound).toBeGreaterThanOrEqual(restFloorS.compound);
    expect(starting.restS.isolation).toBeGreaterThanOrEqual(restFloorS.isolation);
    expect(starting.restS.compound).toBeGreaterThanOrEqual(starting.restS.isolation);
    for (const r of [starting.reserve.compound, starting.reserve.isolation])
      expect(r.first).toBeGreaterThanOrEqual(r.last);
    expect(starting.reserve.compound.first).toBeGreaterThanOrEqual(starting.reserve.isolation.first);
  }
});

/** Common practice: three or four seconds down in slow work, nothing near failure at first. */
test('what a school is called is what it does', () => {
  expect(schools.slow.starting.tempo.lower).toBeGreaterThanOrEqual(3);
  for (const s of all.filter((x) => x.id !== 'slow')) expect(paceOf(repSeconds(s.starting.tempo))).toBe(1);
  expect(schools.foundations.starting.reserve.isolation.last).toBeGreaterThanOrEqual(2);
  expect(schools.pump.starting.restS.isolation).toBeLessThanOrEqual(45);
});

test('a school speaks of rules that there are', () => {
  const known = new Set(rules.map((r) => r.id));
  for (const s of all) for (const rule of Object.keys(s.voices)) expect(known.has(rule)).toBe(true);
});

test('a school that holds the reps begins its lines so, and correctives as they are', () => {
  const { evidence } = schools;
  const holding = { ...evidence, starting: { ...evidence.starting, loads: 'down' as const } };
  const loadsOf = (entry: string, school: typeof evidence): unknown =>
    startingLine(findEntry(entry)!, school, 'line').loads;
  expect(loadsOf('barbell-bench-press', evidence)).toBe(undefined);
  expect(loadsOf('barbell-bench-press', holding)).toBe('down');
  expect(loadsOf('external-rotation', holding)).toBe(undefined);
});
