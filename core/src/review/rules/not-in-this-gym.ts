import { sameJob } from '../../choosing/swaps';
import { becoming } from '../../session/starting';
import { changeLine } from '../questions';
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
        on: [m.id],
        what: `${m.name} needs ${m.missing}, which ${s.context.kit.name} does not have.`,
        why: 'It cannot be done as written.',
        fixes: sameJob(m, s.context, { other: null, kindTo: null }, 2).map(({ entry }) => ({
          label: `Use ${entry.name.toLowerCase()}`,
          edit: changeLine(m.id, becoming(entry)),
        })),
      })),
};
