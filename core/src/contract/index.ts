/**
 * The contract: what the server can be asked, with what, what it answers, and every reason for which it does not. The web
 * and the server both go by it; neither knows an address or a code of its own.
 *
 * @example
 * const asked = ways.clientFile({ id: 'ada' });   // { method: 'GET', path: '/clients/ada/file', body: undefined }
 * const file = await ask(asked);                  // a ClientFile
 */
export type { BlockFile, ClientFile, Copy, Erased, HouseFacts, Restored, Stored, Underway } from './answers';
export { way, type Asked, type Way } from './asked';
export { problemCodes, type ProblemCode, type Refused } from './codes';
export { documentWays, ways } from './ways';
