import { groupIds, groupCredit } from '../../anatomy/regions';
import { missingFor } from '../../kit/fitting';
import type { MeasuredLine, Measured } from '../../measure/measure';
import { entries } from '../../movements/catalogue';
import type { Entry } from '../../movements/model';
import { creditsOf } from '../../movements/settings';
import { changeLine } from '../questions';
import type { Rule } from '../model';

/** Entries of the same family that this gym has, nearest in what they train first. */
export function sameFamily(s: Measured, m: MeasuredLine): Entry[] {
  const distance = (e: Entry): number => {
    const credits = creditsOf(e.movement, e.rig);
    const already = s.lines.some((l) => l.movement.id === e.movement.id) ? 0.3 : 0;
    const needsHelp = e.movement.barOverBody ? 0.3 : 0;
    const special = e.rig.range === 'pins' || e.rig.stance === 'floor' ? 0.2 : 0;
    const apart = groupIds.reduce(
      (d, g) => d + Math.abs(groupCredit(credits, g) - groupCredit(m.credits, g)),
      0,
    );
    return apart + already + needsHelp + special;
  };
  return entries
    .filter(
      (e) =>
        e.movement.family === m.movement.family &&
        e.movement.id !== m.movement.id &&
        missingFor(s.context.kit, e.movement) === null,
    )
    .sort((a, b) => distance(a) - distance(b));
}

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
        fixes: sameFamily(s, m)
          .slice(0, 2)
          .map((e) => ({
            label: `Use ${e.name.toLowerCase()}`,
            edit: changeLine(m.id, { movement: e.movement.id, rig: e.rig, loadKg: null, cues: null }),
          })),
      })),
};
