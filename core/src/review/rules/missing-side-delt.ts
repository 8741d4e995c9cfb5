import { DIRECT } from '../../dose';
import type { Measured } from '../../measure';
import { kindOf, owes } from '../../session';
import { setsFor } from '../questions';
import type { Rule } from '../model';
import { offerFirst } from './additions';

const isAsked = (s: Measured): boolean =>
  s.context.client.lagging.includes('deltSide') ||
  s.session.emphasis === 'deltSide' ||
  kindOf(s.session) === 'shoulders';

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
            severity: isAsked(s) ? ('watch' as const) : ('note' as const),
            moves: { of: 'deltSide' as const, by: 1 as const },
            what: 'No raise to the side: the side delts get nothing direct.',
            why: 'Presses hardly reach them.',
            fixes: () =>
              offerFirst(s, ['cable-lateral-raise', 'dumbbell-lateral-raise', 'machine-lateral-raise'], 2),
          },
        ],
};
