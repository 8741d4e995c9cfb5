/**
 * Sample clients, gyms and sessions, for examples and for tests. All of them made up.
 *
 * @example
 * session([line('barbell-bench-press'), line('pushdown')]);
 */
export { line, sampleClient, sampleContext, sampleKit, session, soundPush } from './samples';
