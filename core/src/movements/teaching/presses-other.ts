import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'landmine-press': {
    cues: {
      setUp: 'Both palms on the sleeve, elbows in',
      path: ['Lean in and press up the arc'],
      finish: 'Squeeze at the top',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'rolledShoulders'],
    chooseWhen: 'A shoulder that dislikes bars and overhead work still wants an upward press.',
  },
  'cable-press': {
    cues: {
      setUp: 'Split stance, ribs down',
      path: ['Hands start beside the chest'],
      finish: 'Press forward and together without rounding the shoulders',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'leanBack'],
    chooseWhen: 'The chest should be loaded right through to the hands together.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'incline-landmine-press': {
    cues: {
      setUp: 'Incline bench facing the pivot, palms on the sleeve',
      path: ['Elbows below the hands; turn round a little above the chest'],
      finish: 'Press up the arc and squeeze',
      breathing: outOnEffort,
    },
    chooseWhen: 'The upward press of the landmine with the back at rest.',
  },
};
