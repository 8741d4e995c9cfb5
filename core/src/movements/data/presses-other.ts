import type { Movement } from '../model';
import { choice, knob, pulleyCredits } from './shared';

export const otherPresses: Movement[] = [
  {
    id: 'landmine-press',
    family: 'press',
    implement: 'landmine',
    pattern: 'press',
    station: 'landmine',
    knobs: { stance: choice('kneeling', 'standing', 'incline bench') },
    variants: [
      {
        id: 'incline-landmine-press',
        name: 'Incline landmine press',
        aliases: ['landmine incline press', 'landmine bench press'],
        rig: { stance: 'incline bench' },
        when: { stance: 'incline bench' },
      },
      {
        id: 'standing-landmine-press',
        name: 'Standing landmine press',
        aliases: ['landmine press standing', 'standing corner press'],
        rig: { stance: 'standing' },
        when: { stance: 'standing' },
      },
      {
        id: 'kneeling-landmine-press',
        name: 'Kneeling landmine press',
        aliases: [
          'landmine press',
          'corner press',
          'half kneeling landmine press',
          'single arm landmine press',
        ],
      },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: {
            pecUpper: 0.75,
            pecMiddle: 0.25,
            deltFront: 1,
            triLateral: 0.5,
            triMedial: 0.5,
            serratus: 0.5,
          },
        },
      ],
      adjust: [
        {
          knob: 'stance',
          is: 'incline bench',
          add: { pecUpper: 0.25, pecMiddle: 0.25, deltFront: -0.25, serratus: -0.5 },
        },
      ],
    },
    homeReps: [8, 15],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'start',
    compound: true,
    endedBy: 'balance',
  },
  {
    id: 'cable-press',
    family: 'press',
    implement: 'cable',
    pattern: 'press',
    station: 'cables',
    knobs: { pulleyStature: knob(0.1, 1.15, 0.02, 0.75), stance: choice('standing', 'seated') },
    variants: [
      { id: 'cable-press', name: 'Cable press', aliases: ['standing cable press', 'cable chest press'] },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: {
            pecMiddle: 1,
            pecUpper: 0.5,
            pecLower: 0.5,
            deltFront: 0.5,
            triLateral: 0.5,
            triMedial: 0.5,
          },
        },
      ],
      adjust: [
        pulleyCredits(0.75),
        {
          knob: 'pulleyStature',
          anchors: [
            { at: 0.2, add: { triLateral: -0.25, triMedial: -0.25 } },
            { at: 0.75, add: {} },
          ],
        },
      ],
    },
    homeReps: [10, 15],
    load: { kind: 'external', perHand: true, from: null },
    hardWhere: 'throughout',
    compound: true,
    endedBy: 'balance',
  },
];
