import type { Movement } from '../model';
import { backCaution, knob, shoulderCaution } from './shared';

const overheadCaution = {
  limit: 'shoulder front' as const,
  say: 'Press slightly in front of the body with the elbows forward, or take a landmine press.',
};

export const overheadPresses: Movement[] = [
  {
    id: 'standing-barbell-press',
    family: 'overhead',
    implement: 'barbell',
    pattern: 'press',
    station: 'rack',
    knobs: { gripBiacromial: knob(1, 1.8, 0.05, 1.3), tuckDeg: knob(30, 80, 5, 50) },
    variants: [
      {
        id: 'standing-barbell-press',
        name: 'Standing barbell press',
        aliases: ['overhead press', 'ohp', 'military press', 'strict press', 'standing press'],
      },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: {
            deltFront: 1,
            deltSide: 0.5,
            pecUpper: 0.25,
            triLateral: 0.5,
            triMedial: 0.5,
            upperTrap: 0.5,
            serratus: 0.5,
          },
        },
      ],
    },
    homeReps: [4, 8],
    load: {
      kind: 'external',
      perHand: false,
      from: { anchors: [{ at: 0, lift: 'overhead', ratio: 1, spread: 0.02 }] },
    },
    hardWhere: 'start',
    compound: true,
    cues: [
      'Squeeze the seat, ribs down',
      'Bar starts on the collar bones, forearms upright',
      'Head back out of the way, then through as the bar passes',
    ],
    faultIds: ['leanBack', 'openThumb'],
    cautions: [backCaution, overheadCaution],
    chooseWhen: 'Shoulders and trunk together, blades free, someone who stands well.',
  },
  {
    id: 'push-press',
    family: 'overhead',
    implement: 'barbell',
    pattern: 'press',
    station: 'rack',
    knobs: { gripBiacromial: knob(1, 1.8, 0.05, 1.3) },
    variants: [{ id: 'push-press', name: 'Push press', aliases: ['leg drive press'] }],
    credits: {
      anchors: [
        {
          at: 0,
          credits: { deltFront: 1, deltSide: 0.5, triLateral: 0.75, triMedial: 0.75, upperTrap: 0.5 },
        },
      ],
    },
    homeReps: [3, 8],
    load: {
      kind: 'external',
      perHand: false,
      from: { anchors: [{ at: 0, lift: 'overhead', ratio: 1.25, spread: 0.07 }] },
    },
    hardWhere: 'shortened',
    compound: true,
    cues: [
      'Dip straight down and drive',
      'Let the legs start it, the arms finish it',
      'Lower for four slow counts: that is the work',
    ],
    faultIds: ['leanBack', 'openThumb'],
    cautions: [backCaution, overheadCaution],
    chooseWhen: 'A heavy lowering overhead is wanted and the client can rack a bar.',
  },
  {
    id: 'standing-dumbbell-press',
    family: 'overhead',
    implement: 'dumbbells',
    pattern: 'press',
    station: 'dumbbells',
    knobs: { tuckDeg: knob(20, 85, 5, 55) },
    variants: [
      {
        id: 'standing-dumbbell-press',
        name: 'Standing dumbbell press',
        aliases: ['standing db press', 'standing shoulder press'],
      },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: {
            deltFront: 1,
            deltSide: 0.5,
            triLateral: 0.5,
            triMedial: 0.5,
            upperTrap: 0.5,
            serratus: 0.5,
          },
        },
      ],
    },
    homeReps: [8, 12],
    load: {
      kind: 'external',
      perHand: true,
      from: { anchors: [{ at: 0, lift: 'overhead', ratio: 0.4, spread: 0.05 }] },
    },
    hardWhere: 'start',
    compound: true,
    cues: [
      'Feet under the hips, ribs down',
      'Forearms upright under the bells',
      'Press up and slightly in, blades free to turn',
    ],
    faultIds: ['leanBack', 'tappedBells'],
    cautions: [backCaution, overheadCaution],
    chooseWhen: 'Overhead work with free blades and no rack.',
  },
  {
    id: 'machine-overhead-press',
    family: 'overhead',
    implement: 'machine',
    pattern: 'press',
    station: 'overhead press machine',
    knobs: {},
    variants: [
      {
        id: 'machine-overhead-press',
        name: 'Machine overhead press',
        aliases: ['shoulder press machine', 'machine shoulder press'],
      },
    ],
    credits: {
      anchors: [{ at: 0, credits: { deltFront: 1, deltSide: 0.5, triLateral: 0.5, triMedial: 0.5 } }],
    },
    homeReps: [8, 20],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'varies',
    compound: true,
    cues: ['Seat so the handles start at the ears', 'Back on the pad, ribs down', 'Finish softly'],
    faultIds: ['leanBack', 'slammedElbows'],
    cautions: [shoulderCaution],
    chooseWhen: 'Overhead sets taken close to failure, or a tired back.',
  },
];
