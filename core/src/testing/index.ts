/**
 * Anything at all, for property tests of whoever uses the core.
 *
 * @example fc.assert(fc.property(anySession, (session) => sessionSchema.safeParse(session).success));
 */
export { anyClient, anyContext, anyKit, anySession } from './any';
