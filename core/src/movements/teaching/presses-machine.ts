import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'chest-press-machine': {
    cues: {
      setUp: 'Seat so the handles meet mid-chest',
      path: ['Blades back, chest tall against the pad'],
      finish: 'Push the handles together as much as forward',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'slammedElbows', 'flaredElbows'],
    chooseWhen: 'Hard sets late in the session, or alone: nothing to balance and nothing to be pinned by.',
  },
  'incline-press-machine': {
    cues: {
      setUp: 'Seat low enough that the handles start at the upper chest',
      path: ['Chest tall, elbows under the handles'],
      finish: 'Press up and in, finish softly',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'slammedElbows'],
    chooseWhen: 'Upper chest near failure without anyone standing by.',
  },
  'decline-press-machine': {
    cues: {
      setUp: 'Seat high enough that the handles start below the nipple line',
      path: ['Chest tall, elbows behind the handles'],
      finish: 'Press down and together, finish softly',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'slammedElbows'],
    chooseWhen: 'Lower chest near failure, head up and nothing to balance.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'low-seat-chest-press': {
    cues: {
      setUp: 'Seat all the way down; the handles then meet at the upper chest',
      path: ['Light, elbows not quite out'],
      finish: 'Hands up and together, chest tall',
      breathing: outOnEffort,
    },
    chooseWhen: 'Upper chest from a flat press machine.',
  },
};
