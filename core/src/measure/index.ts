/**
 * A session measured for a client in a gym: loads, clock, freshness and dose. What every judgement looks at.
 *
 * @example
 * const measured = measure(session, context);
 * measured.timeline.totalS / 60;                  // minutes
 */
export { clientMax, clientReadings, clientSlope, clientTrend, expectedSlope } from './client-max';
export { clocksOf, distancesIn } from './clocking';
export { bodyOf, type Context } from './context';
export { countedAs, setsCounted, standingOf } from './counting';
export { lineMovement } from './dress';
export { handingOver } from './handing';
export { layOut } from './lay-out';
export { measure, workingSets } from './measure';
export type { LaidOut, Measured, MeasuredLine, Standing } from './model';
export { exertionOf } from './tiring';
