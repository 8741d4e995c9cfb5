import type { Standing } from '@drimbo/core/measure';

/** How a set stands that will not be what it was meant to be. */
export const standingWords: Record<Standing, string> = {
  counts: '',
  easy: 'stays easy, not counted',
  short: 'comes short',
};
