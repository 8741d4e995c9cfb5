import type { Movement } from '../model';
import {
  choice,
  floorPressCredits,
  knob,
  pressCreditsByBench,
  shoulderCaution,
  unstableCaution,
} from './shared';

const bellPressCues = [
  'Kick the bells up from the thighs; set them down the same way',
  'Lower until you feel the chest stretch, forearms upright',
  'Press up in a shallow arc and bring the bells close without touching',
  'Chest stays tall at the top; breathe out as they rise',
];

export const dumbbellPress: Movement = {
  id: 'dumbbell-press',
  family: 'press',
  implement: 'dumbbells',
  pattern: 'press',
  station: 'dumbbells',
  knobs: {
    benchDeg: knob(-20, 90, 1, 0),
    tuckDeg: knob(15, 90, 5, 55),
    forearm: choice('pronated', 'neutral', 'supinated', 'rotating'),
    stance: choice('lying', 'floor'),
  },
  variants: [
    {
      id: 'dumbbell-floor-press',
      name: 'Dumbbell floor press',
      aliases: ['db floor press'],
      rig: { stance: 'floor', tuckDeg: 45 },
      when: { stance: 'floor' },
    },
    {
      id: 'neutral-grip-dumbbell-press',
      name: 'Neutral-grip dumbbell press',
      aliases: ['neutral db press', 'hammer press', 'palms in press'],
      rig: { forearm: 'neutral', tuckDeg: 35 },
      when: { forearm: 'neutral', benchDeg: [-7, 7] },
    },
    {
      id: 'underhand-dumbbell-press',
      name: 'Underhand dumbbell press',
      aliases: ['reverse grip dumbbell press', 'supinated db press'],
      rig: { forearm: 'supinated', tuckDeg: 30 },
      when: { forearm: 'supinated', benchDeg: [-7, 7] },
    },
    {
      id: 'rotating-dumbbell-press',
      name: 'Rotating dumbbell press',
      aliases: ['twisting dumbbell press'],
      rig: { forearm: 'rotating' },
      when: { forearm: 'rotating', benchDeg: [-7, 7] },
    },
    {
      id: 'decline-dumbbell-press',
      name: 'Decline dumbbell press',
      aliases: ['decline db press'],
      rig: { benchDeg: -15 },
      when: { benchDeg: [-90, -7] },
    },
    {
      id: 'dumbbell-bench-press',
      name: 'Dumbbell bench press',
      aliases: ['db bench', 'flat dumbbell press', 'db press', 'dumbbell press', 'flat db press'],
      rig: { benchDeg: 0 },
      when: { benchDeg: [-7, 7] },
    },
    {
      id: 'neutral-overhead-dumbbell-press',
      name: 'Neutral-grip overhead dumbbell press',
      aliases: ['neutral shoulder press'],
      rig: { benchDeg: 75, forearm: 'neutral', tuckDeg: 35 },
      when: { benchDeg: [70, 90], forearm: 'neutral' },
    },
    {
      id: 'seated-dumbbell-press',
      name: 'Seated dumbbell press',
      aliases: ['db shoulder press', 'seated db press', 'dumbbell shoulder press'],
      rig: { benchDeg: 75, tuckDeg: 60 },
      when: { benchDeg: [70, 90] },
    },
    {
      id: 'incline-dumbbell-press',
      name: 'Incline dumbbell press',
      aliases: ['incline db press', 'incline db', 'incline dumbbells'],
      rig: { benchDeg: 30, tuckDeg: 50 },
    },
  ],
  credits: {
    knob: 'benchDeg',
    anchors: pressCreditsByBench,
    adjust: [
      floorPressCredits,
      { knob: 'forearm', is: 'neutral', add: { pecUpper: 0.25, pecMiddle: -0.25, pecLower: -0.25 } },
      { knob: 'forearm', is: 'supinated', add: { pecUpper: 0.5, pecMiddle: -0.25, pecLower: -0.75 } },
    ],
  },
  homeReps: [6, 12],
  load: {
    kind: 'external',
    perHand: true,
    from: {
      knob: 'benchDeg',
      anchors: [
        { at: -15, lift: 'bench', ratio: 0.42, spread: 0.04 },
        { at: 0, lift: 'bench', ratio: 0.415, spread: 0.04 },
        { at: 30, lift: 'bench', ratio: 0.36, spread: 0.04 },
        { at: 45, lift: 'bench', ratio: 0.33, spread: 0.04 },
        { at: 60, lift: 'bench', ratio: 0.295, spread: 0.04 },
        { at: 75, lift: 'overhead', ratio: 0.43, spread: 0.05 },
      ],
    },
    factors: [
      { knob: 'forearm', is: 'neutral', factor: 0.965 },
      { knob: 'forearm', is: 'supinated', factor: 0.8 },
      { knob: 'forearm', is: 'rotating', factor: 0.915 },
      { knob: 'stance', is: 'floor', factor: 0.965 },
    ],
  },
  hardWhere: 'stretched',
  compound: true,
  cues: bellPressCues,
  faultIds: ['rolledShoulders', 'flaredElbows', 'tappedBells', 'slammedElbows'],
  cautions: [shoulderCaution, unstableCaution],
  chooseWhen:
    'Range and a free path matter more than the last kilogram, or the shoulder complains under a bar.',
};
