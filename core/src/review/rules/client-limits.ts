import { makeableLoads } from '../../kit/fitting';
import { findMovement } from '../../movements/catalogue';
import { changeLine } from '../questions';
import type { FindingDraft, FixDraft, Rule } from '../model';
import type { Measured, MeasuredLine } from '../../measure/measure';
import type { LimitId } from '../../movements/model';
import { sameFamily } from './not-in-this-gym';

const limitNames: Record<LimitId, string> = {
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

/** Settings on which a caution has been heard already. */
const answered = (m: MeasuredLine, limit: LimitId): boolean =>
  (limit === 'shoulder front' &&
    m.movement.pattern === 'press' &&
    m.movement.family === 'press' &&
    m.movement.id !== 'dip' &&
    (m.rig.forearm === 'neutral' || (m.rig.tuckDeg ?? 90) <= 45 || m.rig.stance === 'floor')) ||
  (limit === 'shoulder front' &&
    m.movement.pattern === 'fly' &&
    (m.rig.stance === 'floor' || m.rig.range === 'chest level')) ||
  (limit === 'lower back' && (m.rig.stance === 'prone' || m.rig.stance === 'seated'));

function look(s: Measured): FindingDraft[] {
  return s.context.client.limits.flatMap(({ limit }) =>
    s.lines.flatMap((m): FindingDraft[] => {
      const caution = m.movement.cautions.find((c) => c.limit === limit);
      if (!caution || answered(m, limit)) return [];
      const swap = sameFamily(s, m).find((e) => !e.movement.cautions.some((c) => c.limit === limit));
      return [
        {
          on: [m.id],
          what: `${m.name} meets ${limitNames[limit]}.`,
          why: caution.say,
          fixes: [
            ...gentler(s, m, limit),
            ...(swap
              ? [
                  {
                    label: `Use ${swap.name.toLowerCase()}`,
                    edit: changeLine(m.id, {
                      movement: swap.movement.id,
                      rig: swap.rig,
                      loadKg: null,
                      cues: null,
                    }),
                  },
                ]
              : []),
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
