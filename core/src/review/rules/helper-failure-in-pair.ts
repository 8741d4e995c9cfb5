import { DIRECT } from '../../dose';
import { groupCredit } from '../../anatomy';
import type { MeasuredLine } from '../../measure';
import type { Rule } from '../model';
import { easedTo, isPress, lowestReserve } from '../questions';

const helpers = ['triceps', 'deltFront'] as const;

/** A movement of one joint for a muscle that the press needs as a helper. */
const helps = (m: MeasuredLine, press: MeasuredLine): boolean =>
  !m.movement.compound &&
  helpers.some((g) => groupCredit(m.credits, g) >= DIRECT && groupCredit(press.credits, g) >= 0.4);

export const helperFailureInPair: Rule = {
  id: 'helper-failure-in-pair',
  title: 'The helper to failure beside its press',
  severity: 'watch',
  ground: 'common practice',
  at: 'reserve',
  look: (s) =>
    s.session.blocks
      .filter((b) => b.lines.length > 1)
      .flatMap((block) => {
        const lines = s.lines.filter((m) => m.blockId === block.id);
        return lines.flatMap((m) => {
          const press = lines.find((p) => p !== m && isPress(p) && helps(m, p));
          if (!press || lowestReserve(m.line) > 0) return [];
          return [
            {
              on: [m.id, press.id],
              what: `${m.name} goes to failure between sets of ${press.name.toLowerCase()}.`,
              why: 'The press needs that muscle in its next set: it ends where the helper gives out, not where its own muscle does.',
              fixes: () => [{ label: 'Leave 2', edit: easedTo(m, { first: 2, last: 2 }) }],
            },
          ];
        });
      }),
};
