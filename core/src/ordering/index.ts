/**
 * The best order of a session’s blocks, exact, and what any order costs.
 *
 * @example
 * const better = atOneGo(betterOrder(session, context));   // null where it is the best already
 */
export { betterOrder, type BetterOrder } from './better-order';
