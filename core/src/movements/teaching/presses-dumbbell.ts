import type { Cues, Teaching } from '..';
import { outOnEffort, throughTheHold } from './phrases';

const cues: Cues = {
  setUp: 'Kick the bells up from the thighs; set them down the same way',
  path: [
    'Lower until the chest is stretched, forearms upright',
    'Press up in a shallow arc, bells close without touching',
  ],
  finish: 'Chest tall at the top, a soft end',
  breathing: outOnEffort,
};

export const movements: Record<string, Teaching> = {
  'dumbbell-press': {
    cues,
    faultIds: ['rolledShoulders', 'flaredElbows', 'tappedBells', 'slammedElbows'],
    chooseWhen:
      'Range and a free path matter more than the last kilogram, or the shoulder complains under a bar.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'squeeze-press': {
    cues: {
      setUp: 'Flat-sided bells pressed against each other over the chest',
      path: ['Push them together as hard as up, all the way', 'Down to the breastbone, up over the chest'],
      finish: 'Squeeze at the top for a count',
      breathing: throughTheHold,
    },
    faultIds: ['rolledShoulders', 'releasedSqueeze'],
    chooseWhen: 'Bells are light and the chest should be busy right to the top.',
    disputed:
      'Said to be upper chest when pushed over the face, middle when straight up: bench angle and path decide, and the split is computed.',
  },
  'wide-to-close-dumbbell-press': {
    cues: {
      setUp: 'Lighter bells than a plain press',
      path: ['Wide on the way down', 'Close and tucked on the way up'],
      finish: 'Bells near each other, arms nearly straight',
      breathing: outOnEffort,
    },
    chooseWhen: 'Stretch on the way down and triceps on the way up, from one pair of bells.',
  },
  'narrow-tucked-dumbbell-press': {
    cues: {
      setUp: 'Palms facing, bells clear of the chest',
      path: ['Elbows brush the ribs down and up'],
      finish: 'Straighten softly',
      breathing: outOnEffort,
    },
    chooseWhen: 'Triceps should press without a bar, shoulders at ease.',
  },
  'dumbbell-floor-press': {
    cues: {
      setUp: 'Knees bent, bells handed or rolled up onto the chest',
      path: ['Upper arms down until they rest on the floor, a breath, press'],
      finish: 'Soft end, bells over the shoulders',
      breathing: outOnEffort,
    },
    faultIds: ['bouncedElbows', 'tappedBells', 'flaredElbows'],
    chooseWhen: 'An irritated shoulder: the floor ends the stretch before it hurts.',
  },
  'neutral-grip-dumbbell-press': {
    cues: { ...cues, setUp: 'Palms facing each other, wrists over the elbows' },
    chooseWhen: 'The shoulder is cranky under palms-forward presses.',
  },
  'underhand-dumbbell-press': {
    cues: {
      setUp: 'Bells up first, then turn the palms toward the face',
      path: ['Low on the ribs, elbows in', 'Up and back until over the shoulders'],
      finish: 'Slow at the top',
      breathing: outOnEffort,
    },
    chooseWhen: 'Upper chest without an incline bench; some feel the front delt less in it.',
  },
  'rotating-dumbbell-press': {
    cues: {
      ...cues,
      path: ['Palms facing at the bottom', 'Turn them forward on the way up'],
    },
    chooseWhen: 'The shoulder likes palms facing at the bottom and the coach likes the turn.',
  },
  'decline-dumbbell-press': {
    cues: {
      ...cues,
      setUp: 'Feet locked, someone hands the bells over',
      path: ['Lower beside the lower chest', 'Straight up, not back over the head'],
    },
    faultIds: ['declineDrift', 'tappedBells', 'rolledShoulders'],
    chooseWhen: 'Lower chest with a free path.',
  },
  'dumbbell-bench-press': {
    disputed:
      'Some bring the bells low and slanting to the front delts, some straight down to above the nipple: drawn from the lower chest with a slight arc back; the tuck is yours to turn.',
  },
  'neutral-overhead-dumbbell-press': {
    cues: {
      setUp: 'Back on the pad, palms facing, elbows a little forward',
      path: ['Straight up past the ears'],
      finish: 'Nearly straight, ribs down',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'slammedElbows'],
    chooseWhen: 'Overhead work for a shoulder that dislikes elbows out.',
  },
  'seated-dumbbell-press': {
    cues: {
      setUp: 'Back on the pad, knees kick the bells up one by one, thumbs round',
      path: ['Down to the ears, forearms upright', 'Up and slightly in'],
      finish: 'Nearly straight, no clank',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'tappedBells', 'slammedElbows'],
    chooseWhen: 'Front and side delts with the trunk at rest.',
  },
  'incline-dumbbell-press': {
    cues: { ...cues, path: ['Down beside the front delts, forearms upright', cues.path[1]!] },
    chooseWhen: 'Upper chest with range and a path of its own.',
    disputed:
      'About 30°, 30–45°, 45°, or varied up to 60°: the split is computed; 30° is the default, 60° and more is a finding.',
  },
};
