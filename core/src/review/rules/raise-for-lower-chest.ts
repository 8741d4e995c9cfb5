import { DIRECT } from '../../dose';
import type { Rule } from '../model';
import { setsFor } from '../questions';
import { bringing, offerFirst } from './additions';

export const raiseForLowerChest: Rule = {
  id: 'raise-for-lower-chest',
  title: 'An underhand raise for the lower chest',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) => {
    const { lagging } = s.context.client;
    const isFor = lagging.includes('pecLower') || s.session.emphasis === 'pecLower';
    if (!isFor || setsFor(s, 'pecLower', DIRECT) > 0) return [];
    return s.lines
      .filter((m) => m.movement.pattern === 'raise front' && m.rig.forearm === 'supinated')
      .slice(0, 1)
      .map((m) => ({
        on: [m.id],
        keeps: true as const,
        moves: { of: 'pecLower', by: 1 },
        what: `${m.name} is all there is for the lower chest.`,
        why: 'Some teach it for the lower chest; by the model it gives that nothing. Lifting the arm forward is work of the front delt and the upper fibres; the lower ones pull it down and across. Disputed: it stays if you keep it.',
        fixes: () => offerFirst(s, bringing.pecLower!, 2),
      }));
  },
};
