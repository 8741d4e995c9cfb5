import type { Teaching } from '..';
import { braced, outOnEffort } from './phrases';

export const movements: Record<string, Teaching> = {
  'standing-barbell-press': {
    cues: {
      setUp: 'Squeeze the seat, ribs down',
      path: ['Bar starts on the collar bones, forearms upright'],
      finish: 'Head back out of the way, then through as the bar passes',
      breathing: braced,
    },
    faultIds: ['leanBack', 'openThumb'],
    chooseWhen: 'Shoulders and trunk together, blades free, someone who stands well.',
    disputed: 'Standing lets the blades move, seated tires less: both are offered; a complaining back sits.',
  },
  'push-press': {
    cues: {
      setUp: 'Bar on the front of the shoulders, feet under the hips',
      path: ['Dip straight down and drive', 'Let the legs start it, the arms finish it'],
      finish: 'Lower for four slow counts: that is the work',
      breathing: braced,
    },
    faultIds: ['leanBack', 'openThumb'],
    chooseWhen: 'A heavy lowering overhead is wanted and the client can rack a bar.',
  },
  'standing-dumbbell-press': {
    cues: {
      setUp: 'Feet under the hips, ribs down',
      path: ['Forearms upright under the bells'],
      finish: 'Press up and slightly in, blades free to turn',
      breathing: braced,
    },
    faultIds: ['leanBack', 'tappedBells'],
    chooseWhen: 'Overhead work with free blades and no rack.',
  },
  'machine-overhead-press': {
    cues: {
      setUp: 'Seat so the handles start at the ears',
      path: ['Back on the pad, ribs down'],
      finish: 'Finish softly',
      breathing: braced,
    },
    faultIds: ['leanBack', 'slammedElbows'],
    chooseWhen: 'Overhead sets taken close to failure, or a tired back.',
  },
  'single-arm-dumbbell-press': {
    cues: {
      setUp: 'Free hand on the hip or the rack, ribs level',
      path: ['Forearm upright, elbow a little forward', 'Straight up, trunk still'],
      finish: 'Arm by the ear, no lean',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'turnedTrunk'],
    chooseWhen: 'One side locks out later than the other, or one bell is all there is.',
  },
  'behind-neck-press': {
    cues: {
      setUp: 'Only for shoulders that own the range; start with the bar alone',
      path: ['Down to the ears, no lower', 'Head neutral, never pushed forward'],
      finish: 'Nearly straight',
      breathing: braced,
    },
    faultIds: ['leanBack', 'flaredElbows'],
    chooseWhen: 'Hardly ever: the same delts can be had in front of the head at less risk.',
    disputed:
      'Used by some, avoided by most: a loaded end of range with the arm turned out. Off unless you switch it on.',
  },
};
