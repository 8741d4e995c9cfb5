import { DIRECT } from '../../dose';
import { owes } from '../../session';
import { setsFor } from '../questions';
import type { Rule } from '../model';
import { offerFirst } from './additions';

export const missingSideDelt: Rule = {
  id: 'missing-side-delt',
  title: 'Nothing for the side delts',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    !owes(s.session, 'side delts') || s.lines.length < 3 || setsFor(s, 'deltSide', DIRECT) > 0
      ? []
      : [
          {
            on: [],
            what: 'Nothing here raises the arm to the side: the side delts get no direct set.',
            why: 'Presses hardly reach them.',
            fixes: () =>
              offerFirst(s, ['cable-lateral-raise', 'dumbbell-lateral-raise', 'machine-lateral-raise'], 2),
          },
        ],
};
