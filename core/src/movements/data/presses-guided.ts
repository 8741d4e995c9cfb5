import type { Movement } from '../model';
import { barGripCredits, tuckedCredits, choice, knob, pressCreditsByBench } from './shared';

export const guidedBarPress: Movement = {
  id: 'guided-bar-press',
  family: 'press',
  implement: 'guided bar',
  pattern: 'press',
  station: 'guided bar',
  knobs: {
    benchDeg: knob(-30, 90, 1, 0),
    gripBiacromial: knob(0.8, 2.3, 0.05, 1.5),
    tuckDeg: knob(20, 90, 5, 60),
    range: choice('full', 'lengthened half', 'one and a half'),
  },
  variants: [
    {
      id: 'guided-bar-overhead-press',
      name: 'Guided-bar overhead press',
      aliases: ['smith shoulder press', 'smith overhead press', 'smith machine shoulder press'],
      rig: { benchDeg: 75, tuckDeg: 55 },
      when: { benchDeg: [70, 90] },
      home: { homeReps: [8, 20] },
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
      aliases: [
        'smith incline press',
        'incline smith',
        'smith machine incline press',
        'smith machine incline bench press',
        'incline smith machine press',
      ],
      rig: { benchDeg: 30, tuckDeg: 45 },
    },
  ],
  credits: {
    knob: 'benchDeg',
    anchors: pressCreditsByBench,
    adjust: [...barGripCredits, tuckedCredits],
    meantFor: {
      tuckDeg: [
        {
          knob: 'benchDeg',
          anchors: [
            { at: 0, value: 60 },
            { at: 30, value: 45 },
            { at: 75, value: 55 },
          ],
        },
      ],
    },
  },
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
    factors: [
      { knob: 'range', is: 'lengthened half', factor: 0.9 },
      { knob: 'range', is: 'one and a half', factor: 0.8 },
    ],
  },
  hardWhere: 'start',
  compound: true,
};
