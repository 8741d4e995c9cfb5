import { insteadOf } from '../questions';
import type { Rule } from '../model';

export const notInThisGym: Rule = {
  id: 'not-in-this-gym',
  title: 'Kit this gym does not have',
  severity: 'stop',
  ground: 'common practice',
  look: (s) =>
    s.lines
      .filter((m) => m.missing !== null)
      .map((m) => ({
        mustGo: true,
        on: [m.id],
        what: `${m.name} needs ${m.missing}, which ${s.context.kit.name} does not have.`,
        why: 'It cannot be done as written.',
        fixes: () => insteadOf(m, s, { other: null, kindTo: null }, 2),
      })),
};
