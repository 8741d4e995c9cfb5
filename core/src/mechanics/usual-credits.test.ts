import { type Credits, regionIds } from '../anatomy';
import { findEntry } from '../movements';
import { creditsOf } from './credits';

/** Common practice among coaches, no measurements: what a set of each is usually counted for. */
test.each<[string, Credits]>([
  [
    'barbell-bench-press',
    {
      pecMiddle: 1,
      pecLower: 0.75,
      pecUpper: 0.5,
      deltFront: 0.5,
      triLateral: 0.5,
      triMedial: 0.5,
      triLong: 0.25,
    },
  ],
  [
    'incline-barbell-press',
    {
      pecUpper: 1,
      pecMiddle: 0.75,
      pecLower: 0.25,
      deltFront: 0.75,
      triLateral: 0.5,
      triMedial: 0.5,
      triLong: 0.25,
    },
  ],
  [
    'decline-barbell-press',
    { pecLower: 1, pecMiddle: 1, pecUpper: 0.25, deltFront: 0.25, triLateral: 0.5, triMedial: 0.5 },
  ],
  [
    'close-grip-bench-press',
    { triLateral: 1, triMedial: 1, triLong: 0.5, pecMiddle: 0.75, pecUpper: 0.5, deltFront: 0.5 },
  ],
  [
    'wide-grip-bench-press',
    { pecMiddle: 1, pecLower: 0.75, pecUpper: 0.5, deltFront: 0.5, triLateral: 0.25, triMedial: 0.25 },
  ],
  [
    'reverse-grip-bench-press',
    {
      pecUpper: 0.75,
      pecMiddle: 0.75,
      pecLower: 0.25,
      deltFront: 0.75,
      triLong: 0.25,
      triLateral: 0.5,
      triMedial: 0.5,
    },
  ],
  [
    'barbell-floor-press',
    {
      triLateral: 0.75,
      triMedial: 0.75,
      triLong: 0.25,
      pecMiddle: 0.75,
      pecLower: 0.5,
      pecUpper: 0.5,
      deltFront: 0.5,
    },
  ],
  [
    'dumbbell-bench-press',
    { pecMiddle: 1, pecLower: 0.75, pecUpper: 0.5, deltFront: 0.5, triLateral: 0.5, triMedial: 0.5 },
  ],
  [
    'incline-dumbbell-press',
    { pecUpper: 1, pecMiddle: 0.75, pecLower: 0.25, deltFront: 0.75, triLateral: 0.5, triMedial: 0.5 },
  ],
  [
    'neutral-grip-dumbbell-press',
    { pecMiddle: 0.75, pecUpper: 0.75, pecLower: 0.5, deltFront: 0.5, triLateral: 0.5, triMedial: 0.5 },
  ],
  [
    'underhand-dumbbell-press',
    { pecUpper: 0.75, pecMiddle: 0.75, pecLower: 0.25, deltFront: 0.5, triLateral: 0.5, triMedial: 0.5 },
  ],
  ['squeeze-press', { pecUpper: 0.75, pecMiddle: 1, deltFront: 0.5, triLateral: 0.75, triMedial: 0.75 }],
  [
    'narrow-tucked-dumbbell-press',
    { triLateral: 0.75, triMedial: 0.75, pecUpper: 0.75, pecMiddle: 0.75, deltFront: 0.5 },
  ],
  [
    'dumbbell-floor-press',
    { pecMiddle: 0.75, pecLower: 0.5, pecUpper: 0.5, deltFront: 0.5, triLateral: 0.75, triMedial: 0.75 },
  ],
  [
    'chest-press-machine',
    { pecMiddle: 1, pecLower: 0.75, pecUpper: 0.5, deltFront: 0.5, triLateral: 0.5, triMedial: 0.5 },
  ],
  [
    'low-seat-chest-press',
    { pecUpper: 1, pecMiddle: 0.75, deltFront: 0.75, triLateral: 0.5, triMedial: 0.5 },
  ],
  ['decline-press-machine', { pecLower: 1, pecMiddle: 1, deltFront: 0.25, triLateral: 0.5, triMedial: 0.5 }],
  [
    'kneeling-landmine-press',
    {
      pecUpper: 0.75,
      pecMiddle: 0.25,
      deltFront: 1,
      triLateral: 0.5,
      triMedial: 0.5,
      serratus: 0.5,
    },
  ],
  [
    'incline-landmine-press',
    { pecUpper: 1, pecMiddle: 0.5, deltFront: 0.75, triLateral: 0.5, triMedial: 0.5 },
  ],
  [
    'push-up',
    {
      pecMiddle: 1,
      pecLower: 0.75,
      pecUpper: 0.5,
      deltFront: 0.5,
      triLateral: 0.5,
      triMedial: 0.5,
      serratus: 0.5,
    },
  ],
  [
    'narrow-push-up',
    {
      triLateral: 1,
      triMedial: 1,
      pecUpper: 0.25,
      pecMiddle: 0.75,
      pecLower: 0.25,
      deltFront: 0.5,
      serratus: 0.5,
    },
  ],
  ['push-up-plus', { serratus: 1, pecMiddle: 0.5, triLateral: 0.25, triMedial: 0.25 }],
  [
    'chest-dip',
    { pecLower: 1, pecMiddle: 1, deltFront: 0.75, triLateral: 0.75, triMedial: 0.75, triLong: 0.25 },
  ],
  [
    'triceps-dip',
    { triLateral: 1, triMedial: 1, triLong: 0.5, pecLower: 0.5, pecMiddle: 0.5, deltFront: 0.5 },
  ],
  ['dumbbell-fly', { pecMiddle: 1, pecLower: 0.75, pecUpper: 0.5, deltFront: 0.25 }],
  ['incline-dumbbell-fly', { pecUpper: 1, pecMiddle: 0.75, deltFront: 0.5 }],
  ['cable-fly-high-to-low', { pecLower: 1, pecMiddle: 1, pecUpper: 0.25 }],
  ['cable-fly-low-to-high', { pecUpper: 1, pecMiddle: 0.5, deltFront: 0.5 }],
  ['single-arm-crossover', { pecUpper: 0.5, pecMiddle: 1, pecLower: 0.75, deltFront: 0.25 }],
  ['pullover', { pecMiddle: 0.5, pecLower: 0.5, triLong: 0.5, serratus: 0.5 }],
  [
    'standing-barbell-press',
    {
      deltFront: 1,
      deltSide: 0.5,
      pecUpper: 0.25,
      triLateral: 0.5,
      triMedial: 0.5,
      upperTrap: 0.5,
      serratus: 0.5,
    },
  ],
  ['seated-dumbbell-press', { deltFront: 1, deltSide: 0.5, triLateral: 0.5, triMedial: 0.5 }],
  ['dumbbell-lateral-raise', { deltSide: 1, upperTrap: 0.25, deltFront: 0.25 }],
  ['one-and-a-half-lateral-raise', { deltSide: 1 }],
  ['front-raise', { deltFront: 1, pecUpper: 0.5 }],
  ['wide-elbow-row', { deltRear: 1, deltSide: 0.5, retractors: 0.5, cuff: 0.25 }],
  ['face-pull', { deltRear: 0.75, cuff: 0.75, retractors: 0.75 }],
  ['lying-triceps-extension', { triLong: 1, triMedial: 1, triLateral: 0.75 }],
  ['overhead-extension', { triLong: 1, triMedial: 1, triLateral: 1 }],
  ['pushdown', { triLateral: 1, triMedial: 1, triLong: 0.75 }],
  ['external-rotation', { cuff: 1 }],
])('%s counts what coaches count it for', (id, usual) => {
  const { movement, rig } = findEntry(id)!;
  const owed = creditsOf(movement, rig);
  const far = regionIds.filter((r) => Math.abs((owed[r] ?? 0) - (usual[r] ?? 0)) > 0.2501);
  expect(far).toEqual([]);
  const off = regionIds.reduce((t, r) => t + Math.abs((owed[r] ?? 0) - (usual[r] ?? 0)), 0);
  expect(off).toBeLessThanOrEqual(0.55);
});
