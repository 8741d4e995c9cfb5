import type { PressingRegion } from '../anatomy/regions';
import { agreementData } from './agreement-data';

/** How the pull-fit split compares with a quadratic programme over the catalogue; written by `npm run agreement`. */
export interface Agreement {
  /** Mean and largest difference of a region's share, and how far the two go together. */
  meanDifference: number;
  largestDifference: number;
  correlation: number;
  /** How many names were compared. */
  entries: number;
  /** Names and regions where the two differ by more than .08. */
  unsure: Partial<Record<string, readonly PressingRegion[]>>;
}

export const agreement: Agreement = agreementData;

/** Regions of an entry where two ways of splitting the work differ by more than eight points. */
export const unsureAbout = (entryId: string): readonly PressingRegion[] => agreement.unsure[entryId] ?? [];
