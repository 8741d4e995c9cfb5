import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'dumbbell-rear-raise': {
    cues: {
      setUp: 'Back flat, arms long',
      path: ['Sweep out wide with the blades apart'],
      finish: 'Pause where the arms are level',
      breathing: outOnEffort,
    },
    faultIds: ['rowedRaise', 'swungRaise'],
    chooseWhen: 'Rear delts, which push work leaves behind.',
    disputed:
      'Blades apart for the rear delt, squeezed for the upper back: apart is taught here; squeezing makes it a retractor movement.',
  },
  'cable-rear-fly': {
    cues: {
      setUp: 'Cross the cables, no handles needed',
      path: ['One elbow angle from start to end'],
      finish: 'Open until the arms are in line with the chest',
      breathing: outOnEffort,
    },
    faultIds: ['rowedRaise', 'leanBack'],
    chooseWhen: 'Rear delts loaded from the stretched start.',
  },
  'reverse-machine-fly': {
    cues: {
      setUp: 'Handles at shoulder height',
      path: ['Chest on the pad, blades apart'],
      finish: 'Sweep back to the line of the shoulders',
      breathing: outOnEffort,
    },
    faultIds: ['rowedRaise', 'swungRaise'],
    chooseWhen: 'Rear delts near failure with the back at rest.',
  },
  'face-pull': {
    cues: {
      setUp: 'Rope at the height of the brow, one step back',
      path: ['Pull toward the forehead, elbows high', 'Ribs stay down'],
      finish: 'Finish with the hands behind the elbows',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'rowedRaise'],
    chooseWhen: 'Rear delt, rotators and retractors in one light movement.',
  },
  'wide-elbow-row': {
    cues: {
      setUp: 'Chest on the bench, elbows straight out',
      path: ['Pull until the upper arms are level'],
      finish: 'Lower all the way',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'rolledShoulders'],
    chooseWhen: 'A pull that still serves push day.',
  },
  shrug: {
    cues: {
      setUp: 'Arms long, chest tall',
      path: ['Straight up, no rolling'],
      finish: 'Hold the top for a count, lower all the way',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'rolledShoulders'],
    chooseWhen: 'The week asks for upper traps.',
  },
  'w-to-y-press': {
    cues: {
      setUp: 'Chest on an incline bench, very light bells or none',
      path: ['Pull to a W, elbows under the hands', 'Press to a Y, hands behind the ears'],
      finish: 'Hold the Y for a breath, blades low',
      breathing: outOnEffort,
    },
    faultIds: ['rushedPrep', 'leanBack'],
    chooseWhen: 'Blades and rotators want work that never gets heavy.',
  },
};
