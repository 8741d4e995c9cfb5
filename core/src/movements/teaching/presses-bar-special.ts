import type { Teaching } from '..';
import { benchCues, outOnEffort } from './phrases';

export const variants: Record<string, Partial<Teaching>> = {
  'bench-press-with-chains': {
    cues: {
      ...benchCues,
      setUp: 'Chains hung so that some links still lie on the floor at the top',
      finish: 'Drive faster the higher it gets: it grows heavier to the end',
    },
    chooseWhen: 'The lockout is weak, or the bar slows down long before the chest lets go.',
  },
  'bench-press-with-bands': {
    cues: {
      ...benchCues,
      setUp: 'Bands anchored under the bench, the same pull on both sides',
      finish: 'Drive to the end and keep hold of it on the way down',
    },
    chooseWhen: 'Lockout strength is wanted and the bar should be pulled down as well as lowered.',
  },
  'swinging-load-bench-press': {
    cues: {
      setUp: 'Bells hung from bands at both ends, half the usual load or less',
      path: ['Slow enough that the bells stay quiet'],
      finish: 'Stop the swing before the next rep',
      breathing: outOnEffort,
    },
    faultIds: ['rolledShoulders', 'openThumb', 'swungRaise'],
    chooseWhen: 'Control of the bar is the aim, not load.',
  },
  'paused-bench-press': {
    cues: {
      ...benchCues,
      path: ['One to three seconds still on the chest, nothing lets go', benchCues.path[1]!],
    },
    chooseWhen: 'Off the chest is weak, or a meet asks for the pause.',
    disputed:
      'Touch and go, a pause for growth or a pause for the rules: the tempo field is free, and those who compete get the pause.',
  },
  'hover-pause-bench-press': {
    cues: {
      ...benchCues,
      path: [
        'Stop a few centimetres above the chest for two or three seconds, all tight',
        benchCues.path[1]!,
      ],
    },
    chooseWhen: 'Tightness is lost near the chest, or the shoulder dislikes the last of the stretch.',
    disputed:
      'For a weak start some hover with the hands further out, for more stretch; others keep the grip of the contest, so that what is trained is what is tested. Both are offered.',
  },
  'pin-press': {
    cues: {
      ...benchCues,
      setUp: 'Pins so that the bar rests just clear of the chest',
      path: ['Set the blades again before every rep', 'Start dead, no bounce off the pins'],
    },
    chooseWhen: 'The start off the chest should work without the stretch helping.',
  },
  'mid-pin-press': {
    cues: {
      ...benchCues,
      setUp: 'Pins at the height where the bar usually slows',
      path: ['Start dead from the pins, elbows under the bar'],
    },
    chooseWhen: 'The bar stops half-way or later.',
  },
  'block-press': {
    cues: {
      ...benchCues,
      setUp: 'A block on the chest, held by someone or strapped',
      path: ['Let the bar settle on the block, stay tight, press'],
    },
    chooseWhen: 'The stretch is to be spared, or the upper half overloaded.',
  },
  'one-and-a-half-bench-press': {
    cues: {
      ...benchCues,
      path: ['Down, half-way up, down again, then all the way: that is one'],
    },
    chooseWhen: 'More time at the bottom is wanted from the same bar.',
  },
  'lengthened-half-bench-press': {
    cues: { ...benchCues, path: ['From the chest to half-way and back, no further'] },
    chooseWhen: 'The stretch is the point, and a rack with arms stands ready.',
  },
};
