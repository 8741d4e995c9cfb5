import type { Cues, Movement, Variant } from '../model';
import {
  choice,
  floorPressCredits,
  knob,
  onChestPress,
  onOverheadPress,
  outOnEffort,
  pressCreditsByBench,
  throughTheHold,
} from './shared';

const cues: Cues = {
  setUp: 'Kick the bells up from the thighs; set them down the same way',
  path: [
    'Lower until the chest is stretched, forearms upright',
    'Press up in a shallow arc, bells close without touching',
  ],
  finish: 'Chest tall at the top, a soft end',
  breathing: outOnEffort,
};
const flat: [number, number] = [-7, 7];

/** The press by what the hands do on the way. */
const handWays: Variant[] = [
  {
    id: 'squeeze-press',
    name: 'Squeeze press',
    aliases: ['hex press', 'crush press', 'dumbbell squeeze press'],
    rig: { hands: 'together', tuckDeg: 35 },
    when: { hands: 'together' },
    teaching: {
      homeReps: [8, 15],
      hardWhere: 'middle',
      cues: {
        setUp: 'Flat-sided bells pressed against each other over the chest',
        path: ['Push them together as hard as up, all the way', 'Down to the breastbone, up over the chest'],
        finish: 'Squeeze at the top for a count',
        breathing: throughTheHold,
      },
      faultIds: ['rolledShoulders', 'releasedSqueeze'],
      chooseWhen: 'Bells are light and the chest should be busy right to the top.',
      disputed:
        'Said to be upper chest when pushed over the face, middle when straight up: bench angle and path decide, and the split is computed.',
    },
  },
  {
    id: 'wide-to-close-dumbbell-press',
    name: 'Wide-to-close dumbbell press',
    aliases: ['wide down close up press', 'around press dumbbell'],
    rig: { hands: 'wide to close', tuckDeg: 65 },
    when: { hands: 'wide to close' },
    teaching: {
      homeReps: [8, 12],
      cues: {
        setUp: 'Lighter bells than a plain press',
        path: ['Wide on the way down', 'Close and tucked on the way up'],
        finish: 'Bells near each other, arms nearly straight',
        breathing: outOnEffort,
      },
      chooseWhen: 'Stretch on the way down and triceps on the way up, from one pair of bells.',
    },
  },
  {
    id: 'narrow-tucked-dumbbell-press',
    name: 'Narrow tucked dumbbell press',
    aliases: ['tucked dumbbell press', 'close grip dumbbell press', 'narrow db press'],
    rig: { hands: 'along the ribs', forearm: 'neutral', tuckDeg: 20 },
    when: { hands: 'along the ribs' },
    teaching: {
      homeReps: [8, 15],
      hardWhere: 'middle',
      cues: {
        setUp: 'Palms facing, bells clear of the chest',
        path: ['Elbows brush the ribs down and up'],
        finish: 'Straighten softly',
        breathing: outOnEffort,
      },
      chooseWhen: 'Triceps should press without a bar, shoulders at ease.',
    },
  },
];

