import { torqueShare, workAt } from '../mechanics';
import { changeLine } from '../questions';
import type { Rule } from '../model';

/** Below this share of the hardest moment a hold rests the muscle instead of working it. */
const NEAR_NOTHING = 0.12;

export const restAtTheTop: Rule = {
  id: 'rest-at-the-top',
  title: 'A hold where there is nothing to hold',
  severity: 'note',
  ground: 'mechanics',
  at: 'tempo',
  look: (s) =>
    s.lines
      .filter((m) => m.movement.implement === 'dumbbells' && m.line.tempo.shortened >= 1)
      .filter((m) => m.movement.pattern === 'press' || m.movement.pattern === 'fly')
      .flatMap((m) => {
        const work = workAt(s, m);
        const top = work && torqueShare(work, 'short');
        if (top === null || top > NEAR_NOTHING) return [];
        const { tempo } = m.line;
        return [
          {
            on: [m.id],
            what: `${m.name} is held at the top, where it is easy.`,
            why: `At the top the shoulder is asked ${Math.round(top * 100)} % of its hardest moment: a pause there, or bells that touch, is a rest.`,
            fixes: () => [
              {
                label: 'Pause in the stretch instead',
                edit: changeLine(m.id, {
                  tempo: { ...tempo, stretched: tempo.stretched + tempo.shortened, shortened: 0 },
                }),
              },
            ],
          },
        ];
      }),
};
