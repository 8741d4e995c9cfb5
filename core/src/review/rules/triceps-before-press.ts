import { blockIndex, isPress } from '../questions';
import type { Rule } from '../model';

export const tricepsBeforePress: Rule = {
  id: 'triceps-before-press',
  title: 'Triceps isolation before pressing',
  severity: 'watch',
  ground: 'published',
  look: (s) => {
    const presses = s.lines.filter(
      (m) => isPress(m) && (m.movement.family === 'press' || m.movement.family === 'overhead'),
    );
    const last = Math.max(-1, ...presses.map((m) => blockIndex(s, m.id)));
    return s.lines
      .filter((m) => m.movement.family === 'triceps' && !m.movement.compound && blockIndex(s, m.id) < last)
      .map((m) => {
        const next = presses.find((p) => blockIndex(s, p.id) > blockIndex(s, m.id))!;
        return {
          on: [m.id, next.id],
          what: `${m.name} tires the triceps before ${next.name.toLowerCase()}.`,
          why: 'In a ten-week trial in untrained men extensions first went with less chest growth, though not clearly (Brandão et al. 2020).',
          fixes: () => [
            { label: 'Move it behind the presses', edit: { do: 'move line', line: m.id, to: last } },
          ],
        };
      });
  },
};
