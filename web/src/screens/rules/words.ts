import type { Rule } from '@drimbo/core/review/model';

export const groundWords: Record<Rule['ground'], string> = {
  published: 'published work',
  mechanics: 'mechanics, computed',
  'common practice': 'common practice',
  school: 'the school in force',
};
