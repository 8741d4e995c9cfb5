import { isPress } from '../questions';
import type { Rule } from '../model';
import { offerFirst } from './additions';

export const missingLongHead: Rule = {
  id: 'missing-long-head',
  title: 'Nothing for the long head',
  severity: 'watch',
  ground: 'published',
  look: (s) => {
    const pressing = s.lines.filter(isPress).length;
    const flexed = s.lines.some(
      (m) => m.movement.pattern === 'elbow overhead' || m.movement.pattern === 'elbow lying',
    );
    if (pressing < 2 || flexed) return [];
    return [
      {
        on: [],
        what: 'No extension with the arm raised: the long head of the triceps gets almost nothing.',
        why: 'Presses grow the lateral head; the long head needs extensions (Brandão et al. 2020, untrained men), best overhead (Maeo et al. 2023).',
        fixes: () =>
          offerFirst(s, ['cable-overhead-extension', 'overhead-extension', 'lying-triceps-extension'], 2),
      },
    ];
  },
};
