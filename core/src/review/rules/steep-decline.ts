import { degrees } from '../../units';
import { changeLine, notchFor } from '../questions';
import type { Rule } from '../model';

export const steepDecline: Rule = {
  id: 'steep-decline',
  title: 'Decline steeper than it needs to be',
  severity: 'note',
  ground: 'common practice',
  look: (s) =>
    s.lines
      .filter((m) => (m.rig.benchDeg ?? 0) < -20)
      .map((m) => ({
        on: [m.id],
        what: `${m.name} hangs head down at ${degrees(m.rig.benchDeg!)}.`,
        why: 'A small decline, a leaning dip or a high cable trains the same fibres without the blood in the head.',
        fixes: () => [
          {
            label: `Set the bench to ${degrees(notchFor(s, -15))}`,
            edit: changeLine(m.id, { rig: { ...m.rig, benchDeg: notchFor(s, -15) } }),
          },
        ],
      })),
};
