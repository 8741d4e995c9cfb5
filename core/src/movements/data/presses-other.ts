import type { Movement } from '../model';
import { backCaution, choice, knob, shoulderCaution, unstableCaution, wristCaution } from './shared';

export const otherPresses: Movement[] = [
  {
    id: 'landmine-press',
    family: 'press',
    implement: 'landmine',
    pattern: 'press',
    station: 'landmine',
    knobs: { stance: choice('kneeling', 'standing') },
    variants: [
      {
        id: 'standing-landmine-press',
        name: 'Standing landmine press',
        aliases: [],
        rig: { stance: 'standing' },
        when: { stance: 'standing' },
      },
      {
        id: 'kneeling-landmine-press',
        name: 'Kneeling landmine press',
        aliases: ['landmine press', 'corner press'],
      },
    ],
    credits: {
      anchors: [
        { at: 0, credits: { pecUpper: 1, deltFront: 0.75, triLateral: 0.5, triMedial: 0.5, serratus: 0.5 } },
      ],
    },
    homeReps: [8, 15],
    load: { kind: 'external', perHand: false, from: null },
    hardWhere: 'start',
    compound: true,
    cues: [
      'Both palms on the sleeve, elbows in',
      'Lean in and press up the arc',
      'Squeeze at the top and keep breathing',
    ],
    faultIds: ['leanBack', 'rolledShoulders'],
    cautions: [backCaution],
    chooseWhen: 'A shoulder that dislikes bars and overhead work still wants an upward press.',
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
    },
    homeReps: [10, 15],
    load: { kind: 'external', perHand: true, from: null },
    hardWhere: 'throughout',
    compound: true,
    cues: [
      'Split stance, ribs down',
      'Hands start beside the chest',
      'Press forward and together without rounding the shoulders',
    ],
    faultIds: ['rolledShoulders', 'leanBack'],
    cautions: [shoulderCaution],
    chooseWhen: 'The chest should be loaded right through to the hands together.',
  },
  {
    id: 'push-up',
    family: 'press',
    implement: 'bodyweight',
    pattern: 'press',
    station: 'floor',
    knobs: {
      elevationM: knob(-0.6, 0.6, 0.05, 0),
      gripBiacromial: knob(0.8, 2, 0.05, 1.5),
      tuckDeg: knob(20, 80, 5, 50),
    },
    variants: [
      {
        id: 'feet-raised-push-up',
        name: 'Feet-raised push-up',
        aliases: ['decline push up', 'feet elevated pushup'],
        rig: { elevationM: 0.3 },
        when: { elevationM: [0.1, 1] },
      },
      {
        id: 'hands-raised-push-up',
        name: 'Hands-raised push-up',
        aliases: ['incline push up', 'box pushup'],
        rig: { elevationM: -0.3 },
        when: { elevationM: [-1, -0.1] },
      },
      {
        id: 'narrow-push-up',
        name: 'Narrow push-up',
        aliases: ['close push up', 'triceps pushup'],
        rig: { gripBiacromial: 0.95, tuckDeg: 25 },
        when: { gripBiacromial: [0, 1.1] },
      },
      { id: 'push-up', name: 'Push-up', aliases: ['pushup', 'pushups', 'press up', 'push ups'] },
    ],
    credits: {
      knob: 'elevationM',
      anchors: [
        {
          at: -0.6,
          credits: {
            pecMiddle: 1,
            pecLower: 0.75,
            deltFront: 0.25,
            triLateral: 0.5,
            triMedial: 0.5,
            serratus: 0.5,
          },
        },
        {
          at: 0,
          credits: {
            pecMiddle: 1,
            pecLower: 0.5,
            pecUpper: 0.5,
            deltFront: 0.5,
            triLateral: 0.5,
            triMedial: 0.5,
            serratus: 0.5,
          },
        },
        {
          at: 0.3,
          credits: {
            pecMiddle: 1,
            pecUpper: 0.75,
            deltFront: 0.75,
            triLateral: 0.5,
            triMedial: 0.5,
            serratus: 0.5,
          },
        },
      ],
      adjust: [
        {
          knob: 'gripBiacromial',
          anchors: [
            {
              at: 0.95,
              add: { triLateral: 0.5, triMedial: 0.5, pecMiddle: -0.25, pecUpper: -0.5, pecLower: -0.5 },
            },
            { at: 1.5, add: {} },
          ],
        },
      ],
    },
    homeReps: [8, 30],
    // Share of bodyweight on the hands: Ebben et al. 2011, J Strength Cond Res 25:2891-2894, from memory.
    load: {
      kind: 'bodyweight',
      knob: 'elevationM',
      shares: [
        { at: -0.6, value: 0.41 },
        { at: -0.3, value: 0.55 },
        { at: 0, value: 0.64 },
        { at: 0.3, value: 0.7 },
        { at: 0.6, value: 0.74 },
      ],
      lift: null,
      canAdd: false,
    },
    hardWhere: 'start',
    compound: true,
    cues: [
      'One straight line from head to heel',
      'Elbows at about half a right angle to the body',
      'Push the floor away until the blades spread',
    ],
    faultIds: ['saggingHips', 'flaredElbows'],
    cautions: [wristCaution],
    chooseWhen: 'No kit, a warm-up, or a finisher that lets the blades move freely.',
  },
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
      },
      { id: 'chest-dip', name: 'Chest dip', aliases: ['dip', 'dips', 'leaning dip'] },
    ],
    credits: {
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
    },
    homeReps: [6, 20],
    load: { kind: 'bodyweight', shares: [{ at: 0, value: 1 }], lift: 'dip', canAdd: true },
    hardWhere: 'stretched',
    compound: true,
    cues: [
      'Lean and tuck the chin, elbows wide of the ribs',
      'Go down until the upper arm is level',
      'Press without shrugging',
    ],
    faultIds: ['deepDip', 'rolledShoulders'],
    cautions: [
      { limit: 'shoulder front', say: 'Not below level, or leave dips out for now.' },
      { limit: 'pec strain', say: 'Leave the deep stretch alone until it is settled.' },
      unstableCaution,
    ],
    chooseWhen: 'Lower chest with a deep stretch, shoulders proven.',
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
    cues: [
      'Sit tall, shoulders down',
      'Elbows close, push straight to the floor',
      'Let the handles rise only as far as the shoulders stay low',
    ],
    faultIds: ['rolledShoulders', 'slammedElbows'],
    cautions: [],
    chooseWhen: 'Compound triceps work that spares the elbows.',
  },
];
