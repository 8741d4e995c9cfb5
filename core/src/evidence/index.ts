/**
 * The shelf: the works that figures and statements rest on, each with how certain it is.
 *
 * @example
 * shelf[0]?.certainty;
 */
export { type Certainty, certaintyWords } from './model';
export { shelf } from './shelf';
