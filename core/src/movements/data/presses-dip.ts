import type { CreditModel, Movement } from '../model';
import { knob } from './shared';

/** By how far the trunk leans. */
const dipCredits: CreditModel = {
  knob: 'leanDeg',
  anchors: [
    {
      at: 8,
      credits: {
        triLateral: 1,
        triMedial: 1,
        triLong: 0.5,
        pecLower: 0.5,
        pecMiddle: 0.5,
        deltFront: 0.5,
      },
    },
    {
      at: 30,
      credits: {
        pecLower: 1,
        pecMiddle: 1,
        deltFront: 0.75,
        triLateral: 0.75,
        triMedial: 0.75,
        triLong: 0.25,
      },
    },
  ],
};

export const dips: Movement[] = [
  {
    id: 'dip',
    family: 'press',
    implement: 'bodyweight',
    pattern: 'press',
    station: 'dip bars',
    knobs: { leanDeg: knob(0, 40, 2, 30) },
    variants: [
      {
        id: 'triceps-dip',
        name: 'Triceps dip',
        aliases: ['upright dip', 'tricep dips'],
        rig: { leanDeg: 8 },
        when: { leanDeg: [0, 18] },
        home: { homeReps: [6, 15] },
      },
      {
        id: 'chest-dip',
        name: 'Chest dip',
        aliases: [
          'dip',
          'dips',
          'leaning dip',
          'lean forward dip',
          'weighted dip',
          'bodyweight dip',
          'parallel bar dip',
        ],
      },
    ],
    credits: dipCredits,
    homeReps: [6, 20],
    // All but the forearms and hands, and half of the upper arms (Dempster 1955, from memory).
    load: {
      kind: 'bodyweight',
      shares: [{ at: 0, value: 0.94 }],
      from: { lift: 'dip', ratio: 1, spread: 0.02 },
      canAdd: true,
    },
    hardWhere: 'stretched',
    compound: true,
  },
  {
    id: 'assisted-dip',
    family: 'press',
    implement: 'machine',
    pattern: 'press',
    station: 'assisted dip',
    knobs: { leanDeg: knob(0, 40, 2, 30) },
    variants: [
      {
        id: 'assisted-dip',
        name: 'Assisted dip',
        aliases: ['dip assist', 'band dip', 'assisted dip machine'],
      },
    ],
    credits: dipCredits,
    homeReps: [8, 15],
    // The figure on the stack is the help, so nothing honest can be borrowed from a dip max.
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'stretched',
    compound: true,
  },
  {
    id: 'machine-dip',
    family: 'triceps',
    implement: 'machine',
    pattern: 'press',
    station: 'dip machine',
    knobs: {},
    variants: [{ id: 'machine-dip', name: 'Machine dip', aliases: ['seated dip', 'dip machine'] }],
    credits: {
      anchors: [
        {
          at: 0,
          credits: {
            triLateral: 1,
            triMedial: 1,
            triLong: 0.5,
            pecLower: 0.5,
            pecMiddle: 0.25,
            deltFront: 0.25,
          },
        },
      ],
    },
    homeReps: [8, 12],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'middle',
    compound: true,
  },
];
