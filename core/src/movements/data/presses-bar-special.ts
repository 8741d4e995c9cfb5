import type { Cues, Variant } from '../model';
import { braced, outOnEffort } from './shared';

/** What is said of every bench press with a bar. */
export const benchCues: Cues = {
  setUp: 'Blades back and down before the bar leaves the rack',
  path: [
    'Lower to the same spot every rep, elbows under the bar',
    'Press up and slightly back toward the shoulders',
  ],
  finish: 'Finish softly, still tight',
  breathing: braced,
};
/** Bench angles that are called flat, degrees. */
export const flat: [number, number] = [-7, 7];

/** The bench press with something hung from the bar. */
export const loadedOtherwise: Variant[] = [
  {
    id: 'bench-press-with-chains',
    name: 'Bench press with chains',
    aliases: ['chain bench', 'chains bench press', 'bench with chains'],
    rig: { added: 'chains' },
    when: { added: 'chains' },
    teaching: {
      homeReps: [3, 8],
      hardWhere: 'shortened',
      cues: {
        ...benchCues,
        setUp: 'Chains hung so that some links still lie on the floor at the top',
        finish: 'Drive faster the higher it gets: it grows heavier to the end',
      },
      chooseWhen: 'The lockout is weak, or the bar slows down long before the chest lets go.',
    },
  },
  {
    id: 'bench-press-with-bands',
    name: 'Bench press with bands',
    aliases: ['band bench', 'banded bench press'],
    rig: { added: 'bands' },
    when: { added: 'bands' },
    teaching: {
      homeReps: [3, 8],
      hardWhere: 'shortened',
      cues: {
        ...benchCues,
        setUp: 'Bands anchored under the bench, the same pull on both sides',
        finish: 'Drive to the end and keep hold of it on the way down',
      },
      chooseWhen: 'Lockout strength is wanted and the bar should be pulled down as well as lowered.',
    },
  },
  {
    id: 'swinging-load-bench-press',
    name: 'Swinging-load bench press',
    aliases: ['kettlebell bench press', 'hanging kettlebell bench'],
    rig: { added: 'hung bells' },
    when: { added: 'hung bells' },
    teaching: {
      homeReps: [8, 15],
      hardWhere: 'throughout',
      cues: {
        setUp: 'Bells hung from bands at both ends, half the usual load or less',
        path: ['Slow enough that the bells stay quiet'],
        finish: 'Stop the swing before the next rep',
        breathing: outOnEffort,
      },
      faultIds: ['rolledShoulders', 'openThumb', 'swungRaise'],
      chooseWhen: 'Control of the bar is the aim, not load.',
    },
  },
];

/** The bench press with its range cut, held or taken twice. */
export const takenOtherwise: Variant[] = [
  {
    id: 'paused-bench-press',
    name: 'Paused bench press',
    aliases: ['pause bench', 'competition bench', 'paused bench'],
    rig: { range: 'paused' },
    when: { range: 'paused', benchDeg: flat },
    teaching: {
      homeReps: [3, 8],
      cues: {
        ...benchCues,
        path: ['One to three seconds still on the chest, nothing lets go', benchCues.path[1]!],
      },
      chooseWhen: 'Off the chest is weak, or a meet asks for the pause.',
      disputed:
        'Touch and go, a pause for growth or a pause for the rules: the tempo field is free, and those who compete get the pause.',
    },
  },
  {
    id: 'hover-pause-bench-press',
    name: 'Hover-pause bench press',
    aliases: ['hover bench', 'hover press'],
    rig: { range: 'hover' },
    when: { range: 'hover', benchDeg: flat },
    teaching: {
      homeReps: [3, 8],
      cues: {
        ...benchCues,
        path: [
          'Stop a few centimetres above the chest for two or three seconds, all tight',
          benchCues.path[1]!,
        ],
      },
      chooseWhen: 'Tightness is lost near the chest, or the shoulder dislikes the last of the stretch.',
    },
  },
  {
    id: 'pin-press',
    name: 'Pin press from the chest',
    aliases: ['pin press', 'dead bench press', 'pin bench', 'dead press'],
    rig: { range: 'pins' },
    when: { range: 'pins', benchDeg: flat },
    teaching: {
      homeReps: [3, 6],
      cues: {
        ...benchCues,
        setUp: 'Pins so that the bar rests just clear of the chest',
        path: ['Set the blades again before every rep', 'Start dead, no bounce off the pins'],
      },
      chooseWhen: 'The start off the chest should work without the stretch helping.',
    },
  },
  {
    id: 'mid-pin-press',
    name: 'Pin press, mid height',
    aliases: ['half pin press', 'high pin press', 'lockout press', 'rack press'],
    rig: { range: 'mid pins' },
    when: { range: 'mid pins', benchDeg: flat },
    teaching: {
      homeReps: [3, 6],
      hardWhere: 'middle',
      cues: {
        ...benchCues,
        setUp: 'Pins at the height where the bar usually slows',
        path: ['Start dead from the pins, elbows under the bar'],
      },
      chooseWhen: 'The bar stops half-way or later.',
    },
  },
  {
    id: 'block-press',
    name: 'Block bench press',
    aliases: ['board press', 'box press', 'board bench'],
    rig: { range: 'box' },
    when: { range: 'box', benchDeg: flat },
    teaching: {
      homeReps: [3, 8],
      hardWhere: 'middle',
      cues: {
        ...benchCues,
        setUp: 'A block on the chest, held by someone or strapped',
        path: ['Let the bar settle on the block, stay tight, press'],
      },
      chooseWhen: 'The stretch is to be spared, or the upper half overloaded.',
    },
  },
  {
    id: 'one-and-a-half-bench-press',
    name: 'One-and-a-half bench press',
    aliases: ['1.5 rep bench', 'one and a half rep bench', '1 1/2 bench press'],
    rig: { range: 'one and a half' },
    when: { range: 'one and a half', benchDeg: flat },
    teaching: {
      homeReps: [5, 8],
      cues: {
        ...benchCues,
        path: ['Down, half-way up, down again, then all the way: that is one'],
      },
      chooseWhen: 'More time at the bottom is wanted from the same bar.',
    },
  },
  {
    id: 'lengthened-half-bench-press',
    name: 'Bench press, stretched half',
    aliases: ['lengthened partial bench', 'bottom half bench', 'bench partials'],
    rig: { range: 'lengthened half' },
    when: { range: 'lengthened half', benchDeg: flat },
    teaching: {
      homeReps: [6, 12],
      cues: { ...benchCues, path: ['From the chest to half-way and back, no further'] },
      chooseWhen: 'The stretch is the point, and a rack with arms stands ready.',
    },
  },
];
