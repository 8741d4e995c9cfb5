import { DIRECT } from '../../dose';
import { groupCredit, groupIds } from '../../anatomy';
import type { MeasuredLine } from '../../measure';
import { turnedInto } from '../../session';
import type { Rule } from '../model';
import { changeLine, isTechnique } from '../questions';

/** Techniques a session may hold before they are everywhere. Common practice. */
const MOST = 2;

const groupOf = (m: MeasuredLine) => groupIds.find((g) => groupCredit(m.credits, g) >= DIRECT);

export const techniquesEverywhere: Rule = {
  id: 'techniques-everywhere',
  title: 'Special techniques on everything',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const special = s.lines.filter(isTechnique);
    const isAll = special.length >= MOST && special.length === s.lines.length;
    if (!isAll && (special.length <= MOST || special.length * 2 <= s.lines.length)) return [];
    // The last movement of each muscle keeps its technique.
    const isLast = (m: MeasuredLine): boolean =>
      s.lines.filter((l) => groupOf(l) === groupOf(m)).at(-1) === m;
    const others = special.filter((m) => !isLast(m));
    const plain = (lines: readonly MeasuredLine[]) => ({
      do: 'all' as const,
      edits: lines.map((m) =>
        changeLine(m.id, { scheme: turnedInto(m.line.scheme, 'straight'), loadKg: null }),
      ),
    });
    return [
      {
        on: special.map((m) => m.id),
        what: `${special.length} of ${s.lines.length} movements are drop sets, rest–pause or burn-outs.`,
        why: 'A technique is worth its fatigue on the last movement of a muscle; on all of them it only makes each set after it worse.',
        fixes: () => [
          ...(others.length > 0
            ? [{ label: 'Only on the last movement of a muscle', edit: plain(others) }]
            : []),
          { label: 'Only on the last movement', edit: plain(special.slice(0, -1)) },
        ],
      },
    ];
  },
};
