import { type GroupId, groupIds, type RegionId, regions } from '../anatomy';
import type { Emphasis } from './document';

/** The group whose band is the session's main one; null for a helper. */
export const groupOfEmphasis = (emphasis: Emphasis): GroupId | null =>
  (groupIds as readonly string[]).includes(emphasis)
    ? (emphasis as GroupId)
    : regions[emphasis as RegionId].group;
