import type { Movement } from '../model';
import {
  barGripCredits,
  braced,
  choice,
  floorPressCredits,
  knob,
  pressCreditsByBench,
  tuckedCredits,
} from './shared';

import { benchCues as cues, flat, loadedOtherwise, takenOtherwise } from './presses-bar-special';

export const barbellPress: Movement = {
  id: 'barbell-press',
  family: 'press',
  implement: 'barbell',
  pattern: 'press',
  station: 'rack',
  knobs: {
    benchDeg: knob(-30, 90, 1, 0),
    gripBiacromial: knob(0.8, 2.3, 0.05, 1.5),
    tuckDeg: knob(20, 90, 5, 60),
    forearm: choice('pronated', 'supinated'),
    stance: choice('lying', 'floor', 'feet up'),
    range: choice('full', 'paused', 'hover', 'pins', 'mid pins', 'box', 'lengthened half', 'one and a half'),
    added: choice('nothing', 'chains', 'bands', 'hung bells'),
  },
  variants: [
    {
      id: 'barbell-floor-press',
      name: 'Barbell floor press',
      aliases: ['floor press', 'bb floor press'],
      rig: { stance: 'floor', tuckDeg: 50 },
      when: { stance: 'floor' },
      teaching: {
        homeReps: [4, 8],
        hardWhere: 'middle',
        cues: {
          setUp: 'Low hooks, someone to hand the bar; legs straight is harder than knees bent',
          path: ['Elbows touch, settle, and only then press'],
          finish: 'Finish softly, still tight',
          breathing: braced,
        },
        faultIds: ['bouncedElbows', 'flaredElbows', 'openThumb'],
        chooseWhen: 'The stretch has to be kept short, or the middle of the press is weak.',
      },
    },
    ...loadedOtherwise,
    ...takenOtherwise,
    {
      id: 'feet-up-bench-press',
      name: 'Feet-up bench press',
      aliases: ['legs up bench', 'no leg drive bench'],
      rig: { stance: 'feet up' },
      when: { stance: 'feet up', benchDeg: flat },
      teaching: {
        homeReps: [5, 10],
        cues: { ...cues, setUp: 'Feet off the floor, low back at rest, blades pinned' },
        chooseWhen: 'The arms should do it alone, or the lower back dislikes an arch.',
      },
    },
    {
      id: 'reverse-grip-bench-press',
      name: 'Reverse-grip bench press',
      aliases: ['reverse grip bench', 'underhand bench press', 'supinated bench'],
      rig: { forearm: 'supinated', tuckDeg: 35 },
      when: { forearm: 'supinated', benchDeg: flat },
      teaching: {
        homeReps: [6, 12],
        cues: {
          setUp: 'Someone hands the bar over; thumbs round it, wrists straight',
          path: ['Touch low on the ribs, elbows in', 'Press up and back to over the shoulders'],
          finish: 'Slow at the top, it wants to drift',
          breathing: braced,
        },
        chooseWhen: 'Upper-chest work without an incline, someone standing by.',
      },
    },
    {
      id: 'close-grip-bench-press',
      name: 'Close-grip bench press',
      aliases: ['close grip bench', 'cgbp', 'narrow bench press', 'close grip barbell bench press'],
      rig: { gripBiacromial: 0.95, tuckDeg: 35 },
      when: { gripBiacromial: [0, 1.1], benchDeg: flat },
      teaching: {
        homeReps: [5, 10],
        hardWhere: 'shortened',
        cues: {
          setUp: 'Hands inside the shoulders but not touching, wrists straight',
          path: ['Lower to the base of the breastbone, elbows near the ribs'],
          finish: 'Straighten without snapping',
          breathing: braced,
        },
        chooseWhen: 'Triceps should press heavy, or the lockout is weak.',
        disputed:
          'For a weak start off the chest some bring the hands in for the longer path, others take them out for the stretch: both are offered, comfort decides.',
      },
    },
    {
      id: 'wide-grip-bench-press',
      name: 'Wide-grip bench press',
      aliases: ['wide bench', 'wide grip bench'],
      rig: { gripBiacromial: 1.75, tuckDeg: 70 },
      when: { gripBiacromial: [1.7, 3], benchDeg: flat },
      teaching: {
        homeReps: [5, 10],
        chooseWhen: 'The chest should carry more of the flat press and the shoulders are sound.',
      },
    },
    {
      id: 'decline-barbell-press',
      name: 'Decline barbell press',
      aliases: ['decline bench press', 'decline bb press', 'decline barbell bench press', 'decline bench'],
      rig: { benchDeg: -15 },
      when: { benchDeg: [-90, -7] },
      teaching: {
        homeReps: [5, 12],
        hardWhere: 'middle',
        cues: {
          ...cues,
          setUp: 'A small decline, feet locked, someone at the head',
          path: ['Lower to just under the nipple line', 'Press straight up, not toward the face'],
        },
        faultIds: ['declineDrift', 'openThumb', 'rolledShoulders'],
        chooseWhen: 'The lower fibres want a bar; a leaning dip or a high cable does the same job.',
        disputed: 'Large declines are called fine or pointless; below −20° the review speaks up.',
      },
    },
    {
      id: 'barbell-bench-press',
      name: 'Barbell bench press',
      aliases: [
        'bench press',
        'flat bench',
        'bb bench',
        'bench',
        'flat barbell press',
        'flat barbell bench press',
        'flat bench press',
      ],
      rig: { benchDeg: 0 },
      when: { benchDeg: flat },
      teaching: {
        disputed:
          'Grip: some stay in the middle, some go out to the rings to give the chest more. Between 1.5 and 1.9 shoulder breadths is kept without a word; two and more is a finding.',
      },
    },
    {
      id: 'seated-barbell-press',
      name: 'Seated barbell press',
      aliases: ['seated shoulder press barbell', 'seated military press', 'seated overhead press'],
      rig: { benchDeg: 85, gripBiacromial: 1.3, tuckDeg: 60 },
      when: { benchDeg: [70, 90] },
      teaching: {
        homeReps: [5, 12],
        cues: {
          setUp: 'Back on the pad, ribs down, bar racked at chin height',
          path: ['In front of the head, forearms upright'],
          finish: 'Over the crown, arms nearly straight',
          breathing: braced,
        },
        faultIds: ['leanBack', 'openThumb'],
        chooseWhen: 'Overhead load with the trunk supported.',
        disputed:
          'Standing lets the blades move, seated tires less: both are offered; a complaining back sits.',
      },
    },
    {
      id: 'incline-barbell-press',
      name: 'Incline barbell press',
      aliases: [
        'incline bench press',
        'incline bb press',
        'incline bench',
        'incline press barbell',
        'incline barbell bench press',
        'bb incline',
      ],
      rig: { benchDeg: 30, gripBiacromial: 1.4, tuckDeg: 45 },
      teaching: {
        homeReps: [5, 12],
        cues: {
          setUp: 'Hands just outside the shoulders, blades pinned',
          path: ['Lower to the upper chest, upper arms about 45° from the trunk', 'Press straight up'],
          finish: 'Finish softly over the collar bones',
          breathing: braced,
        },
        faultIds: ['flaredElbows', 'wideIncline', 'rolledShoulders', 'openThumb'],
        chooseWhen: 'Upper chest with the most load it can get.',
        disputed:
          'About 30°, 30–45°, 45°, or varied up to 60°: the split is computed; 30° is the default, 60° and more is a finding.',
      },
    },
  ],
  credits: {
    knob: 'benchDeg',
    anchors: pressCreditsByBench,
    adjust: [
      ...barGripCredits,
      tuckedCredits,
      floorPressCredits,
      {
        knob: 'forearm',
        is: 'supinated',
        add: { pecUpper: 0.5, pecMiddle: -0.25, pecLower: -0.75, deltFront: 0.25 },
      },
      // Where only the top is pressed the triceps do more of it. Common practice.
      {
        knob: 'range',
        is: 'mid pins',
        add: { triLateral: 0.25, triMedial: 0.25, pecMiddle: -0.25, pecLower: -0.25 },
      },
      {
        knob: 'range',
        is: 'box',
        add: { triLateral: 0.25, triMedial: 0.25, pecMiddle: -0.1, pecLower: -0.1 },
      },
      { knob: 'added', is: 'chains', add: { triLateral: 0.25, triMedial: 0.25 } },
      { knob: 'added', is: 'bands', add: { triLateral: 0.25, triMedial: 0.25 } },
    ],
    meantFor: {
      tuckDeg: [
        {
          knob: 'benchDeg',
          anchors: [
            { at: 0, value: 60 },
            { at: 30, value: 45 },
            { at: 60, value: 50 },
            { at: 85, value: 60 },
          ],
        },
        {
          knob: 'gripBiacromial',
          anchors: [
            { at: 0.95, value: -25 },
            { at: 1.3, value: 0 },
            { at: 1.5, value: 0 },
            { at: 1.75, value: 10 },
          ],
        },
        { knob: 'forearm', is: 'supinated', value: -25 },
        { knob: 'stance', is: 'floor', value: -10 },
      ],
    },
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
    // Common practice; those of the mid-height pins, the block and the stretched half are own estimates.
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
      { knob: 'stance', is: 'floor', factor: 0.93 },
      { knob: 'stance', is: 'feet up', factor: 0.94 },
      { knob: 'range', is: 'paused', factor: 0.96 },
      { knob: 'range', is: 'hover', factor: 0.9 },
      { knob: 'range', is: 'pins', factor: 0.9 },
      { knob: 'range', is: 'mid pins', factor: 1.05 },
      { knob: 'range', is: 'box', factor: 1.02 },
      { knob: 'range', is: 'lengthened half', factor: 0.9 },
      { knob: 'range', is: 'one and a half', factor: 0.8 },
      { knob: 'added', is: 'chains', factor: 0.85 },
      { knob: 'added', is: 'bands', factor: 0.8 },
      { knob: 'added', is: 'hung bells', factor: 0.5 },
    ],
  },
  hardWhere: 'start',
  compound: true,
  barOverBody: true,
  cues,
  faultIds: ['rolledShoulders', 'flaredElbows', 'openThumb', 'slammedElbows'],
  chooseWhen: 'The most load on the chest in one lift, and someone stands by or the rack has arms.',
};
