import { choicesOf, type LoadedSet } from '../../loads';
import { type Measured, type MeasuredLine, standingOf } from '../../measure';
import { massText, type MassUnit, roughMass } from '../../units';
import { repsText } from '../../session';
import { changeLine, insteadOf } from '../questions';
import type { FindingDraft, FixDraft, Rule } from '../model';

/** Repetitions more in reserve than was asked for from which the load contradicts the prescription. Own estimate. */
const FAR_OFF = 4;
/** Repetitions from the lowest to the highest of a range that is written for longer sets. Common practice. */
const SPAN = 3;

const working = (m: MeasuredLine): LoadedSet[] => m.sets.filter((set) => set.target.stage === 0);
const extra = ({ expectedReserve, target }: LoadedSet): number =>
  (expectedReserve ?? target.reserve) - target.reserve;

/** "40 kg leaves 8 where 2 are asked for; 46 kg would do." */
function why(set: LoadedSet, unit: MassUnit, hardReserve: number): string {
  const leaves = `${massText(set.kg!, unit)} leaves ${Math.round(set.expectedReserve!)} where ${set.target.reserve} ${set.target.reserve === 1 ? 'is' : 'are'} asked for`;
  const would =
    set.wishKg !== null && set.wishKg > set.kg! ? `; ${roughMass(set.wishKg, unit)} would count` : '';
  return `${leaves}${would}. A set counts as hard with at most ${hardReserve} left. A model’s estimate.`;
}

function fixesFor(s: Measured, m: MeasuredLine, isAll: boolean): FixDraft[] {
  if (m.line.loadKg !== null)
    return [{ label: 'Use the computed load', edit: changeLine(m.id, { loadKg: null }) }];
  const { scheme } = m.line;
  const expected = Math.min(...working(m).map((set) => (set.expectedReps ?? 0) + Math.round(extra(set))));
  const longer = { lo: Math.max(1, expected - SPAN), hi: expected };
  const more: FixDraft[] =
    scheme.kind === 'straight' && isAll && expected > scheme.reps.hi && expected <= 30
      ? [
          {
            label: `Write ${repsText(longer)} reps`,
            edit: changeLine(m.id, { scheme: { ...scheme, reps: longer } }),
          },
        ]
      : [];
  const falling: FixDraft[] =
    m.line.loads === 'down' || working(m).length < 2
      ? []
      : [{ label: 'Let the load come down set by set', edit: changeLine(m.id, { loads: 'down' }) }];
  const now = working(m)[0]?.kg;
  const next = now == null ? undefined : choicesOf(s.context.kit, m.movement)?.find((c) => c.kg > now + 1e-9);
  const heavier: FixDraft[] = next
    ? [
        {
          label: `Use ${massText(next.kg, s.context.client.unit)}`,
          edit: changeLine(m.id, { loadKg: next.kg }),
        },
      ]
    : [];
  return [...falling, ...heavier, ...more, ...insteadOf(m, s, { other: 'kit', kindTo: null })];
}

function look(s: Measured, m: MeasuredLine): FindingDraft[] {
  const sets = working(m);
  const easy = sets.filter(
    (set) => standingOf(set, s.school) === 'easy' && set.kg !== null && set.expectedReserve !== null,
  );
  if (easy.length === 0) return [];
  // One of several that turns out easier is the day, not the plan.
  if (easy.length * 3 < sets.length && easy.every((set) => extra(set) < FAR_OFF)) return [];
  const furthest = easy.reduce((a, b) => (extra(b) > extra(a) ? b : a));
  const isAll = easy.length === sets.length;
  const told = isAll
    ? sets.length === 1
      ? 'the set is'
      : `all ${sets.length} sets are`
    : `${easy.length} of ${sets.length} sets ${easy.length === 1 ? 'is' : 'are'}`;
  return [
    {
      on: [m.id],
      sets: isAll ? [] : easy.map((set) => set.target.set),
      severity: isAll || extra(furthest) >= FAR_OFF ? 'watch' : 'note',
      what: `${m.name}: ${told} too easy to count.`,
      why: why(furthest, s.context.client.unit, s.school.counting.hardReserve),
      fixes: () => fixesFor(s, m, isAll),
    },
  ];
}

export const uncountedSets: Rule = {
  id: 'uncounted-sets',
  title: 'Sets that do not count',
  severity: 'watch',
  ground: 'mechanics',
  at: 'load',
  look: (s) => s.lines.flatMap((m) => look(s, m)),
};
