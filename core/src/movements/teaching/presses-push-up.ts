import type { Teaching } from '..';
import { outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'push-up': {
    cues: {
      setUp: 'One straight line from head to heel',
      path: ['Elbows at about half a right angle to the body'],
      finish: 'Push the floor away until the blades spread',
      breathing: outOnEffort,
    },
    faultIds: ['saggingHips', 'flaredElbows'],
    chooseWhen: 'No kit, a warm-up, or a finisher that lets the blades move freely.',
  },
  'push-up-ladder': {
    cues: {
      setUp: 'Hands narrow to begin with, one straight line',
      path: ['Narrow until the form goes, then shoulder width, then wide, no rest between'],
      finish: 'Stop when the line breaks',
      breathing: outOnEffort,
    },
    faultIds: ['saggingHips', 'flaredElbows'],
    chooseWhen: 'A finisher that makes itself easier as it goes: the same body, better leverage.',
  },
  'push-up-plus': {
    cues: {
      setUp: 'Hands under the shoulders, one straight line',
      path: ['An ordinary push-up to straight elbows'],
      finish: 'Keep pushing until the blades glide forward round the ribs',
      breathing: outOnEffort,
    },
    faultIds: ['saggingHips', 'rushedPrep'],
    chooseWhen: 'Blades that lie pinned all session should learn to move.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'feet-raised-push-up': {
    chooseWhen: 'Plain push-ups have become easy and the upper chest should help more.',
  },
  'hands-raised-push-up': { chooseWhen: 'The way in: fewer kilograms of body, the same line.' },
  'narrow-push-up': { chooseWhen: 'Compound triceps work with no kit at all.' },
  'deficit-push-up': {
    cues: {
      setUp: 'Hands on handles or blocks, wrists straight',
      path: ['Chest down between the hands, only as deep as the shoulder likes'],
      finish: 'Push the floor away until the blades spread',
      breathing: outOnEffort,
    },
    chooseWhen: 'The deepest stretch of the common presses, no kit but two handles.',
  },
};
