import type { GroupId } from '../anatomy/regions';
import type { SchoolId } from '../session/document';

export type Severity = 'stop' | 'watch' | 'note';

/** A named rule set. Bands are fractional hard sets a session. */
export interface School {
  id: SchoolId;
  name: string;
  line: string;
  /** Fractional hard sets a session for what is trained. */
  bands: Record<GroupId, { lo: number; hi: number }>;
  /** The band of the group the session is mainly for. */
  mainBand: { lo: number; hi: number };
  /** Sets of the same region after which a further one adds little: the scale of the value curve. */
  valueScale: number;
  restFloorS: { compound: number; isolation: number };
  /** What a new line starts with. */
  starting: {
    sets: number;
    reserve: { compound: { first: number; last: number }; isolation: { first: number; last: number } };
    tempo: { lower: number; stretched: number; lift: number; shortened: number };
    restS: { compound: number; isolation: number };
  };
  /** Rules this school mutes or hears at another loudness. */
  voices: Partial<Record<string, Severity | 'off'>>;
}

const general = { lo: 5, hi: 15 };
const sameBand = (band: { lo: number; hi: number }): School['bands'] => ({
  chest: band,
  deltFront: band,
  deltSide: band,
  deltRear: band,
  triceps: band,
});

/** Bands and defaults are common practice; published dose work gives the direction (schools are editable). */
export const schools: Record<SchoolId, School> = {
  evidence: {
    id: 'evidence',
    name: 'Evidence-led growth',
    line: 'Twice a week, near failure but seldom at it, rests that protect the reps, stretch favoured.',
    bands: sameBand(general),
    mainBand: { lo: 9, hi: 16 },
    valueScale: 4.5,
    restFloorS: { compound: 90, isolation: 60 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 3, last: 1 }, isolation: { first: 2, last: 1 } },
      tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 60 },
    },
    voices: {},
  },
  pyramid: {
    id: 'pyramid',
    name: 'Old-school pyramid',
    line: 'Barbell first, reps fall as the load climbs, strict flies, high volume.',
    bands: sameBand({ lo: 6, hi: 18 }),
    mainBand: { lo: 10, hi: 20 },
    valueScale: 5,
    restFloorS: { compound: 90, isolation: 45 },
    starting: {
      sets: 4,
      reserve: { compound: { first: 4, last: 1 }, isolation: { first: 2, last: 0 } },
      tempo: { lower: 2, stretched: 0, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 60 },
    },
    voices: { 'redundant-presses': 'note' },
  },
  strength: {
    id: 'strength',
    name: 'Strength-anchored',
    line: 'One heavy lift at 4–6 leaving one or two, then complementary growth work.',
    bands: sameBand({ lo: 4, hi: 14 }),
    mainBand: { lo: 8, hi: 15 },
    valueScale: 4.5,
    restFloorS: { compound: 120, isolation: 60 },
    starting: {
      sets: 4,
      reserve: { compound: { first: 2, last: 1 }, isolation: { first: 2, last: 1 } },
      tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 150, isolation: 75 },
    },
    voices: {},
  },
  pump: {
    id: 'pump',
    name: 'Pump and intensity',
    line: 'Few movements driven very hard, short rests; for the experienced.',
    bands: sameBand({ lo: 3, hi: 12 }),
    mainBand: { lo: 6, hi: 14 },
    valueScale: 3.5,
    restFloorS: { compound: 45, isolation: 30 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 1, last: 0 }, isolation: { first: 0, last: 0 } },
      tempo: { lower: 2, stretched: 0, lift: 1, shortened: 1 },
      restS: { compound: 60, isolation: 40 },
    },
    voices: { 'failure-first-compound': 'note' },
  },
  slow: {
    id: 'slow',
    name: 'Slow and controlled',
    line: 'Three or four seconds down, pauses and holds, presses paired with upper-back work.',
    bands: sameBand({ lo: 4, hi: 13 }),
    mainBand: { lo: 7, hi: 14 },
    valueScale: 4.5,
    restFloorS: { compound: 90, isolation: 60 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 3, last: 2 }, isolation: { first: 2, last: 1 } },
      tempo: { lower: 4, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 75 },
    },
    voices: {},
  },
  foundations: {
    id: 'foundations',
    name: 'Foundations',
    line: 'Four to six simple movements, three sets of 8–12, technique first, nothing near failure.',
    bands: sameBand({ lo: 3, hi: 9 }),
    mainBand: { lo: 5, hi: 10 },
    valueScale: 4,
    restFloorS: { compound: 90, isolation: 60 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 4, last: 3 }, isolation: { first: 3, last: 2 } },
      tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 60 },
    },
    voices: { 'failure-first-compound': 'stop' },
  },
};

/** Share of the band a client of this training age is given. Common practice. */
export const bandShare = { 'under 1 year': 0.6, '1 to 3 years': 1, 'over 3 years': 1 } as const;
