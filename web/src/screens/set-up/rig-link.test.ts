import { entries } from '@drimbo/core/movements';
import { readRig, writeRig } from './rig-link';

test('every entry comes back from its address, with its settings', () => {
  for (const entry of entries) {
    const rig = { ...entry.rig, ...(entry.rig.benchDeg === undefined ? {} : { benchDeg: 45 }) };
    const back = readRig(writeRig({ entry, rig }), undefined)!;
    expect(back.entry.id).toBe(entry.id);
    expect(back.rig).toEqual(rig);
  }
});

test('a name nobody knows is nothing, a setting that makes no sense is left out', () => {
  expect(readRig('no-such-press~benchDeg=30', undefined)).toBeNull();
  const back = readRig('dumbbell-bench-press~benchDeg=nine~colour=red~tuckDeg=40', undefined)!;
  expect(back.rig).toEqual({ ...back.entry.rig, tuckDeg: 40 });
});
