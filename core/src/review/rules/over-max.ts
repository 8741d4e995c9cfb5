import type { Measured, MeasuredLine } from '../../measure';
import { massText, roughMass } from '../../units';
import { movedShare } from '../../strength';
import { changeLine, insteadOf, isFreeWeight } from '../questions';
import type { FindingDraft, Rule } from '../model';

/** A borrowed max is only so sure: a load is called too much past this many of its standard deviations. */
const SURE = 2;

/** The working set that is heavier than anything the client is known to lift once; null where none is. */
export function overMaxIn(s: Measured, m: MeasuredLine): { kg: number; max: number } | null {
  if (m.max.basis === 'calibrate') return null;
  const body = movedShare(m.movement, m.rig) * s.context.client.massKg;
  const heaviest = Math.max(0, ...m.sets.map((x) => x.kg ?? 0));
  const margin = m.max.basis === 'borrowed' ? SURE * m.max.spread : m.max.spread;
  return heaviest > 0 && heaviest + body > m.max.kg * (1 + margin)
    ? { kg: heaviest, max: m.max.kg - body }
    : null;
}

function look(s: Measured, m: MeasuredLine): FindingDraft[] {
  const over = overMaxIn(s, m);
  if (!over) return [];
  const { unit } = s.context.client;
  const isHeavy = m.movement.compound && (isFreeWeight(m) || m.movement.implement === 'guided bar');
  return [
    {
      on: [m.id],
      severity: isHeavy ? 'stop' : 'watch',
      what: `${m.name}: ${massText(over.kg, unit)} is over the known max, about ${roughMass(over.max, unit)}.`,
      why: isHeavy
        ? 'The first rep is expected to stay down. A model’s estimate from tests and sets; a new test can say otherwise.'
        : 'Not one repetition is expected. A model’s estimate from tests and sets.',
      fixes: () =>
        m.line.loadKg === null && m.line.percentOf === undefined
          ? insteadOf(m, s, { other: null, kindTo: null }, 2)
          : [
              {
                label: 'Use the computed load',
                edit: changeLine(m.id, { loadKg: null, percentOf: undefined }),
              },
            ],
    },
  ];
}

export const overMax: Rule = {
  id: 'over-max',
  title: 'Heavier than the max',
  severity: 'stop',
  ground: 'mechanics',
  at: 'load',
  look: (s) => s.lines.flatMap((m) => look(s, m)),
};
