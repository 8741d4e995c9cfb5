import { massText } from '../../units';
import { changeLine } from '../questions';
import type { Rule } from '../model';

export const loadNotMakeable: Rule = {
  id: 'load-not-makeable',
  title: 'A load this kit cannot make',
  severity: 'watch',
  ground: 'common practice',
  at: 'load',
  look: (s) => {
    const { unit } = s.context.client;
    return s.lines
      .filter((m) => m.missing === null && m.sets.some((x) => !x.makeable))
      .map((m) => {
        const odd = m.sets.find((x) => !x.makeable)!;
        return {
          on: [m.id],
          what: `${massText(odd.kg!, unit)} cannot be made here for ${m.name.toLowerCase()}.`,
          why:
            odd.nearestKg === null
              ? 'The gym has nothing to load it with.'
              : `The nearest is ${massText(odd.nearestKg, unit)}.`,
          fixes: () => [
            ...(odd.nearestKg === null
              ? []
              : [
                  {
                    label: `Use ${massText(odd.nearestKg, unit)}`,
                    edit: changeLine(m.id, { loadKg: m.sets.map((x) => x.nearestKg ?? x.kg ?? 0) }),
                  },
                ]),
            { label: 'Use the computed load', edit: changeLine(m.id, { loadKg: null, handed: undefined }) },
          ],
        };
      });
  },
};
