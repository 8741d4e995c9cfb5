import type { Rule } from './model';
import { angleNotOnBench } from './rules/angle-not-on-bench';
import { askFirst } from './rules/ask-first';
import { barAlone } from './rules/bar-alone';
import { beginnerFailure } from './rules/beginner-failure';
import { beginnerTechniques } from './rules/beginner-techniques';
import { clientLimits } from './rules/client-limits';
import { deepFly } from './rules/deep-fly';
import { dumbbellsLowReps } from './rules/dumbbells-low-reps';
import { farPair } from './rules/far-pair';
import { failureFirstCompound } from './rules/failure-first-compound';
import { flareOnIncline } from './rules/flare-on-incline';
import { kitAtOnce } from './rules/kit-at-once';
import { loadNotMakeable } from './rules/load-not-makeable';
import { lockoutOverMax } from './rules/lockout-over-max';
import { missingLongHead } from './rules/missing-long-head';
import { missingRearOrRotation } from './rules/missing-rear-or-rotation';
import { missingSideDelt } from './rules/missing-side-delt';
import { notInThisGym } from './rules/not-in-this-gym';
import { optionalFrontDelt } from './rules/optional-front-delt';
import { overTime } from './rules/over-time';
import { rackRunsOut } from './rules/rack-runs-out';
import { redundantMovements } from './rules/redundant-movements';
import { repsOffHome } from './rules/reps-off-home';
import { restAtTheTop } from './rules/rest-at-the-top';
import { reverseGripAlone } from './rules/reverse-grip-alone';
import { sessionBand } from './rules/session-band';
import { shortRack } from './rules/short-rack';
import { shortOfRange } from './rules/short-of-range';
import { staticStretchFirst } from './rules/static-stretch-first';
import { steepDecline } from './rules/steep-decline';
import { steepIncline } from './rules/steep-incline';
import { tricepsBeforePress } from './rules/triceps-before-press';
import { uncountedSets } from './rules/uncounted-sets';
import { uselessRotation } from './rules/useless-rotation';
import { veryWideGrip } from './rules/very-wide-grip';

/** Every rule of the review, in the order findings of one severity are told. */
export const rules: readonly Rule[] = [
  askFirst,
  barAlone,
  reverseGripAlone,
  notInThisGym,
  clientLimits,
  beginnerFailure,
  beginnerTechniques,
  overTime,
  tricepsBeforePress,
  failureFirstCompound,
  steepIncline,
  steepDecline,
  flareOnIncline,
  veryWideGrip,
  redundantMovements,
  missingLongHead,
  missingSideDelt,
  sessionBand,
  dumbbellsLowReps,
  repsOffHome,
  angleNotOnBench,
  loadNotMakeable,
  shortOfRange,
  uncountedSets,
  lockoutOverMax,
  shortRack,
  kitAtOnce,
  farPair,
  staticStretchFirst,
  uselessRotation,
  deepFly,
  restAtTheTop,
  rackRunsOut,
  optionalFrontDelt,
  missingRearOrRotation,
];
