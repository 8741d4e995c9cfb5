import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'guided-bar-press': {
    cues: {
      setUp: 'Bench so that the bar meets the same spot on the chest; stops a hand above it',
      path: ['Drive through the whole range'],
      finish: 'Finish softly',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'flaredElbows', 'slammedElbows'],
    chooseWhen: 'You want to go near failure alone: the hooks catch the bar.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'guided-bar-overhead-press': {
    cues: {
      setUp: 'Seat so that the bar passes just in front of the face',
      path: ['Down to the chin, forearms upright'],
      finish: 'Nearly straight, ribs down',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'slammedElbows'],
    chooseWhen: 'Overhead sets near failure with nobody standing by.',
  },
  'guided-bar-incline-press': { chooseWhen: 'Upper chest near failure, alone: the hooks catch the bar.' },
};