export const dumbbellPress: Movement = {
  id: 'dumbbell-press',
  family: 'press',
  implement: 'dumbbells',
  pattern: 'press',
  station: 'dumbbells',
  knobs: {
    benchDeg: knob(-30, 90, 1, 0),
    tuckDeg: knob(15, 90, 5, 55),
    forearm: choice('pronated', 'neutral', 'supinated', 'rotating'),
    stance: choice('lying', 'floor'),
    hands: choice('free', 'together', 'wide to close', 'along the ribs'),
    range: choice('full', 'lengthened half', 'one and a half'),
  },
  variants: [
    {
      id: 'dumbbell-floor-press',
      name: 'Dumbbell floor press',
      aliases: ['db floor press'],
      rig: { stance: 'floor', tuckDeg: 45 },
      when: { stance: 'floor' },
      teaching: {
        hardWhere: 'middle',
        cues: {
          setUp: 'Knees bent, bells handed or rolled up onto the chest',
          path: ['Upper arms down until they rest on the floor, a breath, press'],
          finish: 'Soft end, bells over the shoulders',
          breathing: outOnEffort,
        },
        faultIds: ['bouncedElbows', 'tappedBells', 'flaredElbows'],
        chooseWhen: 'An irritated shoulder: the floor ends the stretch before it hurts.',
      },
    },
    ...handWays,
    {
      id: 'neutral-grip-dumbbell-press',
      name: 'Neutral-grip dumbbell press',
      aliases: ['neutral db press', 'hammer press', 'palms in press'],
      rig: { forearm: 'neutral', tuckDeg: 35 },
      when: { forearm: 'neutral', benchDeg: flat },
      teaching: {
        cues: { ...cues, setUp: 'Palms facing each other, wrists over the elbows' },
        chooseWhen: 'The shoulder is cranky under palms-forward presses.',
      },
    },
    {
      id: 'underhand-dumbbell-press',
      name: 'Underhand dumbbell press',
      aliases: ['reverse grip dumbbell press', 'supinated db press'],
      rig: { forearm: 'supinated', tuckDeg: 30 },
      when: { forearm: 'supinated', benchDeg: flat },
      teaching: {
        homeReps: [8, 12],
        cues: {
          setUp: 'Bells up first, then turn the palms toward the face',
          path: ['Low on the ribs, elbows in', 'Up and back until over the shoulders'],
          finish: 'Slow at the top',
          breathing: outOnEffort,
        },
        chooseWhen: 'Upper chest without an incline bench; some feel the front delt less in it.',
      },
    },
    {
      id: 'rotating-dumbbell-press',
      name: 'Rotating dumbbell press',
      aliases: ['twisting dumbbell press'],
      rig: { forearm: 'rotating' },
      when: { forearm: 'rotating', benchDeg: flat },
      teaching: {
        homeReps: [8, 12],
        cues: {
          ...cues,
          path: ['Palms facing at the bottom', 'Turn them forward on the way up'],
        },
        chooseWhen: 'The shoulder likes palms facing at the bottom and the coach likes the turn.',
      },
    },
    {
      id: 'decline-dumbbell-press',
      name: 'Decline dumbbell press',
      aliases: ['decline db press'],
      rig: { benchDeg: -15 },
      when: { benchDeg: [-90, -7] },
      teaching: {
        homeReps: [8, 12],
        cues: {
          ...cues,
          setUp: 'Feet locked, someone hands the bells over',
          path: ['Lower beside the lower chest', 'Straight up, not back over the head'],
        },
        faultIds: ['declineDrift', 'tappedBells', 'rolledShoulders'],
        chooseWhen: 'Lower chest with a free path.',
      },
    },
    {
      id: 'dumbbell-bench-press',
      name: 'Dumbbell bench press',
      aliases: [
        'db bench',
        'flat dumbbell press',
        'db press',
        'dumbbell press',
        'flat db press',
        'flat dumbbell bench press',
        'dumbbell chest press',
        'flat db',
        'flat dumbbells',
      ],
      rig: { benchDeg: 0 },
      when: { benchDeg: flat },
      teaching: {
        disputed:
          'Some bring the bells low and slanting to the front delts, some straight down to above the nipple: drawn from the lower chest with a slight arc back; the tuck is yours to turn.',
      },
    },
    {
      id: 'neutral-overhead-dumbbell-press',
      name: 'Neutral-grip overhead dumbbell press',
      aliases: ['neutral shoulder press'],
      rig: { benchDeg: 75, forearm: 'neutral', tuckDeg: 40 },
      when: { benchDeg: [70, 90], forearm: 'neutral' },
      teaching: {
        homeReps: [8, 12],
        hardWhere: 'start',
        cues: {
          setUp: 'Back on the pad, palms facing, elbows a little forward',
          path: ['Straight up past the ears'],
          finish: 'Nearly straight, ribs down',
          breathing: outOnEffort,
        },
        faultIds: ['leanBack', 'slammedElbows'],
        chooseWhen: 'Overhead work for a shoulder that dislikes elbows out.',
      },
    },
    {
      id: 'seated-dumbbell-press',
      name: 'Seated dumbbell press',
      aliases: [
        'db shoulder press',
        'seated db press',
        'dumbbell shoulder press',
        'seated db overhead press',
        'db overhead press',
        'seated db shoulder press',
        'shoulder press',
      ],
      rig: { benchDeg: 75, tuckDeg: 60 },
      when: { benchDeg: [70, 90] },
      teaching: {
        homeReps: [8, 20],
        hardWhere: 'start',
        cues: {
          setUp: 'Back on the pad, knees kick the bells up one by one, thumbs round',
          path: ['Down to the ears, forearms upright', 'Up and slightly in'],
          finish: 'Nearly straight, no clank',
          breathing: outOnEffort,
        },
        faultIds: ['leanBack', 'tappedBells', 'slammedElbows'],
        chooseWhen: 'Front and side delts with the trunk at rest.',
      },
    },
    {
      id: 'incline-dumbbell-press',
      name: 'Incline dumbbell press',
      aliases: [
        'incline db press',
        'incline db',
        'incline dumbbells',
        'low incline db press',
        'incline dumbbell bench press',
        'incline db bench',
        'incline dumbbell chest press',
      ],
      rig: { benchDeg: 30, tuckDeg: 50 },
      teaching: {
        cues: { ...cues, path: ['Down beside the front delts, forearms upright', cues.path[1]!] },
        chooseWhen: 'Upper chest with range and a path of its own.',
        disputed:
          'About 30°, 30–45°, 45°, or varied up to 60°: the split is computed; 30° is the default, 60° and more is a finding.',
      },
    },
  ],
  credits: {
    knob: 'benchDeg',
    anchors: pressCreditsByBench,
    adjust: [
      floorPressCredits,
      ...onChestPress(
        { knob: 'forearm', is: 'neutral', add: { pecUpper: 0.25, pecMiddle: -0.25, pecLower: -0.25 } },
        { knob: 'forearm', is: 'supinated', add: { pecUpper: 0.5, pecMiddle: -0.25, pecLower: -0.75 } },
      ),
      onOverheadPress({ knob: 'forearm', is: 'neutral', add: { deltSide: -0.25 } }),
      {
        knob: 'hands',
        is: 'together',
        add: { pecUpper: 0.25, pecLower: -0.5, triLateral: 0.25, triMedial: 0.25 },
      },
      { knob: 'hands', is: 'wide to close', add: { pecLower: -0.25, triLateral: 0.25, triMedial: 0.25 } },
      { knob: 'hands', is: 'along the ribs', add: { pecLower: -0.25, triLateral: 0.25, triMedial: 0.25 } },
    ],
    meantFor: {
      tuckDeg: [
        {
          knob: 'benchDeg',
          anchors: [
            { at: 0, value: 55 },
            { at: 30, value: 50 },
            { at: 75, value: 60 },
          ],
        },
        { knob: 'forearm', is: 'neutral', value: -20 },
        { knob: 'forearm', is: 'supinated', value: -25 },
        { knob: 'stance', is: 'floor', value: -10 },
        { knob: 'hands', is: 'together', value: -20 },
        { knob: 'hands', is: 'wide to close', value: 10 },
        { knob: 'hands', is: 'along the ribs', value: -15 },
      ],
    },
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
      { knob: 'hands', is: 'together', factor: 0.72 },
      { knob: 'hands', is: 'wide to close', factor: 0.8 },
      { knob: 'hands', is: 'along the ribs', factor: 0.82 },
      { knob: 'range', is: 'lengthened half', factor: 0.9 },
      { knob: 'range', is: 'one and a half', factor: 0.8 },
    ],
  },
  hardWhere: 'stretched',
  compound: true,
  cues,
  faultIds: ['rolledShoulders', 'flaredElbows', 'tappedBells', 'slammedElbows'],
  chooseWhen:
    'Range and a free path matter more than the last kilogram, or the shoulder complains under a bar.',
};
