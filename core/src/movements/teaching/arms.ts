import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'lying-triceps-extension': {
    cues: {
      setUp: 'Upper arms lean back a little and stay there',
      path: ['Lower behind the crown of the head'],
      finish: 'Straighten without snapping',
      breathing: outOnEffort,
    },
    faultIds: ['driftingArms', 'slammedElbows'],
    chooseWhen: 'All three heads with a bar, elbows sound.',
    disputed:
      'Whether presses alone are enough for triceps: the long head wants more than them; that the medial head does too is suggested, not shown (Brandão et al. 2020, untrained men).',
  },
  'overhead-extension': {
    cues: {
      setUp: 'Upper arms beside the head, pointing up',
      path: ['Lower until the forearms meet the upper arms'],
      finish: 'Straighten without leaning back',
      breathing: outOnEffort,
    },
    faultIds: ['driftingArms', 'leanBack'],
    chooseWhen:
      'The long head should be trained long: overhead it grew more than with the arm down in one twelve-week trial (Maeo et al. 2023).',
  },
  'single-arm-overhead-extension': {
    cues: {
      setUp: 'Upper arm by the ear, the other hand steadies it',
      path: ['Lower behind the head until the forearm meets the upper arm'],
      finish: 'Straighten without a snap',
      breathing: outOnEffort,
    },
    faultIds: ['driftingArms', 'leanBack'],
    chooseWhen: 'The long head in the stretch, each arm for itself, elbows free to find their line.',
  },
  'cable-overhead-extension': {
    cues: {
      setUp: 'Face away, one foot forward',
      path: ['Upper arms beside the ears and still'],
      finish: 'Spread the rope as the elbows straighten',
      breathing: outOnEffort,
    },
    faultIds: ['driftingArms', 'leanBack'],
    chooseWhen: 'Long head in the stretch, kinder to elbows than a bar.',
  },
  pushdown: {
    cues: {
      setUp: 'Stand tall, upper arms hanging still',
      path: ['Push down and hold for a moment'],
      finish: 'Let the hands come up to the ribs, no higher',
      breathing: outOnEffort,
    },
    faultIds: ['leanedPushdown', 'driftingArms'],
    chooseWhen: 'Lateral and medial heads, easy on the shoulders.',
  },
  'cross-body-extension': {
    cues: {
      setUp: 'Elbow level and still',
      path: ['Straighten down and across'],
      finish: 'Slow on the way back',
      breathing: outOnEffort,
    },
    faultIds: ['driftingArms', 'leanedPushdown'],
    chooseWhen: 'One arm at a time, elbows that dislike bars.',
  },
  kickback: {
    cues: {
      setUp: 'Upper arm level with the back and still',
      path: ['Straighten from the elbow alone, no swing'],
      finish: 'Hold the straight arm for a count',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'driftingArms'],
    chooseWhen: 'Triceps should be hard at the end of the range.',
  },
  'dumbbell-curl': {
    cues: {
      setUp: 'Elbows by the ribs',
      path: ['Turn the palm up as it rises'],
      finish: 'Lower all the way',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Biceps sets are short in the week; pair it with triceps.',
  },
  'barbell-curl': {
    cues: {
      setUp: 'Elbows by the ribs, stand tall',
      path: ['No lean back'],
      finish: 'Lower all the way',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Biceps with more load than bells give.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'incline-dumbbell-curl': {
    cues: {
      setUp: 'Lie back at about 60°, arms hanging behind the body',
      path: ['Curl without letting the elbows come forward'],
      finish: 'All the way down to the stretch',
      breathing: outOnEffort,
    },
    chooseWhen: 'Biceps in the stretch, between triceps sets on the same bench.',
  },
  'plate-grip-curl': {
    cues: {
      setUp: 'One bell upright, both palms under its upper plate',
      path: ['Elbows by the ribs, forearms together'],
      finish: 'A hold at the top, slowly down',
      breathing: outOnEffort,
    },
    chooseWhen: 'A single bell is free and the biceps want a few sets.',
  },
};
