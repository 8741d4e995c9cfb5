import { hardnessOf } from '../../choosing';
import { bodyOf, type Measured, type MeasuredLine } from '../../measure';
import { owes } from '../../session';
import type { Rule } from '../model';
import { setsFor } from '../questions';
import { offerFirst } from './additions';

/** Torque in the stretch as a share of the hardest moment from which a movement is hard there. Own estimate. */
const HARD = 0.85;
const FEWEST_SETS = 4;

/** Cut short before the chest is long. */
const cutShort = ({ rig }: MeasuredLine): boolean =>
  rig.stance === 'floor' || ['box', 'pins', 'mid pins'].includes(rig.range ?? '');

function isHardLong(s: Measured, m: MeasuredLine): boolean {
  if (!['press', 'fly'].includes(m.movement.family) || cutShort(m)) return false;
  const hard = hardnessOf(m.movement, m.rig, m.credits, bodyOf(s.context));
  return hard !== null && hard.stretched >= HARD;
}

export const missingStretch: Rule = {
  id: 'missing-stretch',
  title: 'Nothing hard in the stretch',
  severity: 'note',
  ground: 'published',
  look: (s) => {
    if (!owes(s.session, 'stretch') || setsFor(s, 'pecMiddle', 0.5) < FEWEST_SETS) return [];
    if (s.context.client.limits.some(({ limit }) => limit === 'shoulder unstable' || limit === 'pec strain'))
      return [];
    if (s.lines.some((m) => isHardLong(s, m))) return [];
    return [
      {
        on: [],
        what: 'No press or fly is hard while the chest is long.',
        why: 'Training at long muscle lengths grew more in thighs (Pedrosa et al. 2022) and triceps (Maeo et al. 2023, both untrained); for the chest that is suggested, not shown.',
        fixes: () =>
          offerFirst(s, ['incline-dumbbell-press', 'dumbbell-bench-press', 'machine-fly', 'dumbbell-fly'], 2),
      },
    ];
  },
};
