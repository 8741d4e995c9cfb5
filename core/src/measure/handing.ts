import type { Edit } from '../session';
import type { Measured } from './model';

/**
 * Hands a session over with the loads it has now: they hold from then on, whatever is learnt later. Lines with nothing
 * to go by, and loads of the coach's own, stay as they are.
 */
export const handingOver = ({ lines }: Pick<Measured, 'lines'>): Edit => ({
  do: 'all',
  edits: [
    ...lines.flatMap((m): Edit[] => {
      const loads = m.sets.flatMap((s) => (s.kg === null ? [] : [s.kg]));
      const isKnown = m.line.loadKg === null && loads.length > 0 && loads.length === m.sets.length;
      return isKnown ? [{ do: 'line', line: m.id, patch: { handed: loads } }] : [];
    }),
    { do: 'head', patch: { status: 'handed over' } },
  ],
});
