import type { Kit } from '../kit';
import { missingFor } from '../kit';
import { type Entry, findEntry } from '../movements';
import { type School, startingLine } from '../schools';
import type { Client, Line, RepRange } from '../session';
import { limitsMet } from './limits';

/** Repetitions as they are usually written: the lead, other presses, flies and raises, the triceps. Common practice. */
const LEAD: RepRange = { lo: 6, hi: 8 };
const PRESSES: RepRange = { lo: 8, hi: 12 };
const RAISES: RepRange = { lo: 12, hi: 15 };
const ARMS: RepRange = { lo: 10, hi: 12 };

interface Slot {
  /** Movements for it, the most usual first. */
  choices: readonly string[];
  /** First where this client has not trained for a year: what is learned soonest. */
  atFirst?: readonly string[];
}

const level: Slot = {
  choices: [
    'barbell-bench-press',
    'dumbbell-bench-press',
    'chest-press-machine',
    'neutral-grip-dumbbell-press',
    'dumbbell-floor-press',
    'push-up',
  ],
  atFirst: ['dumbbell-bench-press', 'chest-press-machine'],
};
const inclined: Slot = {
  choices: [
    'incline-dumbbell-press',
    'incline-press-machine',
    'incline-barbell-press',
    'feet-raised-push-up',
  ],
};
const fly: Slot = {
  choices: [
    'cable-fly-shoulder-height',
    'machine-fly',
    'dumbbell-fly',
    'incline-dumbbell-fly',
    'dumbbell-floor-fly',
  ],
  atFirst: ['machine-fly'],
};
const side: Slot = { choices: ['dumbbell-lateral-raise', 'cable-lateral-raise', 'machine-lateral-raise'] };
const armUp: Slot = {
  choices: ['cable-overhead-extension', 'overhead-extension', 'lying-triceps-extension', 'narrow-push-up'],
};

/**
 * The movements of a push day as it is usually put together: a chest press, the other chest press, a fly, the side delts,
 * the triceps with the arm up; each the most usual that this gym has and this client's injuries let pass, as its school
 * begins one. A weak upper chest leads. What nothing fits is left out. Common practice; a beginning, no judgement.
 *
 * @example usualDay({ client, kit, school: schools.evidence }, () => newId('line')).map((l) => l.movement)
 */
export function usualDay(
  {
    client,
    kit,
    school,
  }: { client: Pick<Client, 'trainingAge' | 'lagging' | 'limits'>; kit: Kit; school: School },
  idOf: () => string,
): Line[] {
  const presses = client.lagging.includes('pecUpper') ? [inclined, level] : [level, inclined];
  const isHere = ({ movement, rig }: Entry): boolean =>
    missingFor(kit, movement, rig) === null && limitsMet(movement, rig, client.limits).length === 0;
  const taken = new Set<string>();
  const isNew = client.trainingAge === 'under 1 year';
  const repsFor = ({ movement }: Entry, at: number): RepRange =>
    movement.compound ? (at === 0 && !isNew ? LEAD : PRESSES) : movement.family === 'triceps' ? ARMS : RAISES;
  return [...presses, fly, side, armUp].flatMap(({ choices, atFirst = [] }, at) => {
    const ids = isNew ? [...atFirst, ...choices] : choices;
    const entry = ids.map((id) => findEntry(id)!).find((e) => !taken.has(e.id) && isHere(e));
    if (!entry) return [];
    taken.add(entry.id);
    const line = startingLine(entry, school, idOf());
    return [
      {
        ...line,
        scheme: { kind: 'straight' as const, sets: school.starting.sets, reps: repsFor(entry, at) },
      },
    ];
  });
}
