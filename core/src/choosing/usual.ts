import type { Entry } from '../movements';

/**
 * How often practised coaches reach for a movement where it fits best, 1 nearly always, .1 seldom; left out: less than
 * that. Common practice in numbers, no measurement.
 */
const rows: readonly (readonly [number, string])[] = [
  [
    1,
    'barbell-bench-press close-grip-bench-press incline-dumbbell-press standing-barbell-press seated-dumbbell-press cable-fly-shoulder-height dumbbell-lateral-raise cable-lateral-raise external-rotation cable-overhead-extension pushdown',
  ],
  [0.95, 'machine-fly reverse-machine-fly'],
  [
    0.9,
    'incline-barbell-press dumbbell-bench-press push-up machine-lateral-raise dumbbell-curl barbell-curl',
  ],
  [
    0.85,
    'chest-dip seated-barbell-press cable-fly-low-to-high incline-rear-raise cable-rear-fly face-pull lying-triceps-extension incline-dumbbell-curl',
  ],
  [
    0.8,
    'chest-press-machine incline-press-machine triceps-dip machine-overhead-press cable-fly-high-to-low overhead-extension',
  ],
  [0.75, 'seated-lateral-raise bent-over-rear-raise'],
  [0.7, 'incline-dumbbell-fly band-pull-apart'],
  [0.65, 'guided-bar-incline-press decline-press-machine neutral-overhead-dumbbell-press'],
  [
    0.6,
    'deficit-push-up machine-dip dumbbell-fly wide-upright-row band-face-pull w-to-y-press side-lying-rotation',
  ],
  [0.55, 'standing-dumbbell-press'],
  [
    0.5,
    'guided-bar-bench-press feet-raised-push-up push-up-ladder guided-bar-overhead-press wide-elbow-row cross-body-extension',
  ],
  [0.45, 'neutral-grip-dumbbell-press supported-cable-fly'],
  [
    0.4,
    'low-seat-chest-press cable-press narrow-push-up elbow-on-knee-rotation push-up-plus single-arm-overhead-extension',
  ],
  [
    0.35,
    'barbell-floor-press decline-dumbbell-press assisted-dip single-arm-dumbbell-press lying-side-raise',
  ],
  [0.3, 'paused-bench-press kneeling-landmine-press hands-raised-push-up one-and-a-half-lateral-raise'],
  [
    0.25,
    'decline-barbell-press dumbbell-floor-press standing-landmine-press dumbbell-floor-fly single-arm-crossover kickback',
  ],
  [0.2, 'push-press'],
  [0.12, 'pin-press hover-pause-bench-press underhand-dumbbell-press'],
  [0.1, 'squeeze-press incline-landmine-press decline-dumbbell-fly'],
  [0.06, 'pullover'],
];
const usual = new Map(rows.flatMap(([share, ids]) => ids.split(' ').map((id) => [id, share] as const)));

const SELDOM = 0.05;

/** How usual a movement of the catalogue is, 0 to 1; one of the coach's own is what its movement is. */
export const usualness = (entry: Pick<Entry, 'id'>): number => usual.get(entry.id) ?? SELDOM;
