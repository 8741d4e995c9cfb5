import { choicesOf } from '../../loads/prescribe';
import { massText } from '../../units/mass';
import { changeLine } from '../questions';
import type { Rule } from '../model';

/** Reserve above target from which the heaviest load of the kit is called too light. */
const TOO_EASY = 2;

export const rackRunsOut: Rule = {
  id: 'rack-runs-out',
  title: 'The kit ends too early',
  severity: 'note',
  ground: 'common practice',
  look: (s) =>
    s.lines
      .filter((m) => {
        const set = m.sets[0];
        const heaviest = choicesOf(s.context.kit, m.movement)?.at(-1)?.kg;
        return (
          m.movement.load.kind === 'external' &&
          set !== undefined &&
          !set.byHand &&
          m.line.tempo.lower < 4 &&
          set.kg === heaviest &&
          set.reserveShift > TOO_EASY
        );
      })
      .map((m) => ({
        on: [m.id],
        what: `${m.name} would need ${massText(m.sets[0]!.wishKg!, s.context.client.unit)}; the heaviest here is ${massText(m.sets[0]!.kg!, s.context.client.unit)}.`,
        why: 'Slower lowering, a pause or more reps make the load enough again.',
        fixes: [
          {
            label: 'Lower for four seconds, pause one',
            edit: changeLine(m.id, { tempo: { ...m.line.tempo, lower: 4, stretched: 1 } }),
          },
        ],
      })),
};
