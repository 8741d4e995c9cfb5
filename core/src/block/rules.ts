import type { BlockRule } from './model';
import { sameDayTwice, sameImplement, samePlane, sameRanges, sameTriceps } from './rules/complement';
import { noRotation, pullingAgainst, weekLacks, worthSpread } from './rules/coverage';
import { changedTogether, dayStops, kitEnds, noLightWeek, sessionMissing } from './rules/over-weeks';
import { setsJump } from './rules/sets-jump';
import { helpersTired, tooClose } from './rules/spacing';
import { weekMinutes } from './rules/week-minutes';
import { weekOverBand, weekUnderBand } from './rules/week-bands';

/** Every rule of the week and of the block. A new rule is a function like these and a line here. */
export const blockRules: readonly BlockRule[] = [
  dayStops,
  tooClose,
  helpersTired,
  weekOverBand,
  setsJump,
  weekUnderBand,
  weekMinutes,
  weekLacks,
  sameDayTwice,
  samePlane,
  sameImplement,
  sameTriceps,
  sameRanges,
  pullingAgainst,
  noRotation,
  worthSpread,
  noLightWeek,
  changedTogether,
  kitEnds,
  sessionMissing,
];
