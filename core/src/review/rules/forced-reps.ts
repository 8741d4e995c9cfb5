import type { MeasuredLine } from '../../measure';
import type { Rule } from '../model';
import { changeLine } from '../questions';

const asked =
  /\b(forced|assisted|cheat(?:ed|ing)?) (?:reps?|repetitions?)\b|\bnegatives?\b(?:[- ]only)?|\beccentric[- ]only\b|\boverload(?:ed)? (?:negative|lowering|eccentric)/i;
/** In English a negation right before it takes it back. */
const refused = /\b(?:no|not|never|without|avoid)\b[^.;]{0,20}$/i;

function wordOf(m: MeasuredLine): string | null {
  for (const text of [m.line.note, ...(m.line.cues ?? [])]) {
    const found = asked.exec(text);
    if (found && !refused.test(text.slice(0, found.index))) return found[0].toLowerCase();
  }
  return null;
}

export const forcedReps: Rule = {
  id: 'forced-reps',
  title: 'Forced or negative-only reps',
  severity: 'watch',
  ground: 'common practice',
  at: 'scheme',
  look: (s) => {
    const novice = s.context.client.trainingAge === 'under 1 year';
    const strained = s.context.client.limits.some((l) => l.limit === 'pec strain');
    return s.lines.flatMap((m) => {
      const word = wordOf(m);
      if (word === null) return [];
      return [
        {
          on: [m.id],
          severity: novice || strained ? ('stop' as const) : ('watch' as const),
          what: `${m.name} asks for ${word}.`,
          why: novice
            ? 'In the first year there is nothing they bring that plain sets do not, and the tissue is not ready for them.'
            : strained
              ? 'After a chest strain the lowering under more than one can lift is what tears it again.'
              : 'More than one can lift needs practised hands beside the client, seldom and for the advanced.',
          fixes: () => [
            {
              label: 'Take the words off',
              edit: changeLine(m.id, {
                note: asked.test(m.line.note) ? '' : m.line.note,
                cues: m.line.cues?.filter((c) => !asked.test(c)) ?? null,
              }),
            },
          ],
        },
      ];
    });
  },
};
