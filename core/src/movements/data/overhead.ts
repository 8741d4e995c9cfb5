import type { Movement } from '../model';
import { choice, flaredCredits, knob } from './shared';

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
        aliases: [
          'overhead press',
          'ohp',
          'military press',
          'strict press',
          'standing press',
          'barbell overhead press',
          'standing overhead press',
          'standing military press',
          'barbell shoulder press',
        ],
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
      adjust: [flaredCredits],
    },
    homeReps: [8, 12],
    load: {
      kind: 'external',
      perHand: true,
      from: { anchors: [{ at: 0, lift: 'overhead', ratio: 0.4, spread: 0.05 }] },
    },
    hardWhere: 'start',
    compound: true,
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
        aliases: ['shoulder press machine', 'machine shoulder press', 'plate loaded shoulder press'],
      },
    ],
    credits: {
      anchors: [{ at: 0, credits: { deltFront: 1, deltSide: 0.5, triLateral: 0.5, triMedial: 0.5 } }],
    },
    homeReps: [8, 20],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'varies',
    compound: true,
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
    spine: 2,
  },
];
