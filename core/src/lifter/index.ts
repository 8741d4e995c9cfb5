/**
 * Somebody made up whose strength nobody sees: simulated sets, days and months, for rehearsing and for tests.
 *
 * @example
 * const life = new Life(lifter);
 * life.lift(measured, '2026-12-01');               // sets as they went
 */
export { Chance } from './chance';
export { Life, type Lifter } from './lifter';
export { type Rehearsal, type RehearsedSet, rehearsing } from './rehearse';
