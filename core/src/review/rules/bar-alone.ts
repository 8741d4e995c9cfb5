import { missingFor } from '../../kit';
import { findMovement, fullRig } from '../../movements';
import { changeLine, easedTo, lowestReserve } from '../questions';
import type { FixDraft, Rule } from '../model';

export const barAlone: Rule = {
  id: 'bar-alone',
  title: 'Bar near failure with nobody by',
  severity: 'stop',
  ground: 'common practice',
  at: 'reserve',
  look: (s) => {
    const { kit } = s.context;
    if (s.session.spotter || kit.rack.safetyArms) return [];
    return s.lines
      .filter((m) => m.movement.barOverBody && (m.rig.benchDeg ?? 0) < 70 && lowestReserve(m.line) <= 1)
      .map((m) => {
        const swaps: FixDraft[] = ['dumbbell-press', 'guided-bar-press']
          .map((id) => findMovement(id)!)
          .filter((to) => missingFor(kit, to) === null)
          .map((to) => ({
            label: to.id === 'dumbbell-press' ? 'Use dumbbells' : 'Use the guided bar',
            edit: changeLine(m.id, {
              movement: to.id,
              own: undefined,
              rig: fullRig(to, {
                benchDeg: m.rig.benchDeg ?? 0,
                tuckDeg: m.rig.tuckDeg ?? 50,
                ...(m.rig.stance === 'floor' ? { stance: 'floor' as const } : {}),
              }),
              loadKg: null,
              cues: null,
            }),
          }));
        return {
          mustGo: true,
          on: [m.id],
          what: `${m.name} goes to ${lowestReserve(m.line)} in reserve, and neither a spotter nor safety arms are there.`,
          why: 'A bar that stops over the body has nowhere to go; this needs someone standing by, arms on the rack, or more in reserve.',
          fixes: () => [
            {
              label: 'Leave at least 2',
              edit: easedTo(m, {
                first: Math.max(2, m.line.reserve.first),
                last: Math.max(2, m.line.reserve.last),
              }),
            },
            ...swaps,
            { label: 'A spotter will be there', edit: { do: 'head', patch: { spotter: true } } },
          ],
        };
      });
  },
};
