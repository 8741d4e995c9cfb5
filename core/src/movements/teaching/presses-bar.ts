import type { Teaching } from '..';
import { benchCues, braced } from './phrases';

export const movements: Record<string, Teaching> = {
  'barbell-press': {
    cues: benchCues,
    faultIds: ['rolledShoulders', 'flaredElbows', 'openThumb', 'slammedElbows'],
    chooseWhen: 'The most load on the chest in one lift, and someone stands by or the rack has arms.',
  },
};

export const variants: Record<string, Partial<Teaching>> = {
  'barbell-floor-press': {
    cues: {
      setUp: 'Low hooks, someone to hand the bar; legs straight is harder than knees bent',
      path: ['Elbows touch, settle, and only then press'],
      finish: 'Finish softly, still tight',
      breathing: braced,
    },
    faultIds: ['bouncedElbows', 'flaredElbows', 'openThumb'],
    chooseWhen: 'The stretch has to be kept short, or the middle of the press is weak.',
    disputed:
      'Used for the middle, where it starts, and by some for the start off the chest: it begins from a dead stop and without the legs, but not at the depth where that fails.',
  },
  'feet-up-bench-press': {
    cues: { ...benchCues, setUp: 'Feet off the floor, low back at rest, blades pinned' },
    chooseWhen: 'The arms should do it alone, or the lower back dislikes an arch.',
  },
  'reverse-grip-bench-press': {
    cues: {
      setUp: 'Someone hands the bar over; thumbs round it, wrists straight',
      path: ['Touch low on the ribs, elbows in', 'Press up and back to over the shoulders'],
      finish: 'Slow at the top, it wants to drift',
      breathing: braced,
    },
    chooseWhen: 'Upper-chest work without an incline, someone standing by.',
  },
  'close-grip-bench-press': {
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
  'wide-grip-bench-press': {
    chooseWhen: 'The chest should carry more of the flat press and the shoulders are sound.',
  },
  'decline-barbell-press': {
    cues: {
      ...benchCues,
      setUp: 'A small decline, feet locked, someone at the head',
      path: ['Lower to just under the nipple line', 'Press straight up, not toward the face'],
    },
    faultIds: ['declineDrift', 'openThumb', 'rolledShoulders'],
    chooseWhen: 'The lower fibres want a bar; a leaning dip or a high cable does the same job.',
    disputed: 'Large declines are called fine or pointless; below −20° the review speaks up.',
  },
  'barbell-bench-press': {
    disputed:
      'Grip: some stay in the middle, some go out to the rings to give the chest more. Between 1.5 and 1.9 shoulder breadths is kept without a word; two and more is a finding. Back: arched high for a shorter way and set shoulders, or nearly flat for a longer one; hips stay down either way. Breath: held through the effort for few heavy reps, let out on the way up for the rest and for whoever should not hold it.',
  },
  'seated-barbell-press': {
    cues: {
      setUp: 'Back on the pad, ribs down, bar racked at chin height',
      path: ['In front of the head, forearms upright'],
      finish: 'Over the crown, arms nearly straight',
      breathing: braced,
    },
    faultIds: ['leanBack', 'openThumb'],
    chooseWhen: 'Overhead load with the trunk supported.',
    disputed: 'Standing lets the blades move, seated tires less: both are offered; a complaining back sits.',
  },
  'incline-barbell-press': {
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
};
