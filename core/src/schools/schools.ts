import type { SchoolId } from '../session';
import { schoolVersion, type School } from './document';

const general = { lo: 5, hi: 15 };
const sameBand = (band: { lo: number; hi: number }): School['bands'] => ({
  chest: band,
  deltFront: band,
  deltSide: band,
  deltRear: band,
  triceps: band,
});

/** Ten to twenty a week is a good place to grow (common practice); presses alone bring the front delt its share. */
export const usualWeek: School['weekBands'] = {
  ...sameBand({ lo: 10, hi: 20 }),
  deltFront: { lo: 6, hi: 20 },
};
const weekOf = (lo: number, hi: number): School['weekBands'] => ({
  ...sameBand({ lo, hi }),
  deltFront: { lo: Math.round(lo * 0.6), hi },
});

/** Common practice; a burn-out and further stages by their effort. */
const usualCounting: School['counting'] = {
  hardReserve: 4,
  indirect: true,
  furtherStage: 1 / 3,
  burnOut: 2,
};

/** Bands and defaults are common practice; published dose work gives the direction (schools are editable). */
const shipped: Record<SchoolId, Omit<School, 'format' | 'version' | 'aside' | 'id'>> = {
  evidence: {
    name: 'Evidence-led growth',
    line: 'Twice a week, near failure but seldom at it, rests that protect the reps, stretch favoured.',
    bands: sameBand(general),
    mainBand: { lo: 9, hi: 16 },
    weekBands: usualWeek,
    valueScale: 4.5,
    counting: usualCounting,
    forNovices: false,
    homes: { first: { lo: 5, hi: 12 }, others: { lo: 8, hi: 30 } },
    schemes: ['straight', 'top and back-off', 'drop'],
    mostMovements: 8,
    restFloorS: { compound: 90, isolation: 60 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 3, last: 1 }, isolation: { first: 2, last: 1 } },
      tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 60 },
      loads: 'one',
    },
    voices: {},
  },
  pyramid: {
    name: 'Old-school pyramid',
    line: 'Barbell first, reps fall as the load climbs, strict flies, high volume.',
    bands: sameBand({ lo: 6, hi: 18 }),
    mainBand: { lo: 10, hi: 20 },
    weekBands: weekOf(10, 24),
    valueScale: 5,
    counting: usualCounting,
    forNovices: false,
    homes: { first: { lo: 4, hi: 12 }, others: { lo: 6, hi: 20 } },
    schemes: ['ascending', 'straight', 'burn-out'],
    mostMovements: 9,
    restFloorS: { compound: 90, isolation: 45 },
    starting: {
      sets: 4,
      reserve: { compound: { first: 4, last: 1 }, isolation: { first: 2, last: 0 } },
      tempo: { lower: 2, stretched: 0, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 60 },
      loads: 'one',
    },
    voices: { 'redundant-presses': 'note', 'isolation-before-compound': 'note' },
  },
  strength: {
    name: 'Strength-anchored',
    line: 'One heavy lift at 4–6 leaving one or two, then complementary growth work.',
    bands: sameBand({ lo: 4, hi: 14 }),
    mainBand: { lo: 8, hi: 15 },
    weekBands: weekOf(8, 18),
    valueScale: 4.5,
    counting: usualCounting,
    forNovices: false,
    homes: { first: { lo: 3, hi: 6 }, others: { lo: 6, hi: 15 } },
    schemes: ['straight', 'top and back-off'],
    mostMovements: 7,
    restFloorS: { compound: 120, isolation: 60 },
    starting: {
      sets: 4,
      reserve: { compound: { first: 2, last: 1 }, isolation: { first: 2, last: 1 } },
      tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 150, isolation: 75 },
      loads: 'one',
    },
    // The heavy lift comes first, whatever lags.
    voices: { 'emphasis-late': 'off' },
  },
  pump: {
    name: 'Pump and intensity',
    line: 'Few movements driven very hard, short rests; for the experienced.',
    bands: sameBand({ lo: 3, hi: 12 }),
    mainBand: { lo: 6, hi: 14 },
    weekBands: weekOf(6, 16),
    valueScale: 3.5,
    counting: usualCounting,
    forNovices: false,
    homes: { first: { lo: 6, hi: 15 }, others: { lo: 8, hi: 30 } },
    schemes: ['drop', 'rest-pause', 'straight'],
    mostMovements: 6,
    restFloorS: { compound: 45, isolation: 30 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 1, last: 0 }, isolation: { first: 0, last: 0 } },
      tempo: { lower: 2, stretched: 0, lift: 1, shortened: 0 },
      restS: { compound: 60, isolation: 40 },
      loads: 'one',
    },
    voices: {
      'failure-first-compound': 'off',
      'failure-before-heavy': 'note',
      'failure-not-last': 'off',
      'isolation-before-compound': 'note',
      'techniques-everywhere': 'note',
    },
  },
  slow: {
    name: 'Slow and controlled',
    line: 'Three or four seconds down, pauses and holds, presses paired with upper-back work.',
    bands: sameBand({ lo: 4, hi: 13 }),
    mainBand: { lo: 7, hi: 14 },
    weekBands: weekOf(8, 18),
    valueScale: 4.5,
    counting: usualCounting,
    forNovices: false,
    homes: { first: { lo: 6, hi: 12 }, others: { lo: 8, hi: 20 } },
    schemes: ['straight', 'hold'],
    mostMovements: 7,
    restFloorS: { compound: 90, isolation: 60 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 3, last: 2 }, isolation: { first: 2, last: 1 } },
      tempo: { lower: 4, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 75 },
      loads: 'one',
    },
    voices: {},
  },
  foundations: {
    name: 'Foundations',
    line: 'Four to six simple movements, three sets of 8–12, technique first, nothing near failure.',
    bands: sameBand({ lo: 3, hi: 9 }),
    mainBand: { lo: 5, hi: 10 },
    weekBands: weekOf(6, 12),
    valueScale: 4,
    counting: usualCounting,
    forNovices: true,
    homes: { first: { lo: 8, hi: 12 }, others: { lo: 8, hi: 15 } },
    schemes: ['straight'],
    mostMovements: 6,
    restFloorS: { compound: 90, isolation: 60 },
    starting: {
      sets: 3,
      reserve: { compound: { first: 4, last: 3 }, isolation: { first: 3, last: 2 } },
      tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 },
      restS: { compound: 120, isolation: 60 },
      loads: 'one',
    },
    voices: { 'failure-first-compound': 'stop' },
  },
};

export const schools = Object.fromEntries(
  Object.entries(shipped).map(([id, school]): [string, School] => [
    id,
    { format: 'drimbo.school', version: schoolVersion, id, aside: [], ...school },
  ]),
) as Record<SchoolId, School>;

/** A school by its id among those that ship and the coach's own; the first where it is gone. */
export const schoolOf = (id: string, own: readonly School[] = []): School =>
  own.find((s) => s.id === id) ?? (schools as Partial<Record<string, School>>)[id] ?? schools.evidence;

/** Share of the band a client of this training age is given. Common practice. */
export const bandShare = { 'under 1 year': 0.6, '1 to 3 years': 1, 'over 3 years': 1 } as const;

/** The same in a school; one that is written for the first year gives its bands as they are. */
export const shareOf = (school: School, trainingAge: keyof typeof bandShare): number =>
  school.forNovices ? 1 : bandShare[trainingAge];
