import { type Measured, type MeasuredLine, isHeavyCompound } from '../../measure';
import { setTargets } from '../../session';
import { clockText } from '../../units';
import type { FindingDraft, Rule } from '../model';
import { changeLine, setsOf } from '../questions';

/** Heavy sets, in repetitions, and the least rest they make sense with, seconds. Common practice. */
const HEAVY = 6;
const LEAST_HEAVY_S = 60;

/** A rest this near to the floor is no finding, as a share. Own estimate. */
const NEARLY = 0.75;

/** The rest after a line's set: that of the whole round where others stand between. */
function look(s: Measured, m: MeasuredLine): FindingDraft[] {
  const block = s.session.blocks.find((b) => b.id === m.blockId)!;
  if (block.lines.length > 1 && block.lines.at(-1)!.id !== m.id) return [];
  if (
    ['corrective', 'preparation'].includes(m.movement.family) ||
    (setsOf(m) < 2 && block.lines.length === 1)
  )
    return [];
  const floor = s.school.restFloorS[isHeavyCompound(m) ? 'compound' : 'isolation'];
  const { restS } = m.line;
  // A round gives each of its movements the time of the others.
  const need = block.lines.length > 1 ? floor / 2 : floor;
  if (restS >= need * NEARLY) return [];
  const fewest = Math.min(...setTargets(m.line).map((t) => t.reps.lo));
  const isHeavy = isHeavyCompound(m) && fewest <= HEAVY && restS < LEAST_HEAVY_S;
  const far = isHeavy || restS < need / 2;
  return [
    {
      on: [m.id],
      severity: far ? 'watch' : 'note',
      what:
        restS === 0
          ? `${m.name} has no rest between its sets.`
          : `${m.name} rests ${clockText(restS)}; ${s.school.name.toLowerCase()} goes no lower than ${clockText(need)}.`,
      why: isHeavy
        ? 'Heavy sets without rest are not heavy sets: the reps of the second are gone before it starts.'
        : 'Shorter rests cost repetitions in every set after the first; the load tab shows how many.',
      fixes: () => [
        { label: `Rest ${clockText(Math.ceil(need))}`, edit: changeLine(m.id, { restS: Math.ceil(need) }) },
      ],
    },
  ];
}

export const shortRests: Rule = {
  id: 'short-rests',
  title: 'Rests under the floor',
  severity: 'watch',
  ground: 'school',
  at: 'rest',
  look: (s) => s.lines.flatMap((m) => look(s, m)),
};
