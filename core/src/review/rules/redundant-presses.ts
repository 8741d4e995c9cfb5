import { regionIds } from '../../anatomy/regions';
import { missingFor } from '../../kit/fitting';
import { findEntry } from '../../movements/catalogue';
import type { MeasuredLine } from '../../measure/measure';
import { setTargets } from '../../session/schemes';
import type { FixDraft, Rule } from '../model';
import { changeLine, isPress, notchFor } from '../questions';

const cosine = (a: MeasuredLine, b: MeasuredLine): number => {
  let dot = 0;
  let aa = 0;
  let bb = 0;
  for (const id of regionIds) {
    const x = a.credits[id] ?? 0;
    const y = b.credits[id] ?? 0;
    dot += x * y;
    aa += x * x;
    bb += y * y;
  }
  return aa && bb ? dot / Math.sqrt(aa * bb) : 0;
};

function repOverlap(a: MeasuredLine, b: MeasuredLine): number {
  const span = (m: MeasuredLine): [number, number] => {
    const t = setTargets(m.line);
    return [Math.min(...t.map((x) => x.reps.lo)), Math.max(...t.map((x) => x.reps.hi))];
  };
  const [alo, ahi] = span(a);
  const [blo, bhi] = span(b);
  const shared = Math.min(ahi, bhi) - Math.max(alo, blo) + 1;
  if (shared <= 0) return 0.7;
  return 0.7 + 0.3 * (shared / Math.min(ahi - alo + 1, bhi - blo + 1));
}

const machineAngles: Record<string, number> = {
  'incline-press-machine': 30,
  'chest-press-machine': 0,
  'cable-press': 0,
};
const angleOf = (m: MeasuredLine): number => m.rig.benchDeg ?? machineAngles[m.movement.id] ?? 0;

/** How far two presses are the same job, 0 to 1: regions × angle × where it is hard × reps. */
export function overlap(a: MeasuredLine, b: MeasuredLine): number {
  const angle = Math.exp(-(((angleOf(a) - angleOf(b)) / 25) ** 2));
  const hard = a.movement.hardWhere === b.movement.hardWhere ? 1 : 0.93;
  return cosine(a, b) * angle * hard * repOverlap(a, b);
}

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
        if (seen.has(b.id) || overlap(a, b) < 0.85) return [];
        seen.add(b.id);
        const fixes: FixDraft[] = [];
        const fly = findEntry(angleOf(a) > 15 ? 'cable-fly-shoulder-height' : 'cable-fly-high-to-low')!;
        if (!missingFor(s.context.kit, fly.movement))
          fixes.push({
            label: `Turn it into ${fly.name.toLowerCase()}`,
            edit: changeLine(b.id, {
              movement: fly.movement.id,
              rig: fly.rig,
              scheme: {
                kind: 'straight',
                sets: Math.min(3, setTargets(b.line).length),
                reps: { lo: 12, hi: 15 },
              },
              restS: s.school.starting.restS.isolation,
              loadKg: null,
              cues: null,
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
            fixes,
          },
        ];
      }),
    );
  },
};
