import type { Movement } from '../model';
import { choice, knob } from './shared';

export const machinePresses: Movement[] = [
  {
    id: 'chest-press-machine',
    family: 'press',
    implement: 'machine',
    pattern: 'press',
    station: 'chest press machine',
    knobs: { tuckDeg: knob(20, 90, 5, 60), stance: choice('seated', 'low seat') },
    variants: [
      {
        id: 'low-seat-chest-press',
        name: 'Low-seat chest press',
        aliases: ['low seat machine press', 'upper chest machine press'],
        rig: { stance: 'low seat', tuckDeg: 50 },
        when: { stance: 'low seat' },
        home: { homeReps: [10, 15] },
      },
      {
        id: 'chest-press-machine',
        name: 'Chest press machine',
        aliases: [
          'machine press',
          'machine chest press',
          'converging press',
          'plate loaded chest press',
          'seated chest press',
          'chest press',
        ],
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
      adjust: [
        {
          knob: 'stance',
          is: 'low seat',
          add: { pecUpper: 0.5, pecMiddle: -0.25, pecLower: -0.75, deltFront: 0.25 },
        },
      ],
      meantFor: {
        tuckDeg: [{ knob: 'stance', is: 'low seat', value: -10 }],
      },
    },
    homeReps: [8, 15],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'varies',
    compound: true,
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
        aliases: [
          'machine incline press',
          'incline machine',
          'plate loaded incline press',
          'machine incline chest press',
        ],
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
  },
  {
    id: 'decline-press-machine',
    family: 'press',
    implement: 'machine',
    pattern: 'press',
    station: 'decline press machine',
    knobs: { tuckDeg: knob(20, 90, 5, 60) },
    variants: [
      {
        id: 'decline-press-machine',
        name: 'Decline press machine',
        aliases: ['machine decline press', 'decline machine'],
      },
    ],
    credits: {
      anchors: [
        {
          at: 0,
          credits: { pecLower: 1, pecMiddle: 1, deltFront: 0.25, triLateral: 0.5, triMedial: 0.5 },
        },
      ],
    },
    homeReps: [8, 15],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'varies',
    compound: true,
  },
];
