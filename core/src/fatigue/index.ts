/**
 * What sets take from one another: two stores for each region, spent by work and filled by rest.
 *
 * @example
 * runFatigue(exertions, null).losses;            // share of the fresh max lost, set by set
 */
export { fatigueTable } from './calibrated';
export {
  type Exertion,
  type FatigueTable,
  type FreshnessPoint,
  freshStore,
  lossOf,
  recover,
  runFatigue,
  type Store,
  tire,
} from './stores';
