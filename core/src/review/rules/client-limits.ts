import { cautionFor } from '../../choosing/limits';
import { makeableLoads } from '../../kit/fitting';
import type { Measured, MeasuredLine } from '../../measure/model';
import { findMovement } from '../../movements/catalogue';
import type { LimitId, Movement } from '../../movements/model';
import type { Rig } from '../../movements/rig';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { changeLine, insteadOf } from '../questions';

export const limitNames: Record<LimitId, string> = {
  'shoulder front': 'the front of the shoulder',
  'shoulder unstable': 'an unstable shoulder',
  elbow: 'the elbow',
  wrist: 'the wrist',
  'lower back': 'the lower back',
  'blood pressure': 'blood pressure',
  'pec strain': 'an earlier chest strain',
};

interface Setting {
  label: string;
  movement: Movement;
  rig: Rig;
}

/** Settings a coach would try against a caution, on the same movement or with dumbbells for its bar. */
function gentlerSettings(s: Measured, { movement, rig }: MeasuredLine, limit: LimitId): Setting[] {
  const here = (label: string, turn: Rig): Setting => ({ label, movement, rig: { ...rig, ...turn } });
  const { knobs } = movement;
  const settings: Setting[] = [];
  if (limit === 'shoulder front' && movement.pattern === 'press') {
    const dumbbells = findMovement('dumbbell-press')!;
    if (knobs.forearm?.options.includes('neutral'))
      settings.push(here('Neutral grip, tucked', { forearm: 'neutral', tuckDeg: 35 }));
    else if (movement.id === 'barbell-press' && makeableLoads(s.context.kit, dumbbells).length > 0)
      settings.push({
        label: 'Use neutral-grip dumbbells',
        movement: dumbbells,
        rig: { benchDeg: rig.benchDeg ?? 0, forearm: 'neutral', tuckDeg: 35 },
      });
    if (knobs.tuckDeg && rig.tuckDeg! > 45) settings.push(here('Tuck to 45°', { tuckDeg: 45 }));
  }
  if (limit === 'lower back' && knobs.stance?.options.includes('prone'))
    settings.push(here('Chest supported', { stance: 'prone' }));
  return settings;
}

/** Of those, the ones that do answer it. */
const gentler = (s: Measured, m: MeasuredLine, limit: LimitId): FixDraft[] =>
  gentlerSettings(s, m, limit)
    .filter(({ movement, rig }) => cautionFor(movement, rig, limit) === null)
    .map(({ label, movement, rig }) => ({
      label,
      edit: changeLine(
        m.id,
        movement === m.movement
          ? { rig }
          : { movement: movement.id, own: undefined, rig, loadKg: null, cues: null },
      ),
    }));

function look(s: Measured): FindingDraft[] {
  return s.context.client.limits.flatMap(({ limit }) =>
    s.lines.flatMap((m): FindingDraft[] => {
      const caution = cautionFor(m.movement, m.rig, limit);
      if (!caution) return [];
      return [
        {
          on: [m.id],
          about: `${limit} ${m.id}`,
          what: `${m.name} meets ${limitNames[limit]}.`,
          why: caution.say,
          fixes: () => [...gentler(s, m, limit), ...insteadOf(m, s, { other: null, kindTo: limit })],
        },
      ];
    }),
  );
}

export const clientLimits: Rule = {
  id: 'client-limits',
  title: 'Limits of this client',
  severity: 'watch',
  ground: 'common practice',
  look,
};
