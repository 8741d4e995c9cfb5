import { hardnessOf } from '../../choosing';
import { bodyOf, type Measured, type MeasuredLine } from '../../measure';
import { owes } from '../../session';
import type { Rule } from '../model';
import { isPress, setsFor } from '../questions';
import { offerFirst } from './additions';

/** Torque at the short end as a share of the hardest moment from which it is loaded there. Own estimate. */
const LOADED = 0.3;
const MOST_PRESSED = 6;

function isLoadedShort(s: Measured, m: MeasuredLine): boolean {
  if (m.movement.pattern !== 'fly') return false;
  const hard = hardnessOf(m.movement, m.rig, m.credits, bodyOf(s.context));
  return hard !== null && hard.shortened >= LOADED;
}

export const missingAdduction: Rule = {
  id: 'missing-adduction',
  title: 'No arm brought across under load',
  severity: 'note',
  ground: 'mechanics',
  look: (s) => {
    const chest = s.lines.filter((m) => isPress(m) && m.movement.family === 'press');
    if (!owes(s.session, 'adduction') || chest.length < 2 || setsFor(s, 'pecMiddle', 0.5) < MOST_PRESSED)
      return [];
    if (s.lines.some((m) => isLoadedShort(s, m))) return [];
    return [
      {
        on: [],
        what: 'No movement holds the chest under load where it is shortest.',
        why: 'A press ends with the bones stacked and a bell fly with hardly any torque; a cable or a machine still pulls when the hands meet.',
        fixes: () =>
          offerFirst(
            s,
            ['cable-fly-shoulder-height', 'machine-fly', 'cable-fly-high-to-low', 'single-arm-crossover'],
            2,
          ),
      },
    ];
  },
};
