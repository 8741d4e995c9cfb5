import type { Credits } from '../../anatomy';
import type { BorrowedRatio, Movement } from '../model';
import { choice, knob, tuckedCredits } from './shared';

/** Hands at 1.5 shoulder breadths, nothing raised. */
const levelPushUp: Credits = {
  pecMiddle: 1,
  pecLower: 0.75,
  pecUpper: 0.5,
  deltFront: 0.5,
  triLateral: 0.5,
  triMedial: 0.5,
  serratus: 0.5,
};

/** What can be pressed from the floor beside the bench press, everything that moves: the trunk must be held as well. Own estimate. */
const pressedShare: BorrowedRatio = { lift: 'bench', ratio: 0.95, spread: 0.15 };

export const pushUps: Movement[] = [
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
      range: choice('full', 'deficit', 'lengthened half', 'one and a half'),
    },
    variants: [
      {
        id: 'feet-raised-push-up',
        name: 'Feet-raised push-up',
        aliases: ['decline push up', 'feet elevated pushup'],
        rig: { elevationM: 0.3 },
        when: { elevationM: [0.1, 1] },
        home: { homeReps: [8, 25] },
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
        aliases: ['close push up', 'triceps pushup', 'diamond push up', 'close grip push up'],
        rig: { gripBiacromial: 0.95, tuckDeg: 25 },
        when: { gripBiacromial: [0, 1.1] },
        home: { homeReps: [6, 20] },
      },
      {
        id: 'deficit-push-up',
        name: 'Deficit push-up',
        aliases: ['deep push up', 'push up on handles', 'block push up'],
        rig: { range: 'deficit' },
        when: { range: 'deficit' },
        home: { homeReps: [8, 25], hardWhere: 'stretched' },
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
          credits: levelPushUp,
        },
        {
          at: 0.3,
          credits: {
            pecMiddle: 1,
            pecLower: 0.25,
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
              add: { triLateral: 0.5, triMedial: 0.5, pecMiddle: -0.25, pecUpper: -0.25, pecLower: -0.5 },
            },
            { at: 1.5, add: {} },
          ],
        },
        tuckedCredits,
        { knob: 'range', is: 'deficit', add: { pecLower: 0.25 } },
      ],
      meantFor: {
        tuckDeg: [
          {
            knob: 'gripBiacromial',
            anchors: [
              { at: 0.95, value: 25 },
              { at: 1.5, value: 50 },
            ],
          },
        ],
      },
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
      from: pressedShare,
      factors: [
        {
          knob: 'gripBiacromial',
          anchors: [
            { at: 0.95, value: 0.88 },
            { at: 1.5, value: 1 },
            { at: 2, value: 0.95 },
          ],
        },
        { knob: 'range', is: 'deficit', factor: 0.92 },
        { knob: 'range', is: 'one and a half', factor: 0.8 },
      ],
      canAdd: false,
    },
    hardWhere: 'start',
    compound: true,
  },
  {
    id: 'push-up-ladder',
    family: 'press',
    implement: 'bodyweight',
    pattern: 'press',
    station: 'floor',
    knobs: { gripBiacromial: knob(0.8, 2, 0.05, 0.95) },
    variants: [
      {
        id: 'push-up-ladder',
        name: 'Widening push-up ladder',
        aliases: ['mechanical drop push up', 'narrow to wide push up', 'push up ladder'],
      },
    ],
    // Of one bout; a ladder is three, the second and third a third of a set each.
    credits: {
      knob: 'gripBiacromial',
      anchors: [
        {
          at: 0.95,
          credits: { triLateral: 1, triMedial: 1, pecMiddle: 0.75, deltFront: 0.5, serratus: 0.5 },
        },
        {
          at: 1.5,
          credits: levelPushUp,
        },
      ],
    },
    homeReps: [15, 40],
    load: {
      kind: 'bodyweight',
      shares: [{ at: 0, value: 0.64 }],
      from: pressedShare,
      factors: [
        {
          knob: 'gripBiacromial',
          anchors: [
            { at: 0.95, value: 0.88 },
            { at: 1.5, value: 1 },
          ],
        },
      ],
      canAdd: false,
    },
    hardWhere: 'start',
    compound: true,
  },
  {
    id: 'push-up-plus',
    family: 'corrective',
    implement: 'bodyweight',
    pattern: 'press',
    station: 'floor',
    knobs: {},
    variants: [
      {
        id: 'push-up-plus',
        name: 'Push-up plus',
        aliases: ['serratus push up', 'scapular push up', 'scap push up'],
      },
    ],
    credits: {
      anchors: [{ at: 0, credits: { serratus: 1, pecMiddle: 0.5, triLateral: 0.25, triMedial: 0.25 } }],
    },
    homeReps: [10, 25],
    load: { kind: 'bodyweight', shares: [{ at: 0, value: 0.64 }], from: null, canAdd: false },
    hardWhere: 'shortened',
    compound: true,
  },
];
