import type { Aim } from './client';
import type { RepRange } from './schemes/model';

/** Repetitions of the first heavy lift and of the others, by what the training is for. Common practice. */
export const homesOf: Record<Aim, { first: RepRange; others: RepRange; words: string }> = {
  size: { first: { lo: 5, hi: 12 }, others: { lo: 8, hi: 30 }, words: 'training for size' },
  strength: { first: { lo: 3, hi: 6 }, others: { lo: 6, hi: 12 }, words: 'training for strength' },
  both: { first: { lo: 4, hi: 6 }, others: { lo: 8, hi: 15 }, words: 'training for strength and size' },
  endurance: { first: { lo: 12, hi: 20 }, others: { lo: 15, hi: 30 }, words: 'training for endurance' },
  slow: { first: { lo: 6, hi: 12 }, others: { lo: 8, hi: 20 }, words: 'a slow phase' },
  peaking: { first: { lo: 1, hi: 5 }, others: { lo: 6, hi: 10 }, words: 'the weeks before a meet' },
};
