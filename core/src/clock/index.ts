/**
 * When everything of a session happens: walking, loading, sets and rests.
 *
 * @example
 * const { totalS, events } = layTimeline(session, clocks);
 */
export {
  type ClockState,
  clockTable,
  type Distances,
  type EventKind,
  layBlock,
  layTimeline,
  type LineClock,
  type Timeline,
  type TimelineEvent,
  walkSeconds,
  warmupSeconds,
} from './timeline';
