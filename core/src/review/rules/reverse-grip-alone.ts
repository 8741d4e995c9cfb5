import { changeLine } from '../questions';
import type { Rule } from '../model';

export const reverseGripAlone: Rule = {
  id: 'reverse-grip-alone',
  title: 'Reverse grip without a spotter',
  severity: 'stop',
  ground: 'common practice',
  look: (s) =>
    s.session.spotter
      ? []
      : s.lines
          .filter((m) => m.movement.barOverBody && m.rig.forearm === 'supinated')
          .map((m) => ({
            mustGo: true,
            on: [m.id],
            what: `${m.name} is planned without a spotter.`,
            why: 'An underhand bar can roll out of the hands over the face.',
            fixes: () => [
              {
                label: 'Use dumbbells, underhand',
                edit: changeLine(m.id, {
                  movement: 'dumbbell-press',
                  rig: { benchDeg: m.rig.benchDeg ?? 0, forearm: 'supinated', tuckDeg: 30 },
                  loadKg: null,
                  cues: null,
                }),
              },
              {
                label: 'Palms forward',
                edit: changeLine(m.id, { rig: { ...m.rig, forearm: 'pronated' }, loadKg: null }),
              },
              { label: 'A spotter will be there', edit: { do: 'head', patch: { spotter: true } } },
            ],
          })),
};
