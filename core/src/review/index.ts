/**
 * What speaks against a session, by rules that are data with one pure function each, and remedies that were tried.
 *
 * @example
 * review(measured).map((f) => f.what);
 * remedied(measured)[0]?.fixes[0]?.effect;         // what it changes, found by doing it
 */
export { isAlike, likeness, SAME_JOB } from './alike';
export { beside } from './beside';
export { kinderTo } from './kinder';
export type { Finding, Fix, FixDraft, Ground, Matter, Place, Rule } from './model';
export { orderingRules } from './ordering-rules';
export { changeLine, insteadOf, isPress } from './questions';
export { rejudged } from './rejudging';
export { lookingForRemedies, remedied } from './remedies';
export { loudness } from './loudness';
export { mattersOf, review } from './review';
export { rules, ruleTitle } from './rules';
export { isSigned, sizeOf } from './signed';
export { type LineSigns, signsOf } from './signs';
export { offerFirst } from './rules/additions';
export { limitNames } from './rules/client-limits';
export { waysOn } from './rules/rack-runs-out';
export { type KinderOffer, whenItHurts } from './when-it-hurts';
