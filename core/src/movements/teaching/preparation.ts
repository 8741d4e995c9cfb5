import type { Teaching } from '..';
import { atEase } from './phrases';

/** What goes wrong in most preparation. */
const careless = ['rushedPrep', 'swungRaise'];

export const movements: Record<string, Teaching> = {
  'easy-cardio': {
    cues: {
      setUp: 'Pick something that moves the arms',
      path: ['Easy enough to talk'],
      finish: 'Stop when warm, not tired',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'Always first: three to five minutes.',
  },
  'pass-through': {
    cues: {
      setUp: 'Hands wide',
      path: ['Slow, over and back'],
      finish: 'Narrower only once it is easy',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'To open the range before pressing.',
  },
  'band-pull-apart': {
    cues: {
      setUp: 'Arms long at shoulder height',
      path: ['Pull until the band meets the chest'],
      finish: 'Blades move, ribs do not',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'To wake the upper back before pressing, or between presses.',
  },
  'band-face-pull': {
    cues: {
      setUp: 'Band at the height of the brow',
      path: ['Pull to the forehead, elbows high'],
      finish: 'Hands finish behind the elbows, slow back',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'Warm-up that really loads the rotators.',
  },
  'external-rotation': {
    cues: {
      setUp: 'Elbow tucked against a folded towel',
      path: ['Turn out without moving the elbow'],
      finish: 'Light, slow, never to failure',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'A lot of pressing needs its counterweight.',
  },
  'side-lying-rotation': {
    cues: {
      setUp: 'Lie on the other side, elbow on the ribs',
      path: ['Turn the forearm up to level'],
      finish: 'Lower slowly',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'Rotators with nothing but a light bell.',
  },
  'elbow-on-knee-rotation': {
    cues: {
      setUp: 'Elbow rests on the raised knee',
      path: ['Turn the bell up against gravity'],
      finish: 'Stop before the elbow lifts',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'Rotators at the bench, no cable free.',
  },
  'standing-dumbbell-rotation': {
    faultIds: ['emptyRotation', 'rushedPrep'],
    cues: {
      setUp: 'Gravity runs along the axis here',
      path: ['Nothing resists the rotation'],
      finish: 'Choose another rotation instead',
      breathing: atEase,
    },
    chooseWhen: 'Never: it stands here to show what wastes a warm-up.',
  },
  'wall-slide': {
    cues: {
      setUp: 'Forearms on the wall',
      path: ['Slide up and reach'],
      finish: 'Ribs stay down',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'Serratus and overhead range before pressing.',
  },
  'easy-push-up': {
    faultIds: ['saggingHips', 'rushedPrep'],
    cues: {
      setUp: 'Half effort, one straight line',
      path: ['Blades free'],
      finish: 'Push the floor away at the top',
      breathing: atEase,
    },
    chooseWhen: 'Blades moving freely before they are pinned to a bench.',
  },
  'static-chest-stretch': {
    cues: {
      setUp: 'After the session, not before',
      path: ['Gentle, no pain at the front of the shoulder'],
      finish: 'Ease out slowly',
      breathing: atEase,
    },
    faultIds: careless,
    chooseWhen: 'After the session; before it, it costs strength.',
  },
};
