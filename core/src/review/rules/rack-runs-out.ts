import { choicesOf } from '../../loads/prescribe';
import type { Measured, MeasuredLine } from '../../measure/model';
import { MOST_REPS, repsAtLoad } from '../../strength/formulas';
import { massText, roughMass } from '../../units/mass';
import { changeLine, insteadOf } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Reserve above target from which the heaviest load of the kit is called too light. */
const TOO_EASY = 2;
/** The longest sets that are still worth prescribing. Common practice. */
const LONGEST = 30;

/** More repetitions with the heaviest load there is, where they stay within reason. */
function moreReps(s: Measured, m: MeasuredLine): FixDraft[] {
  if (m.max.basis === 'calibrate') return [];
  const set = m.sets[m.sets.length - 1]!;
  const able = repsAtLoad(m.max.kg * (1 - set.loss), set.kg!, s.context.client.formula) / m.pace;
  const lo = Math.floor(Math.min(MOST_REPS, able) - set.target.reserve);
  if (m.line.scheme.kind !== 'straight' || lo <= m.line.scheme.reps.hi || lo > LONGEST) return [];
  const reps = { lo, hi: Math.min(LONGEST, lo + 3) };
  return [
    {
      label: `${reps.lo}–${reps.hi} reps instead`,
      edit: changeLine(m.id, { scheme: { ...m.line.scheme, reps } }),
    },
  ];
}

const slower = (m: MeasuredLine): FixDraft[] =>
  m.line.tempo.lower < 4
    ? [
        {
          label: 'Lower for four seconds, pause one',
          edit: changeLine(m.id, {
            tempo: { ...m.line.tempo, lower: 4, stretched: Math.max(1, m.line.tempo.stretched) },
          }),
        },
      ]
    : [];

const oneAndAHalf = (m: MeasuredLine): FixDraft[] =>
  m.movement.knobs.range?.options.includes('one and a half') && m.rig.range !== 'one and a half'
    ? [
        {
          label: 'One-and-a-half reps',
          edit: changeLine(m.id, { rig: { ...m.rig, range: 'one and a half' } }),
        },
      ]
    : [];

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
          set.kg === heaviest &&
          set.reserveShift > TOO_EASY
        );
      })
      .map((m) => ({
        on: [m.id],
        what: `${m.name} would need ${roughMass(m.sets[0]!.wishKg!, s.context.client.unit)}; the heaviest here is ${massText(m.sets[0]!.kg!, s.context.client.unit)}.`,
        why: 'Slower lowering, a pause, one-and-a-half reps, more of them or another implement make the load enough again.',
        fixes: [
          ...slower(m),
          ...oneAndAHalf(m),
          ...moreReps(s, m),
          ...insteadOf(m, s, { other: 'kit', kindTo: null }),
        ],
      })),
};
