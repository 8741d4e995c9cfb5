import type { Rule } from '@drimbo/core/review';

/** What a rule rests on, in words. */
export const groundWords: Record<Rule['ground'], string> = {
  published: 'published work',
  mechanics: 'mechanics',
  'common practice': 'common practice',
  school: 'this school',
};
