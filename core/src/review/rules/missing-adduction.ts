import { owes } from '../../session';
import type { Rule } from '../model';
import { isPress, setsFor } from '../questions';
import { offerFirst } from './additions';

const MOST_PRESSED = 7;

export const missingAdduction: Rule = {
  id: 'missing-adduction',
  title: 'No arm brought across under load',
  severity: 'note',
  ground: 'mechanics',
  look: (s) => {
    const chest = s.lines.filter((m) => isPress(m) && m.movement.family === 'press');
    if (!owes(s.session, 'adduction') || chest.length < 2 || setsFor(s, 'pecMiddle', 0.5) < MOST_PRESSED)
      return [];
    // Strength asks for nothing at the short end, and any fly brings the arm across.
    const { aim, trainingAge } = s.context.client;
    if (aim === 'strength' || trainingAge === 'under 1 year') return [];
    if (s.lines.some((m) => m.movement.pattern === 'fly')) return [];
    return [
      {
        on: [],
        what: 'Only presses for the chest: nothing brings the arms across.',
        why: 'A press ends with the bones stacked; on a cable or a machine the chest still pulls when the hands meet.',
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
