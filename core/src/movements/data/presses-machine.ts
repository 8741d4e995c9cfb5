import type { Movement } from '../model';
import { knob, shoulderCaution } from './shared';

export const machinePresses: Movement[] = [
  {
    id: 'chest-press-machine',
    family: 'press',
    implement: 'machine',
    pattern: 'press',
    station: 'chest press machine',
    knobs: { tuckDeg: knob(20, 90, 5, 60) },
    variants: [
      {
        id: 'chest-press-machine',
        name: 'Chest press machine',
        aliases: ['machine press', 'machine chest press', 'converging press'],
      },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: {
            pecMiddle: 1,
            pecLower: 0.75,
            pecUpper: 0.5,
            deltFront: 0.5,
            triLateral: 0.5,
            triMedial: 0.5,
          },
        },
      ],
    },
    homeReps: [8, 15],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'varies',
    compound: true,
    cues: [
      'Seat so the handles meet mid-chest',
      'Blades back, chest tall against the pad',
      'Push the handles together as much as forward',
    ],
    faultIds: ['rolledShoulders', 'slammedElbows', 'flaredElbows'],
    cautions: [shoulderCaution],
    chooseWhen: 'Hard sets late in the session, or alone: nothing to balance and nothing to be pinned by.',
  },
  {
    id: 'incline-press-machine',
    family: 'press',
    implement: 'machine',
    pattern: 'press',
    station: 'incline press machine',
    knobs: { tuckDeg: knob(20, 90, 5, 50) },
    variants: [
      {
        id: 'incline-press-machine',
        name: 'Incline press machine',
        aliases: ['machine incline press', 'incline machine'],
      },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: { pecUpper: 1, pecMiddle: 0.75, deltFront: 0.75, triLateral: 0.5, triMedial: 0.5 },
        },
      ],
    },
    homeReps: [8, 15],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'varies',
    compound: true,
    cues: [
      'Seat low enough that the handles start at the upper chest',
      'Chest tall, elbows under the handles',
      'Press up and in, finish softly',
    ],
    faultIds: ['rolledShoulders', 'slammedElbows'],
    cautions: [shoulderCaution],
    chooseWhen: 'Upper chest near failure without anyone standing by.',
  },
];
