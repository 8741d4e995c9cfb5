import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'dumbbell-lateral-raise': {
    cues: {
      setUp: 'Bells by the thighs, a slight lean forward',
      path: ['Lead with the elbows, hands no higher', 'Up to shoulder height, a short pause'],
      finish: 'Lower slowly; no swing from the hips',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Side delts, which no press really reaches.',
    disputed:
      'Pause or constant motion, straight or soft elbow, thumbs down or level: soft elbow, a short pause, palms level by default; thumbs down high up is a note for irritated shoulders.',
  },
  'cable-lateral-raise': {
    cues: {
      setUp: 'Pulley about hand height, cable behind or across the body',
      path: ['Start from the stretch, lead with the elbow'],
      finish: 'Stop at shoulder height, come back slowly',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Side delts should work where a dumbbell weighs nothing: at the start.',
  },
  'machine-lateral-raise': {
    cues: {
      setUp: 'Pivots in line with the shoulders',
      path: ['Push with the elbows, hands idle'],
      finish: 'Stop at shoulder height',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Side delts to failure without cheating.',
  },
  'front-raise': {
    cues: {
      setUp: 'Thumbs up, arms long',
      path: ['Up to eye level without leaning'],
      finish: 'Lower under control',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Rarely: only where presses have not already done it.',
    disputed:
      'Some stop at different heights for different ends of the muscle, others always at eye level: the torque at every height is drawn, and that a height picks an end is not shown.',
  },
  'cable-front-raise': {
    cues: {
      setUp: 'Back to the pulley, cable between the legs or beside the hip',
      path: ['Long arms up to eye level', 'Ribs down, no lean'],
      finish: 'Lower slowly against the cable',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Rarely: only where presses have not already done it, and the start should work too.',
  },
  'wide-upright-row': {
    cues: {
      setUp: 'Hands wider than the shoulders, bar on the thighs',
      path: ['Elbows lead and stop at shoulder height', 'Bar close, no swing'],
      finish: 'A short hold, then slowly down',
      breathing: outOnEffort,
    },
    faultIds: ['swungRaise', 'leanBack'],
    chooseWhen: 'Side delts with more load than a raise allows, shoulders sound.',
    disputed: 'Pulled high it is used by some and avoided by many: elbows stop at shoulder height here.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'lying-side-raise': {
    cues: {
      setUp: 'On the side along a bench or the floor, light bell in front of the thigh',
      path: ['Raise with a long arm until it is about half-way up'],
      finish: 'Turn round before it weighs nothing',
      breathing: outOnEffort,
    },
    chooseWhen: 'Side delts hard in the stretch, no cable free.',
  },
  'one-and-a-half-lateral-raise': {
    cues: {
      setUp: 'Lighter than plain raises, bells by the thighs',
      path: ['Up, half-way down, up again, down: that is one', 'Elbows lead'],
      finish: 'Lower slowly',
      breathing: outOnEffort,
    },
    chooseWhen: 'The rack has no smaller step and the raise should be harder.',
  },
  'underhand-front-raise': {
    cues: {
      setUp: 'Palms forward, elbows soft',
      path: ['Sweep up and in until the little fingers nearly meet'],
      finish: 'Chest height, no higher; squeeze',
      breathing: outOnEffort,
    },
    disputed:
      'Said to hit the lower chest; the mechanics give it to the front delt and the upper chest. The split is drawn, and the claim stays disputed.',
    chooseWhen: 'Front delt and upper chest together without a press.',
  },
};
