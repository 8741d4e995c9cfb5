import { choicesOf } from '../../loads';
import type { Measured, MeasuredLine } from '../../measure';
import { findMovement } from '../../movements';
import type { Line } from '../../session';
import { massText, roughMass, sentenceList } from '../../units';
import { changeLine, insteadOf } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Reserve above target from which the heaviest load of the kit is called too light. */
const TOO_EASY = 2;
/** The longest sets that are still worth prescribing. Common practice. */
const LONGEST = 30;

/** More repetitions with the heaviest load there is, where they stay within reason. */
function moreReps(m: MeasuredLine): FixDraft[] {
  const set = m.sets[m.sets.length - 1]!;
  if (set.able === null) return [];
  const lo = Math.floor(set.able - set.target.reserve);
  if (m.line.scheme.kind !== 'straight' || lo <= m.line.scheme.reps.hi || lo > LONGEST) return [];
  const reps = { lo, hi: Math.min(LONGEST, lo + 3) };
  return [
    {
      label: `${reps.lo}–${reps.hi} reps instead`,
      edit: changeLine(m.id, { scheme: { ...m.line.scheme, reps } }),
    },
  ];
}

interface Harder {
  label: string;
  patch: Partial<Line>;
}
const slower = (m: MeasuredLine): Harder[] =>
  m.line.tempo.lower < 4
    ? [
        {
          label: 'Lower for four seconds, pause one',
          patch: { tempo: { ...m.line.tempo, lower: 4, stretched: Math.max(1, m.line.tempo.stretched) } },
        },
      ]
    : [];

const oneAndAHalf = (m: MeasuredLine): Harder[] =>
  m.movement.knobs.range?.options.includes('one and a half') && m.rig.range !== 'one and a half'
    ? [{ label: 'One-and-a-half reps', patch: { rig: { ...m.rig, range: 'one and a half' } } }]
    : [];

/** Each way of making a load harder alone, or both where one is not enough. */
function harder(m: MeasuredLine): FixDraft[] {
  const ways = [...slower(m), ...oneAndAHalf(m)];
  const draft = ({ label, patch }: Harder): FixDraft => ({ label, edit: changeLine(m.id, patch) });
  const [first, second] = ways;
  if (!first || !second) return ways.map(draft);
  const both = draft({
    label: `${first.label}, ${second.label.toLowerCase()}`,
    patch: { ...first.patch, ...second.patch },
  });
  return [{ ...draft(first), instead: [both] }, draft(second)];
}

/** Another movement that can be loaded: the body alone is no answer to too light. */
const loadable = (s: Measured, m: MeasuredLine): FixDraft[] =>
  insteadOf(m, s, { other: 'kit', kindTo: null })
    .flatMap(({ instead = [], ...first }) => [first, ...instead])
    .filter(
      ({ edit }) =>
        typeof edit !== 'function' &&
        edit.do === 'line' &&
        findMovement(edit.patch.movement!)?.load.kind === 'external',
    )
    .slice(0, 1);

/** What makes the heaviest load of a gym hard enough again. */
export const waysOn = (s: Measured, m: MeasuredLine): FixDraft[] => [
  ...harder(m),
  ...moreReps(m),
  ...loadable(s, m),
];

function isTooLight(s: Measured, m: MeasuredLine): boolean {
  const [set] = m.sets;
  const heaviest = choicesOf(s.context.kit, m.movement)?.at(-1)?.kg;
  return (
    m.movement.load.kind === 'external' &&
    set !== undefined &&
    !set.byHand &&
    set.kg === heaviest &&
    set.wishKg !== null &&
    set.expectedReserve !== null &&
    set.wishKg > set.kg! &&
    set.expectedReserve - set.target.reserve > TOO_EASY
  );
}

/** Each of several in the first way it has, together. */
function allAtOnce(lines: readonly MeasuredLine[]): FixDraft[] {
  const all = (label: string, ways: (m: MeasuredLine) => Harder[]): FixDraft[] =>
    lines.some((m) => ways(m).length === 0)
      ? []
      : [
          {
            label,
            edit: {
              do: 'all',
              edits: lines.map((m) => changeLine(m.id, Object.assign({}, ...ways(m).map((w) => w.patch)))),
            },
          },
        ];
  return [
    ...all('Lower all of them for four seconds, pause one', slower),
    ...all('One-and-a-half reps, lowered for four seconds, on all of them', (m) => [
      ...slower(m),
      ...oneAndAHalf(m),
    ]),
  ];
}

export const rackRunsOut: Rule = {
  id: 'rack-runs-out',
  title: 'The kit ends too early',
  severity: 'note',
  ground: 'common practice',
  at: 'load',
  look: (s) => {
    const lines = s.lines.filter((m) => isTooLight(s, m));
    const [one] = lines;
    if (!one) return [];
    const { unit } = s.context.client;
    const [first] = one.sets;
    return [
      {
        on: lines.map((m) => m.id),
        what:
          lines.length === 1
            ? `${one.name} needs ${roughMass(first!.wishKg!, unit)}; the heaviest here is ${massText(first!.kg!, unit)}.`
            : `${lines.length} movements need more than this gym’s heaviest load.`,
        why: `${lines.length === 1 ? '' : `${sentenceList(lines.map((m) => `${m.name} ${roughMass(m.sets[0]!.wishKg!, unit)}`))}. `}Slower lowering, a pause, one-and-a-half reps, more of them or another implement make the load enough again.`,
        fixes: () => (lines.length === 1 ? waysOn(s, one) : allAtOnce(lines)),
      },
    ];
  },
};
