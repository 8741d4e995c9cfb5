import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  dip: {
    cues: {
      setUp: 'Lean and tuck the chin, elbows wide of the ribs',
      path: ['Go down until the upper arm is level'],
      finish: 'Press without shrugging',
      breathing: outOnEffort,
    },
    faultIds: ['deepDip', 'rolledShoulders'],
    chooseWhen: 'Lower chest with a deep stretch, shoulders proven.',
    disputed:
      'Called kind to the shoulder (neutral hands) and hard on it (depth): both hold; to the level upper arm unless the shoulder is proven.',
  },
  'assisted-dip': {
    cues: {
      setUp: 'The figure on the stack is the help: more makes it easier',
      path: ['Lean, down until the upper arm is level'],
      finish: 'Press without shrugging',
      breathing: outOnEffort,
    },
    faultIds: ['deepDip', 'rolledShoulders'],
    chooseWhen: 'Dips are wanted before the client can do enough of them.',
  },
  'machine-dip': {
    cues: {
      setUp: 'Sit tall, shoulders down',
      path: ['Elbows close, push straight to the floor'],
      finish: 'Let the handles rise only as far as the shoulders stay low',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'slammedElbows'],
    chooseWhen: 'Compound triceps work that spares the elbows.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'triceps-dip': {
    cues: {
      setUp: 'Upright, elbows near the ribs',
      path: ['Down until the upper arm is level, no lower'],
      finish: 'Straighten softly, shoulders low',
      breathing: outOnEffort,
    },
    chooseWhen: 'Heavy triceps with the bodyweight, front delt and shoulder proven.',
  },
};
