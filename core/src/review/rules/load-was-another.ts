import { perHandWords } from '../../movements';
import { massText, type MassUnit } from '../../units';
import type { MeasuredLine } from '../../measure';
import { changeLine } from '../questions';
import type { Rule } from '../model';

/** The heaviest set whose load would be another today: the one a coach looks at. */
const otherToday = (m: MeasuredLine) =>
  m.sets
    .filter((s) => s.todayKg !== null && s.kg !== null)
    .reduce<MeasuredLine['sets'][number] | null>((a, s) => (a === null || s.kg! > a.kg! ? s : a), null);

/** "24 kg each", "bodyweight + 10 kg". */
function loadWords({ movement }: MeasuredLine, kg: number, unit: MassUnit): string {
  const load = `${massText(kg, unit)}${perHandWords(movement)}`;
  if (movement.load.kind !== 'bodyweight') return load;
  return kg === 0 ? 'bodyweight' : `bodyweight + ${load}`;
}

export const loadWasAnother: Rule = {
  id: 'load-was-another',
  title: 'Handed over with another load',
  severity: 'note',
  ground: 'common practice',
  at: 'load',
  look: (s) => {
    const { unit } = s.context.client;
    return s.lines.flatMap((m) => {
      const set = otherToday(m);
      return set === null
        ? []
        : [
            {
              on: [m.id],
              what: `${m.name} was handed over at ${loadWords(m, set.kg!, unit)}; today ${loadWords(m, set.todayKg!, unit)}.`,
              why: 'What the client was given holds. What was logged, tested or written down since says another load.',
              fixes: () => [
                { label: 'Take the loads of today', edit: changeLine(m.id, { handed: undefined }) },
              ],
            },
          ];
    });
  },
};
