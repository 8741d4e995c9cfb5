import type { Cues } from '..';

export const outOnEffort = 'Out on the effort, in on the way back';
export const braced = 'Breath in and trunk tight before each rep, out past the hardest point';
export const atEase = 'Breathe as it comes, never held';
export const throughTheHold = 'Keep breathing all through the squeeze';

/** What is said of every bench press with a bar. */
export const benchCues: Cues = {
  setUp: 'Blades back and down before the bar leaves the rack',
  path: [
    'Lower to the same spot every rep, elbows under the bar',
    'Press up and slightly back toward the shoulders',
  ],
  finish: 'Finish softly, still tight',
  breathing: braced,
};
