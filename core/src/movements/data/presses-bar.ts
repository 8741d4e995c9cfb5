import type { Movement } from '../model';
import {
  barGripCredits,
  choice,
  floorPressCredits,
  knob,
  pecCaution,
  pressCreditsByBench,
  shoulderCaution,
  unstableCaution,
} from './shared';

const barPressCues = [
  'Blades back and down before the bar leaves the rack',
  'Lower to the same spot every rep, elbows under the bar',
  'Press up and slightly back toward the shoulders; breathe out as it rises',
  'Finish softly, still tight',
];

export const barbellPress: Movement = {
  id: 'barbell-press',
  family: 'press',
  implement: 'barbell',
  pattern: 'press',
  station: 'rack',
  knobs: {
    benchDeg: knob(-20, 90, 1, 0),
    gripBiacromial: knob(0.8, 2.3, 0.05, 1.5),
    tuckDeg: knob(20, 90, 5, 60),
    forearm: choice('pronated', 'supinated'),
    stance: choice('lying', 'floor'),
    range: choice('full', 'pins'),
  },
  variants: [
    {
      id: 'barbell-floor-press',
      name: 'Barbell floor press',
      aliases: ['floor press', 'bb floor press'],
      rig: { stance: 'floor', tuckDeg: 50, gripBiacromial: 1.3 },
      when: { stance: 'floor' },
    },
    {
      id: 'pin-press',
      name: 'Pin press from the chest',
      aliases: ['pin press', 'dead bench press', 'pin bench'],
      rig: { range: 'pins' },
      when: { range: 'pins', benchDeg: [-7, 7] },
    },
    {
      id: 'reverse-grip-bench-press',
      name: 'Reverse-grip bench press',
      aliases: ['reverse grip bench', 'underhand bench press', 'supinated bench'],
      rig: { forearm: 'supinated', tuckDeg: 35 },
      when: { forearm: 'supinated', benchDeg: [-7, 7] },
    },
    {
      id: 'close-grip-bench-press',
      name: 'Close-grip bench press',
      aliases: ['close grip bench', 'cgbp', 'narrow bench press'],
      rig: { gripBiacromial: 0.95, tuckDeg: 35 },
      when: { gripBiacromial: [0, 1.1], benchDeg: [-7, 7] },
    },
    {
      id: 'wide-grip-bench-press',
      name: 'Wide-grip bench press',
      aliases: ['wide bench', 'wide grip bench'],
      rig: { gripBiacromial: 1.75 },
      when: { gripBiacromial: [1.7, 3], benchDeg: [-7, 7] },
    },
    {
      id: 'decline-barbell-press',
      name: 'Decline barbell press',
      aliases: ['decline bench press', 'decline bb press'],
      rig: { benchDeg: -15 },
      when: { benchDeg: [-90, -7] },
    },
    {
      id: 'barbell-bench-press',
      name: 'Barbell bench press',
      aliases: ['bench press', 'flat bench', 'bb bench', 'bench', 'flat barbell press'],
      rig: { benchDeg: 0 },
      when: { benchDeg: [-7, 7] },
    },
    {
      id: 'seated-barbell-press',
      name: 'Seated barbell press',
      aliases: ['seated shoulder press barbell', 'seated military press', 'seated overhead press'],
      rig: { benchDeg: 85, gripBiacromial: 1.3, tuckDeg: 60 },
      when: { benchDeg: [70, 90] },
    },
    {
      id: 'incline-barbell-press',
      name: 'Incline barbell press',
      aliases: ['incline bench press', 'incline bb press', 'incline bench', 'incline press barbell'],
      rig: { benchDeg: 30, gripBiacromial: 1.4, tuckDeg: 45 },
    },
  ],
  credits: {
    knob: 'benchDeg',
    anchors: pressCreditsByBench,
    adjust: [
      barGripCredits,
      floorPressCredits,
      {
        knob: 'forearm',
        is: 'supinated',
        add: { pecUpper: 0.5, pecMiddle: -0.25, pecLower: -0.75, deltFront: 0.25 },
      },
    ],
  },
  homeReps: [4, 12],
  load: {
    kind: 'external',
    perHand: false,
    from: {
      knob: 'benchDeg',
      anchors: [
        { at: -15, lift: 'bench', ratio: 1.03, spread: 0.06 },
        { at: 0, lift: 'bench', ratio: 1, spread: 0.02 },
        { at: 15, lift: 'bench', ratio: 0.92, spread: 0.05 },
        { at: 30, lift: 'bench', ratio: 0.82, spread: 0.06 },
        { at: 45, lift: 'bench', ratio: 0.75, spread: 0.06 },
        { at: 60, lift: 'bench', ratio: 0.66, spread: 0.06 },
        { at: 85, lift: 'overhead', ratio: 1.03, spread: 0.05 },
      ],
    },
    factors: [
      {
        knob: 'gripBiacromial',
        anchors: [
          { at: 0.95, value: 0.9 },
          { at: 1.5, value: 1 },
          { at: 1.75, value: 0.97 },
        ],
      },
      { knob: 'forearm', is: 'supinated', factor: 0.8 },
      { knob: 'stance', is: 'floor', factor: 0.95 },
      { knob: 'range', is: 'pins', factor: 0.9 },
    ],
  },
  hardWhere: 'start',
  compound: true,
  barOverBody: true,
  cues: barPressCues,
  faultIds: ['rolledShoulders', 'flaredElbows', 'openThumb', 'slammedElbows', 'wideIncline'],
  cautions: [shoulderCaution, pecCaution, unstableCaution],
  chooseWhen: 'The most load on the chest in one lift, and someone stands by or the rack has arms.',
};

