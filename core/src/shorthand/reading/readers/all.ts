import type { Reader } from '../reading';
import { benchAngle } from './bench';
import { notToFailure, toFailure } from './failure';
import { columns, eachItsOwn, repsSetBySet } from './lists';
import { bareEffort, bareLoad, load, loadAfterTimes } from './load';
import { otherWays } from './other-ways';
import { pause, squeezeBetween } from './pause';
import { percent } from './percent';
import { fromFirstToLast, reserve, reserveOfLast } from './reserve';
import { rest } from './rest';
import { labelled, repsAlone, setsAndReps } from './sets';
import { bareLoads, loadRepsSets, loadsAndReps, repsThenLoads, threeFigures } from './set-loads';
import { eachSide, gripAndTuck, rangeOfMotion } from './setting';
import { drops, restPauses } from './stages';
import { burnOuts, holds, mechanicalDrops } from './technique';
import { slowLowering, tempo } from './tempo';
import { topAndBackOffs } from './top-set';

/** Everything a line can say besides its movement. Each takes what it knows; which of them count is chosen after. */
export const readers: readonly Reader[] = [
  setsAndReps,
  repsAlone,
  labelled,
  repsSetBySet,
  columns,
  eachItsOwn,
  topAndBackOffs,
  drops,
  restPauses,
  burnOuts,
  holds,
  mechanicalDrops,
  otherWays,
  toFailure,
  notToFailure,
  reserve,
  fromFirstToLast,
  reserveOfLast,
  load,
  loadAfterTimes,
  bareLoad,
  bareLoads,
  threeFigures,
  bareEffort,
  loadsAndReps,
  loadRepsSets,
  repsThenLoads,
  percent,
  rest,
  tempo,
  slowLowering,
  pause,
  squeezeBetween,
  benchAngle,
  gripAndTuck,
  rangeOfMotion,
  eachSide,
];
