import { missingFor } from '../../kit';
import type { Measured, MeasuredLine } from '../../measure';
import { findMovement, fullRig } from '../../movements';
import type { Edit } from '../../session';
import { changeLine, easedTo, lowestReserve } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Reserve at which a bar over the body wants somebody by, and what it is eased to. Common practice. */
const NEAR = 1;
const EASED = 2;

const eased = (m: MeasuredLine): Edit =>
  easedTo(m, {
    first: Math.max(EASED, m.line.reserve.first),
    last: Math.max(EASED, m.line.reserve.last),
  });

/** Bells or a guided bar for the bar. */
const swaps = (s: Measured, m: MeasuredLine): FixDraft[] =>
  ['dumbbell-press', 'guided-bar-press']
    .map((id) => findMovement(id)!)
    .filter((to) => missingFor(s.context.kit, to) === null)
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

export const barAlone: Rule = {
  id: 'bar-alone',
  title: 'Bar near failure with nobody by',
  severity: 'stop',
  ground: 'common practice',
  at: 'reserve',
  look: (s) => {
    if (s.session.spotter || s.context.kit.rack.safetyArms) return [];
    const lines = s.lines.filter(
      (m) => m.movement.barOverBody && (m.rig.benchDeg ?? 0) < 70 && lowestReserve(m.line) <= NEAR,
    );
    const [one] = lines;
    if (!one) return [];
    const left = Math.min(...lines.map((m) => lowestReserve(m.line)));
    return [
      {
        mustGo: true,
        on: lines.map((m) => m.id),
        what:
          lines.length === 1
            ? `${one.name} goes to ${left} in reserve with nobody to spot.`
            : `${lines.length} bar presses go to ${left} in reserve with nobody to spot.`,
        why: 'Neither a spotter nor safety arms are there. A bar that stops over the body has nowhere to go; this needs someone standing by, arms on the rack, or more in reserve.',
        fixes: () => [
          { label: 'Leave at least 2', edit: { do: 'all', edits: lines.map(eased) } },
          ...(lines.length === 1 ? swaps(s, one) : []),
          { label: 'A spotter will be there', edit: { do: 'head', patch: { spotter: true } } },
        ],
      },
    ];
  },
};
