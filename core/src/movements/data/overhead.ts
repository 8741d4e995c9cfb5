import type { Movement } from '../model';
import { backCaution, braced, choice, knob, outOnEffort, pressureCaution, shoulderCaution } from './shared';

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
    cues: {
      setUp: 'Squeeze the seat, ribs down',
      path: ['Bar starts on the collar bones, forearms upright'],
      finish: 'Head back out of the way, then through as the bar passes',
      breathing: braced,
    },
    faultIds: ['leanBack', 'openThumb'],
    cautions: [backCaution, overheadCaution, pressureCaution],
    chooseWhen: 'Shoulders and trunk together, blades free, someone who stands well.',
    disputed: 'Standing lets the blades move, seated tires less: both are offered; a complaining back sits.',
    endedBy: 'lower back',
    spine: 2,
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
    cues: {
      setUp: 'Bar on the front of the shoulders, feet under the hips',
      path: ['Dip straight down and drive', 'Let the legs start it, the arms finish it'],
      finish: 'Lower for four slow counts: that is the work',
      breathing: braced,
    },
    faultIds: ['leanBack', 'openThumb'],
    cautions: [backCaution, overheadCaution, pressureCaution],
    chooseWhen: 'A heavy lowering overhead is wanted and the client can rack a bar.',
    endedBy: 'breath',
    spine: 2,
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
    cues: {
      setUp: 'Feet under the hips, ribs down',
      path: ['Forearms upright under the bells'],
      finish: 'Press up and slightly in, blades free to turn',
      breathing: braced,
    },
    faultIds: ['leanBack', 'tappedBells'],
    cautions: [backCaution, overheadCaution],
    chooseWhen: 'Overhead work with free blades and no rack.',
    endedBy: 'balance',
    spine: 1,
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
    cues: {
      setUp: 'Seat so the handles start at the ears',
      path: ['Back on the pad, ribs down'],
      finish: 'Finish softly',
      breathing: braced,
    },
    faultIds: ['leanBack', 'slammedElbows'],
    cautions: [shoulderCaution],
    chooseWhen: 'Overhead sets taken close to failure, or a tired back.',
  },
  {
    id: 'single-arm-dumbbell-press',
    family: 'overhead',
    implement: 'dumbbell',
    pattern: 'press',
    station: 'dumbbells',
    oneSided: true,
    knobs: { tuckDeg: knob(20, 85, 5, 50), stance: choice('standing', 'seated') },
    variants: [
      {
        id: 'single-arm-dumbbell-press',
        name: 'Single-arm dumbbell press',
        aliases: ['one arm dumbbell press', 'single arm shoulder press', 'one arm shoulder press'],
      },
    ],
    credits: {
      anchors: [{ at: 0, credits: { deltFront: 1, deltSide: 0.5, triLateral: 0.5, triMedial: 0.5 } }],
    },
    homeReps: [8, 12],
    load: {
      kind: 'external',
      perHand: true,
      from: { anchors: [{ at: 0, lift: 'overhead', ratio: 0.42, spread: 0.05 }] },
    },
    hardWhere: 'start',
    compound: true,
    cues: {
      setUp: 'Free hand on the hip or the rack, ribs level',
      path: ['Forearm upright, elbow a little forward', 'Straight up, trunk still'],
      finish: 'Arm by the ear, no lean',
      breathing: outOnEffort,
    },
    faultIds: ['leanBack', 'turnedTrunk'],
    cautions: [overheadCaution, backCaution],
    chooseWhen: 'One side locks out later than the other, or one bell is all there is.',
    endedBy: 'balance',
    spine: 1,
  },
  {
    id: 'behind-neck-press',
    family: 'overhead',
    implement: 'barbell',
    pattern: 'press',
    station: 'rack',
    knobs: { gripBiacromial: knob(1.4, 2.2, 0.05, 1.8), tuckDeg: knob(60, 90, 5, 85) },
    variants: [
      {
        id: 'behind-neck-press',
        name: 'Behind-the-neck press',
        aliases: ['behind the neck', 'btn press', 'behind neck shoulder press'],
        offByDefault: true,
      },
    ],
    credits: {
      anchors: [{ at: 0, credits: { deltSide: 0.75, deltFront: 0.75, triLateral: 0.5, triMedial: 0.5 } }],
    },
    homeReps: [8, 12],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'start',
    compound: true,
    cues: {
      setUp: 'Only for shoulders that own the range; start with the bar alone',
      path: ['Down to the ears, no lower', 'Head neutral, never pushed forward'],
      finish: 'Nearly straight',
      breathing: braced,
    },
    faultIds: ['leanBack', 'flaredElbows'],
    cautions: [
      { limit: 'shoulder front', say: 'Not this one: press in front of the head.' },
      { limit: 'shoulder unstable', say: 'Not this one: a loaded end of range with the arm turned out.' },
      { limit: 'lower back', say: 'Take a seated, supported press.' },
    ],
    chooseWhen: 'Hardly ever: the same delts can be had in front of the head at less risk.',
    disputed:
      'Used by some, avoided by most: a loaded end of range with the arm turned out. Off unless you switch it on.',
    spine: 2,
  },
];
