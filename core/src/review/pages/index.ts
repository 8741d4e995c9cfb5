/**
 * What stands about each rule, with a session it speaks of and one it does not. For reading, and its tests.
 *
 * @example
 * rulePages['over-time']?.fires.session;
 */
export type { Example, RulePage } from './model';
export { rulePages, ruleShelf } from './pages';
