import type { Rule } from './model';
import { aimHomes } from './rules/aim-homes';
import { angleNotOnBench } from './rules/angle-not-on-bench';
import { askFirst } from './rules/ask-first';
import { barAlone } from './rules/bar-alone';
import { beginnerFailure } from './rules/beginner-failure';
import { beginnerTechniques } from './rules/beginner-techniques';
import { beyondReach } from './rules/beyond-reach';
import { clientLimits } from './rules/client-limits';
import { coldFirstLift } from './rules/cold-first-lift';
import { competitorPause } from './rules/competitor-pause';
import { cuffBeforePress } from './rules/cuff-before-press';
import { deepFly } from './rules/deep-fly';
import { dumbbellsLowReps } from './rules/dumbbells-low-reps';
import { emphasisLate } from './rules/emphasis-late';
import { failureBeforeHeavy } from './rules/failure-before-heavy';
import { failureFirstCompound } from './rules/failure-first-compound';
import { failureNotLast } from './rules/failure-not-last';
import { farPair } from './rules/far-pair';
import { flareOnIncline } from './rules/flare-on-incline';
import { flyAtPressAngle } from './rules/fly-at-press-angle';
import { forcedReps } from './rules/forced-reps';
import { headBelowFloor } from './rules/head-below-floor';
import { healthScreenToAsk } from './rules/health-screen';
import { helperFailureInPair } from './rules/helper-failure-in-pair';
import { isolationBeforeCompound } from './rules/isolation-before-compound';
import { kitAtOnce } from './rules/kit-at-once';
import { lightBeforeHeavy } from './rules/light-before-heavy';
import { loadJump } from './rules/load-jump';
import { loadNotMakeable } from './rules/load-not-makeable';
import { loadWasAnother } from './rules/load-was-another';
import { lockoutOverMax } from './rules/lockout-over-max';
import { longRests } from './rules/long-rests';
import { missingAdduction } from './rules/missing-adduction';
import { missingLongHead } from './rules/missing-long-head';
import { missingRearOrRotation } from './rules/missing-rear-or-rotation';
import { missingSideDelt } from './rules/missing-side-delt';
import { missingStretch } from './rules/missing-stretch';
import { missingUpperChest } from './rules/missing-upper-chest';
import { muscleFailure } from './rules/muscle-failure';
import { notInThisGym } from './rules/not-in-this-gym';
import { oneRepRange } from './rules/one-rep-range';
import { oneTricepsAngle } from './rules/one-triceps-angle';
import { optionalFrontDelt } from './rules/optional-front-delt';
import { overMax } from './rules/over-max';
import { overTime } from './rules/over-time';
import { rackRunsOut } from './rules/rack-runs-out';
import { raiseForLowerChest } from './rules/raise-for-lower-chest';
import { redundantMovements } from './rules/redundant-movements';
import { repsOffHome } from './rules/reps-off-home';
import { repsOutsideGrowth } from './rules/reps-outside-growth';
import { restAtTheTop } from './rules/rest-at-the-top';
import { reverseGripAlone } from './rules/reverse-grip-alone';
import { sessionBand } from './rules/session-band';
import { shortOfRange } from './rules/short-of-range';
import { shortRack } from './rules/short-rack';
import { shortRests } from './rules/short-rests';
import { staticStretchFirst } from './rules/static-stretch-first';
import { steepDecline } from './rules/steep-decline';
import { steepIncline } from './rules/steep-incline';
import { techniquesEverywhere } from './rules/techniques-everywhere';
import { tooManyMovements } from './rules/too-many-movements';
import { tricepsBeforePress } from './rules/triceps-before-press';
import { uncountedSets } from './rules/uncounted-sets';
import { uselessRotation } from './rules/useless-rotation';
import { veryWideGrip } from './rules/very-wide-grip';
import { weakPointShort } from './rules/weak-point-short';
import { wideAndFlared } from './rules/wide-and-flared';

/** Every rule of the review, in the order findings of one severity are told. */
export const rules: readonly Rule[] = [
  askFirst,
  barAlone,
  reverseGripAlone,
  wideAndFlared,
  overMax,
  forcedReps,
  notInThisGym,
  clientLimits,
  beginnerFailure,
  beginnerTechniques,
  tooManyMovements,
  overTime,
  loadJump,
  coldFirstLift,
  raiseForLowerChest,
  weakPointShort,
  tricepsBeforePress,
  isolationBeforeCompound,
  lightBeforeHeavy,
  cuffBeforePress,
  failureFirstCompound,
  failureBeforeHeavy,
  muscleFailure,
  helperFailureInPair,
  techniquesEverywhere,
  steepIncline,
  steepDecline,
  flareOnIncline,
  veryWideGrip,
  redundantMovements,
  missingUpperChest,
  missingLongHead,
  missingSideDelt,
  headBelowFloor,
  sessionBand,
  dumbbellsLowReps,
  repsOutsideGrowth,
  beyondReach,
  repsOffHome,
  angleNotOnBench,
  loadNotMakeable,
  loadWasAnother,
  shortOfRange,
  uncountedSets,
  lockoutOverMax,
  shortRack,
  shortRests,
  longRests,
  kitAtOnce,
  farPair,
  staticStretchFirst,
  uselessRotation,
  deepFly,
  restAtTheTop,
  rackRunsOut,
  emphasisLate,
  failureNotLast,
  missingAdduction,
  flyAtPressAngle,
  missingStretch,
  oneTricepsAngle,
  oneRepRange,
  aimHomes,
  competitorPause,
  optionalFrontDelt,
  missingRearOrRotation,
  healthScreenToAsk,
];

const titles = new Map(rules.map((rule) => [rule.id, rule.title]));

/** What a rule is called; its id where there is none any more. */
export const ruleTitle = (id: string): string => titles.get(id) ?? id;
