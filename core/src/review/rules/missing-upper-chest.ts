import { DIRECT } from '../../dose';
import type { Measured, MeasuredLine } from '../../measure';
import { owes } from '../../session';
import type { FixDraft, Rule } from '../model';
import { changeLine, notchFor, setsFor } from '../questions';
import { offerFirst } from './additions';
import { flyTurnedUp } from './fly-at-press-angle';

/** The chest is trained by so many sets before its heads are asked for one by one. */
const ENOUGH_CHEST = 4;

/** Hands so far apart press with the chest, in breadths of the shoulders. Common practice. */
const CHEST_GRIP = 1.2;

/** As much for the upper chest as for the rest of it. */
const isForUpper = ({ credits }: MeasuredLine): boolean =>
  (credits.pecUpper ?? 0) >= 0.5 && (credits.pecUpper ?? 0) > (credits.pecMiddle ?? 0);

/** A flat press whose bench turns up. */
export function turned(s: Measured): FixDraft[] {
  const flat = s.lines.filter(
    (m) =>
      m.movement.family === 'press' &&
      m.rig.benchDeg !== undefined &&
      m.rig.benchDeg < 10 &&
      // Hands close together make it one for the triceps.
      (m.rig.gripBiacromial ?? CHEST_GRIP) >= CHEST_GRIP &&
      m.rig.stance !== 'floor',
  );
  const deg = notchFor(s, 30);
  return flat.slice(-1).map((m) => ({
    label: `Turn the bench of the ${m.name.toLowerCase()} to ${deg}°`,
    edit: changeLine(m.id, { rig: { ...m.rig, benchDeg: deg }, loadKg: null }),
  }));
}

export const missingUpperChest: Rule = {
  id: 'missing-upper-chest',
  title: 'Nothing for the upper chest',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) => {
    const lags = s.context.client.lagging.includes('pecUpper') || s.session.emphasis === 'pecUpper';
    if (!owes(s.session, 'upper chest') || s.lines.some(isForUpper)) return [];
    const chest = s.lines.filter((m) => Math.max(m.credits.pecMiddle ?? 0, m.credits.pecLower ?? 0) >= 0.5);
    if (!lags && (chest.length < 2 || s.context.client.trainingAge === 'under 1 year')) return [];
    if (!lags && setsFor(s, 'pecMiddle', 0.5) + setsFor(s, 'pecLower', DIRECT) < ENOUGH_CHEST) return [];
    return [
      {
        on: [],
        moves: { of: 'pecUpper', by: 1 },
        severity: lags ? 'watch' : 'note',
        what: lags
          ? 'The upper chest should come up; nothing is for it first.'
          : 'Nothing here is for the upper chest first.',
        why: 'Its fibres run up to the collarbone: they need the arm to travel up, on a bench of about 30° or from a low pulley.',
        fixes: () => [
          ...turned(s),
          ...flyTurnedUp(s),
          ...offerFirst(
            s,
            ['incline-dumbbell-press', 'cable-fly-low-to-high', 'incline-press-machine'],
            2,
            // What should come up comes right after the lift the day turns about.
            lags ? { at: 1 } : {},
          ),
        ],
      },
    ];
  },
};
