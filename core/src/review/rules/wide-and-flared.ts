import { changeLine, isInclined, notchFor } from '../questions';
import type { Rule } from '../model';

const WIDE = 2;
const FLARED = 80;

/** Hands very wide and elbows straight out on an incline, whatever holds the load. */
export const wideAndFlared: Rule = {
  id: 'wide-and-flared',
  title: 'Very wide and flared on an incline',
  severity: 'stop',
  ground: 'common practice',
  look: (s) =>
    s.lines
      .filter((m) => isInclined(m) && (m.rig.gripBiacromial ?? 0) >= WIDE && (m.rig.tuckDeg ?? 0) >= FLARED)
      .map((m) => ({
        mustGo: true,
        on: [m.id],
        what: `${m.name} has hands very wide and elbows out, inclined.`,
        why: 'Together they load the front of the joint at the end of its range, whatever holds the bar.',
        fixes: () => [
          {
            label: 'Grip 1.4 × shoulders, tuck to 45°',
            edit: changeLine(m.id, { rig: { ...m.rig, gripBiacromial: 1.4, tuckDeg: 45 } }),
          },
          {
            label: 'Flat, grip 1.6 × shoulders, tuck to 60°',
            edit: changeLine(m.id, {
              rig: { ...m.rig, benchDeg: notchFor(s, 0), gripBiacromial: 1.6, tuckDeg: 60 },
              loadKg: null,
            }),
          },
        ],
      })),
};
