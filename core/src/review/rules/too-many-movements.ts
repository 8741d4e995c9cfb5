import { isOnlyOne } from '../../choosing';
import { DIRECT } from '../../dose';
import { mainLift, type Measured, type MeasuredLine } from '../../measure';
import { listed } from '../../units';
import { withSetCount } from '../../session';
import type { FixDraft, Rule } from '../model';
import { changeLine, setsOf } from '../questions';

/** Working movements of one session by training age, and sets of each in the first year. Common practice. */
const most = { 'under 1 year': 5, '1 to 3 years': 8, 'over 3 years': 10 } as const;
const NOVICE_SETS = 4;
const NOVICE_FIX = 3;

const isWork = (m: MeasuredLine): boolean => !['corrective', 'preparation'].includes(m.movement.family);

/** The school's own figure counts where it is written for the first year. */
const mostIn = ({ school, context }: Measured): number => {
  const { trainingAge } = context.client;
  if (trainingAge === 'under 1 year') return school.forNovices ? school.mostMovements : most[trainingAge];
  return Math.min(most[trainingAge], Math.max(school.mostMovements, 6));
};

/** What goes first: the last of what others do as well; never the main lift or what lags while there is something else. */
function spared(s: Measured, lines: readonly MeasuredLine[], n: number): MeasuredLine[] {
  const main = mainLift(s);
  const out: MeasuredLine[] = [];
  for (let k = 0; k < n; k += 1) {
    const left = lines.filter((m) => !out.includes(m));
    const rank = (m: MeasuredLine): number =>
      m === main || s.context.client.lagging.some((id) => (m.credits[id] ?? 0) >= DIRECT)
        ? 2
        : isOnlyOne({ lines: left }, m)
          ? 1
          : 0;
    const [next] = [...left].reverse().sort((a, b) => rank(a) - rank(b));
    if (next) out.push(next);
  }
  return out;
}

function leaveOut(s: Measured, lines: readonly MeasuredLine[], n: number): FixDraft[] {
  const without = (out: readonly MeasuredLine[]): FixDraft => ({
    label: `Leave out ${listed(out.map((m) => m.name.toLowerCase()))}`,
    edit: { do: 'all', edits: out.map((m) => ({ do: 'remove line' as const, line: m.id })) },
  });
  const out = spared(s, lines, n);
  const others =
    n === 1
      ? lines
          .filter((m) => !out.includes(m))
          .slice(-2)
          .reverse()
      : [];
  return [without(out), ...others.map((m) => without([m]))];
}

export const tooManyMovements: Rule = {
  id: 'too-many-movements',
  title: 'More movements than this stage asks for',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const work = s.lines.filter(isWork);
    const limit = mostIn(s);
    const novice = s.context.client.trainingAge === 'under 1 year';
    const many = work.filter((m) => setsOf(m) > NOVICE_SETS);
    const over = work.length - limit;
    if (over > 0)
      return [
        {
          on: [],
          lessens: true,
          severity: novice || over > 2 ? 'watch' : 'note',
          what: `${work.length} movements; ${limit} are enough for ${novice ? 'a first year' : 'one session'}.`,
          why: novice
            ? 'Each movement is a skill to learn: fewer of them, done often and well, teach more than a long list.'
            : 'What comes after so many is done tired and remembered by nobody.',
          fixes: () => leaveOut(s, work, over),
        },
      ];
    if (!novice || many.length === 0) return [];
    return [
      {
        on: many.map((m) => m.id),
        about: 'sets',
        severity: 'note',
        what: `${many[0]!.name} has ${setsOf(many[0]!)} sets in a client’s first year.`,
        why: 'Two or three sets of a movement grow a beginner and leave the next day free.',
        fixes: () => [
          {
            label: 'Three sets of each',
            edit: {
              do: 'all',
              edits: many.map((m) => changeLine(m.id, { scheme: withSetCount(m.line.scheme, NOVICE_FIX) })),
            },
          },
        ],
      },
    ];
  },
};
