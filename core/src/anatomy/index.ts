/**
 * The regions that are trained, the groups they belong to, and segments of a body from its stature.
 *
 * @example
 * groupCredit({ pecUpper: 0.5, pecMiddle: 1 }, 'chest');   // 1, the best head
 * segmentsOf({ statureM: 1.75, massKg: 80 }).upperArmM;    // metres
 */
export { type Body, type Segments, segmentsOf, shareOfStature } from './body';
export {
  type Credits,
  groupCredit,
  type GroupId,
  groupIds,
  groupNames,
  leadVoice,
  noGroups,
  type PressingRegion,
  pressingRegions,
  type RegionId,
  regionIds,
  regions,
  voiceCredit,
  type VoiceId,
  voiceIds,
  voiceNames,
} from './regions';