export const guidedBarPress: Movement = {
  id: 'guided-bar-press',
  family: 'press',
  implement: 'guided bar',
  pattern: 'press',
  station: 'guided bar',
  knobs: {
    benchDeg: knob(-20, 90, 1, 0),
    gripBiacromial: knob(0.8, 2.3, 0.05, 1.5),
    tuckDeg: knob(20, 90, 5, 60),
  },
  variants: [
    {
      id: 'guided-bar-overhead-press',
      name: 'Guided-bar overhead press',
      aliases: ['smith shoulder press', 'smith overhead press'],
      rig: { benchDeg: 75 },
      when: { benchDeg: [70, 90] },
    },
    {
      id: 'guided-bar-bench-press',
      name: 'Guided-bar bench press',
      aliases: ['smith bench', 'smith machine bench press', 'smith press'],
      rig: { benchDeg: 0 },
      when: { benchDeg: [-90, 7] },
    },
    {
      id: 'guided-bar-incline-press',
      name: 'Guided-bar incline press',
      aliases: ['smith incline press', 'incline smith'],
      rig: { benchDeg: 30, tuckDeg: 50 },
    },
  ],
  credits: { knob: 'benchDeg', anchors: pressCreditsByBench, adjust: [barGripCredits] },
  homeReps: [6, 15],
  load: {
    kind: 'external',
    perHand: false,
    from: {
      knob: 'benchDeg',
      anchors: [
        { at: 0, lift: 'bench', ratio: 1, spread: 0.1 },
        { at: 30, lift: 'bench', ratio: 0.8, spread: 0.1 },
        { at: 60, lift: 'bench', ratio: 0.67, spread: 0.1 },
        { at: 75, lift: 'overhead', ratio: 1.05, spread: 0.08 },
      ],
    },
  },
  hardWhere: 'start',
  compound: true,
  cues: [
    'Set the bench so the bar meets the same spot on the chest',
    'Set the stops a hand above the chest',
    'Drive through the whole range, finish softly',
  ],
  faultIds: ['rolledShoulders', 'flaredElbows', 'slammedElbows'],
  cautions: [shoulderCaution, pecCaution],
  chooseWhen: 'You want to go near failure alone: the hooks catch the bar.',
};
