import { cautionFor } from '../../choosing/limits';
import { sameJob } from '../../choosing/swaps';
import { makeableLoads } from '../../kit/fitting';
import type { Measured, MeasuredLine } from '../../measure/measure';
import { findMovement } from '../../movements/catalogue';
import type { LimitId } from '../../movements/model';
import { becoming } from '../../session/starting';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { changeLine } from '../questions';

export const limitNames: Record<LimitId, string> = {
  'shoulder front': 'the front of the shoulder',
  'shoulder unstable': 'an unstable shoulder',
  elbow: 'the elbow',
  wrist: 'the wrist',
  'lower back': 'the lower back',
  'blood pressure': 'blood pressure',
  'pec strain': 'an earlier chest strain',
};

/** Settings that answer a caution on the same movement, before another movement is tried. */
function gentler(s: Measured, m: MeasuredLine, limit: LimitId): FixDraft[] {
  const fixes: FixDraft[] = [];
  const { knobs } = m.movement;
  if (limit === 'shoulder front' && m.movement.pattern === 'press') {
    if (knobs.forearm?.options.includes('neutral') && m.rig.forearm !== 'neutral')
      fixes.push({
        label: 'Neutral grip, tucked',
        edit: changeLine(m.id, { rig: { ...m.rig, forearm: 'neutral', tuckDeg: 35 } }),
      });
    else if (
      m.movement.id === 'barbell-press' &&
      makeableLoads(s.context.kit, findMovement('dumbbell-press')!).length > 0
    )
      fixes.push({
        label: 'Use neutral-grip dumbbells',
        edit: changeLine(m.id, {
          movement: 'dumbbell-press',
          own: undefined,
          rig: { benchDeg: m.rig.benchDeg ?? 0, forearm: 'neutral', tuckDeg: 35 },
          loadKg: null,
          cues: null,
        }),
      });
    if (knobs.tuckDeg && m.rig.tuckDeg! > 45)
      fixes.push({ label: 'Tuck to 45°', edit: changeLine(m.id, { rig: { ...m.rig, tuckDeg: 45 } }) });
  }
  if (limit === 'lower back' && knobs.stance?.options.includes('prone') && m.rig.stance !== 'prone')
    fixes.push({ label: 'Chest supported', edit: changeLine(m.id, { rig: { ...m.rig, stance: 'prone' } }) });
  return fixes;
}

function look(s: Measured): FindingDraft[] {
  return s.context.client.limits.flatMap(({ limit }) =>
    s.lines.flatMap((m): FindingDraft[] => {
      const caution = cautionFor(m.movement, m.rig, limit);
      if (!caution) return [];
      return [
        {
          on: [m.id],
          what: `${m.name} meets ${limitNames[limit]}.`,
          why: caution.say,
          fixes: [
            ...gentler(s, m, limit),
            ...sameJob(m, s.context, { other: null, kindTo: limit }, 1).map(({ entry }) => ({
              label: `Use ${entry.name.toLowerCase()}`,
              edit: changeLine(m.id, becoming(entry)),
            })),
          ],
        },
      ];
    }),
  );
}

export const clientLimits: Rule = {
  id: 'client-limits',
  title: 'What this client has to mind',
  severity: 'watch',
  ground: 'common practice',
  look,
};
