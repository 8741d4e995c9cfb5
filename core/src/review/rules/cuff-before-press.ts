import { isHeavyCompound } from '../../measure';
import type { Rule } from '../model';
import { blockIndex, changeLine, lowestReserve } from '../questions';

/** Light work leaves more than this. Common practice. */
const LIGHT = 3;

export const cuffBeforePress: Rule = {
  id: 'cuff-before-press',
  title: 'Rotators tired before pressing',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const presses = s.lines.filter(isHeavyCompound);
    const last = presses[presses.length - 1];
    if (!last) return [];
    return s.lines
      .filter((m) => m.movement.pattern === 'rotation' && lowestReserve(m.line) < LIGHT)
      .filter((m) => blockIndex(s, m.id) < blockIndex(s, last.id))
      .map((m) => ({
        on: [m.id, last.id],
        what: `${m.name} is done hard with ${last.name.toLowerCase()} still to come.`,
        why: 'The small muscles that hold the joint together should meet the heavy load fresh; easy reps are a warm-up, hard ones belong at the end.',
        fixes: () => [
          {
            label: 'Move it behind the presses',
            edit: { do: 'move line' as const, line: m.id, to: blockIndex(s, last.id) },
          },
          { label: 'Leave 4', edit: changeLine(m.id, { reserve: { first: 4, last: 4 } }) },
        ],
      }));
  },
};
