import { DIRECT } from '../../dose';
import { groupCredit, type GroupId, groupIds, groupNames } from '../../anatomy';
import { groupOfEmphasis } from '../../session';
import { type MeasuredLine, isHeavyCompound } from '../../measure';
import type { Rule } from '../model';
import { blockIndex, lowestReserve } from '../questions';

/** An easier set than this hardly tires what comes after. */
const EASY = 4;

const groupOf = (m: MeasuredLine): GroupId | undefined =>
  groupIds.find((g) => groupCredit(m.credits, g) >= DIRECT);

export const isolationBeforeCompound: Rule = {
  id: 'isolation-before-compound',
  title: 'Isolation before the press',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const main = groupOfEmphasis(s.session.emphasis);
    const heavy = s.lines.filter(isHeavyCompound);
    if (heavy.length === 0) return [];
    return s.lines
      .filter(
        (m) =>
          !m.movement.compound &&
          ['fly', 'raise'].includes(m.movement.family) &&
          lowestReserve(m.line) < EASY,
      )
      .flatMap((m) => {
        const group = groupOf(m);
        // A side delt raise first is the emphasis first where the session is for it.
        if (!group || (group === main && m.movement.family === 'raise')) return [];
        const here = blockIndex(s, m.id);
        const after = heavy.filter(
          (p) => groupCredit(p.credits, group) >= DIRECT && blockIndex(s, p.id) > here,
        );
        const last = after[after.length - 1];
        // A press for it that stands before has had the fresh muscle.
        const isLed = heavy.some(
          (p) => groupCredit(p.credits, group) >= DIRECT && blockIndex(s, p.id) < here,
        );
        if (!last || isLed) return [];
        return [
          {
            on: [m.id, after[0]!.id],
            what: `${m.name} tires the ${groupNames[group].toLowerCase()} before ${after[0]!.name.toLowerCase()}.`,
            why: 'What stands late loses repetitions (Simão et al. 2012, a review), and the press has more to lose; that it costs growth has not been shown.',
            fixes: () => [
              {
                label: 'Move it behind the press',
                edit: { do: 'move line' as const, line: m.id, to: blockIndex(s, last.id) },
              },
            ],
          },
        ];
      });
  },
};
