/**
 * Where a lift slows: bar traces read, and variations that work on it.
 *
 * @example
 * const { reps } = readTrace(samples);
 * variationsFor(reps[0]!.sticking!.where, context);
 */
export { simulatedTrace } from './sensor';
export {
  hasBothSides,
  readTrace,
  type Rep,
  type Sample,
  samplesOf,
  sidesApart,
  tiltOf,
  TraceError,
  type TraceRead,
  type Where,
  whereAt,
} from './trace';
export { type Variation, variationsFor } from './variations';
