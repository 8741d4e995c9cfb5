/**
 * A session measured for a client in a gym: loads, clock, freshness and dose. What every judgement looks at.
 *
 * @example
 * const measured = measure(session, context);
 * measured.timeline.totalS / 60;                  // minutes
 */
export {
  type ClientLift,
  clientGrowth,
  clientLift,
  clientMax,
  clientStanding,
  liftName,
  clientTrend,
  TOO_WIDE,
  type TrendPoint,
} from './client-max';
export { clocksOf, distancesIn } from './clocking';
export { bodyOf, type Context } from './context';
export { countedAs, setsCounted, standingOf } from './counting';
export { lineMovement } from './dress';
export { handingOver } from './handing';
export { dayNumber, knowing, type Knowledge, knowledgeOf, liveSet, movesIn, runOf } from './knowing';
export { layOut } from './lay-out';
export { setUpOf, type SetUp } from './lifts';
export { rangeOf, taskOf } from './loading';
export { HEAVY_REST_S, isHeavyCompound, MAIN_SETS, mainLift } from './main-lift';
export { clientNature, type Surety, type Trait } from './nature';
export type { MaxBasis, MaxEstimate, MaxTerm } from './max-estimate';
export { measure, workingSets } from './measure';
export type { Exertion, FreshnessPoint, LaidOut, Measured, MeasuredLine, Standing } from './model';
export { asksOf, exertionOf, restsIn } from './tiring';
