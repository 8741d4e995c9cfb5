import type { Teaching } from '..';
import { outOnEffort, throughTheHold } from './phrases';

export const movements: Record<string, Teaching> = {
  'dumbbell-fly': {
    cues: {
      setUp: 'Set one soft elbow and keep it',
      path: ['Open until the hands are level with the chest'],
      finish: 'Hug back up, and end short of where the bells stand over the shoulders',
      breathing: outOnEffort,
    },
    faultIds: ['pressedFly', 'deepFly', 'stackedFly'],
    chooseWhen: 'The chest should be hard in the stretch and the triceps should stay out of it.',
    disputed:
      'Deep for the stretch, to chest level, or only on the floor: chest level is the default, deep for sound shoulders, the floor when one complains.',
  },
  'cable-fly': {
    cues: {
      setUp: 'Step forward, ribs down, soft elbows',
      path: ['Bring the hands together along the line of the cable'],
      finish: 'Squeeze with the hands past the middle',
      breathing: throughTheHold,
    },
    faultIds: ['pressedFly', 'rolledShoulders', 'deepFly'],
    chooseWhen: 'The chest should still be loaded when the arms come across.',
  },
  'single-arm-crossover': {
    cues: {
      setUp: 'Side on to the pulley, the free hand on the chest',
      path: ['Sweep across with one soft elbow, trunk still'],
      finish: 'Past the middle of the body, a count of hold',
      breathing: throughTheHold,
    },
    faultIds: ['pressedFly', 'turnedTrunk'],
    chooseWhen: 'The chest should be loaded past the middle, or one side lags.',
  },
  'machine-fly': {
    cues: {
      setUp: 'Seat so the elbows are at chest height',
      path: ['Chest tall, blades against the pad'],
      finish: 'Bring the elbows together, not the hands',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'deepFly'],
    chooseWhen: 'Hard chest sets at the end without anything to balance.',
  },
  pullover: {
    cues: {
      setUp: 'Both palms under the top plate, thumbs round the handle',
      path: ['Reach back with soft elbows until the ribs want to lift'],
      finish: 'Pull back over the chest and stop there',
      breathing: outOnEffort,
    },
    faultIds: ['driftingArms', 'leanBack'],
    chooseWhen: 'A stretched finish for chest, long head and serratus together.',
    disputed:
      'Some call it lower chest, some all lats: from overhead the middle and lower chest do help to pull the arm down, so they get part credit.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'dumbbell-floor-fly': {
    cues: {
      setUp: 'On the back, knees bent, one soft elbow',
      path: ['Open until the upper arms rest on the floor, no bounce'],
      finish: 'Hug back up, and end short of where the bells stand over the shoulders',
      breathing: outOnEffort,
    },
    faultIds: ['pressedFly', 'bouncedElbows', 'stackedFly'],
    chooseWhen: 'The front of the shoulder wants the floor to end the stretch; the lowering can be heavy.',
  },
  'decline-dumbbell-fly': { chooseWhen: 'Lower fibres with dumbbells; a high cable does it with less fuss.' },
  'incline-dumbbell-fly': { chooseWhen: 'Upper chest hard in the stretch, without the triceps.' },
  'supported-cable-fly': {
    cues: {
      setUp: 'Back rest between the pulleys, feet flat',
      path: ['One elbow angle, hands along the line of the cable', 'Blades free to glide, no lean'],
      finish: 'Hold with the hands together',
      breathing: throughTheHold,
    },
    chooseWhen: 'No momentum wanted, and the blades should still move.',
  },
};
