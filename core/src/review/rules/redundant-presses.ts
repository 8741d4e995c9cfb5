import { overlap } from '../../choosing/overlap';
import { jobOf } from '../../choosing/swaps';
import { missingFor } from '../../kit/fitting';
import { standOf } from '../../mechanics/stands';
import type { MeasuredLine } from '../../measure/model';
import { findEntry } from '../../movements/catalogue';
import { setTargets } from '../../session/schemes';
import { becoming } from '../../session/starting';
import type { FixDraft, Rule } from '../model';
import { changeLine, isPress, notchFor } from '../questions';

const angleOf = (m: MeasuredLine): number => standOf(m.movement, m.rig).pressDeg;

export const redundantPresses: Rule = {
  id: 'redundant-presses',
  title: 'The same press twice',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const presses = s.lines.filter(
      (m) =>
        isPress(m) &&
        m.movement.family === 'press' &&
        m.movement.id !== 'dip' &&
        m.movement.implement !== 'bodyweight',
    );
    const seen = new Set<string>();
    return presses.flatMap((a, i) =>
      presses.slice(i + 1).flatMap((b) => {
        if (seen.has(b.id) || overlap(jobOf(a), jobOf(b)) < 0.85) return [];
        seen.add(b.id);
        const fixes: FixDraft[] = [];
        const fly = findEntry(angleOf(a) > 15 ? 'cable-fly-shoulder-height' : 'cable-fly-high-to-low')!;
        if (!missingFor(s.context.kit, fly.movement))
          fixes.push({
            label: `Turn it into ${fly.name.toLowerCase()}`,
            edit: changeLine(b.id, {
              ...becoming(fly),
              scheme: {
                kind: 'straight',
                sets: Math.min(3, setTargets(b.line).length),
                reps: { lo: 12, hi: 15 },
              },
              restS: s.school.starting.restS.isolation,
            }),
          });
        if (b.rig.benchDeg !== undefined) {
          const deg = notchFor(s, angleOf(a) >= 20 ? 0 : 30);
          fixes.push({
            label: `Turn its bench to ${deg}°`,
            edit: changeLine(b.id, { rig: { ...b.rig, benchDeg: deg }, loadKg: null }),
          });
        }
        return [
          {
            on: [a.id, b.id],
            what: `${b.name} does the same job as ${a.name.toLowerCase() === b.name.toLowerCase() ? 'the one before it' : a.name.toLowerCase()}.`,
            why: 'Same fibres, same angle, same reps: a second press should add an angle, a range or an adduction.',
            fixes: () => fixes,
          },
        ];
      }),
    );
  },
};
