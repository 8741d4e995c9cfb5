import { kindOf, owes } from '../../session';
import { movementOf } from '../../movements';
import { creditsOf } from '../../mechanics';
import { freshId, setsFor } from '../questions';
import type { Rule } from '../model';
import { offerFirst } from './additions';

export const missingRearOrRotation: Rule = {
  id: 'missing-rear-or-rotation',
  title: 'No rear delt or external rotation',
  severity: 'note',
  ground: 'common practice',
  look: (s) => {
    // What balances the pressing stands in the week as a rule: a day is asked for it where a shoulder complains or is the subject.
    const isCareful = s.context.client.limits.some(({ limit }) => limit.startsWith('shoulder'));
    const inWarmup = s.session.warmup.some((w) => {
      const credits = creditsOf(movementOf(w.movement), {});
      return (credits.deltRear ?? 0) >= 0.5 || (credits.cuff ?? 0) >= 0.5;
    });
    if (
      !owes(s.session, 'rear delts') ||
      !(isCareful || kindOf(s.session) === 'shoulders') ||
      s.lines.length < 3 ||
      inWarmup ||
      setsFor(s, 'deltRear', 0.5) + setsFor(s, 'cuff', 0.5) > 0
    )
      return [];
    return [
      {
        on: [],
        what: 'Nothing pulls the shoulder back or turns it out.',
        why: 'A lot of pressing leaves the shoulders turned in; some rear delt or rotator work holds the balance.',
        fixes: () => [
          ...offerFirst(s, ['incline-rear-raise', 'cable-rear-fly']),
          {
            label: 'Add pull-aparts to the warm-up',
            edit: {
              do: 'add warmup',
              at: s.session.warmup.length,
              item: {
                id: freshId(s, 'warm-pull-apart'),
                movement: 'band-pull-apart',
                sets: 2,
                reps: 15,
                seconds: null,
                note: '',
              },
            },
          },
        ],
      },
    ];
  },
};
