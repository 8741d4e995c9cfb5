import type { Rule } from '../model';
import { changeLine, setsOf } from '../questions';
import { clockText } from '../../units';

/** Rest after a single-joint set from which it only costs the hour, seconds. Common practice. */
const LONG_S = 180;
const ENOUGH_S = 90;

export const longRests: Rule = {
  id: 'long-rests',
  title: 'Long rests on small movements',
  severity: 'note',
  ground: 'common practice',
  at: 'rest',
  look: (s) =>
    s.lines
      .filter((m) => !m.movement.compound && m.line.restS >= LONG_S && setsOf(m) > 1)
      .filter((m) => s.session.blocks.find((b) => b.id === m.blockId)!.lines.length === 1)
      .map((m) => ({
        on: [m.id],
        what: `${m.name} rests ${clockText(m.line.restS)} between sets.`,
        why: 'A movement of one joint has its repetitions back in a minute or two; the rest is worth more at the presses.',
        fixes: () => [{ label: `Rest ${clockText(ENOUGH_S)}`, edit: changeLine(m.id, { restS: ENOUGH_S }) }],
      })),
};
