import { DIRECT } from '../../dose';
import { groupCredit, type GroupId, groupIds, groupNames, type RegionId, regions } from '../../anatomy';
import { type Measured, type MeasuredLine, isHeavyCompound } from '../../measure';
import type { Rule } from '../model';
import { blockIndex } from '../questions';

interface Wanted {
  name: string;
  /** A movement that gives it less than this is for something else. */
  notFor: number;
  credit: (m: MeasuredLine) => number;
}

const isGroup = (id: string): id is GroupId => (groupIds as readonly string[]).includes(id);

/** What should come first: the emphasis, or the upper chest where it lags on a day for the chest. */
function wantedFirst({ session, context }: Measured): Wanted {
  const { emphasis } = session;
  const head = emphasis === 'chest' && context.client.lagging.includes('pecUpper') ? 'pecUpper' : emphasis;
  if (isGroup(head))
    return {
      name: groupNames[head].toLowerCase(),
      notFor: 0.5,
      credit: (m) => groupCredit(m.credits, head),
    };
  return {
    name: regions[head as RegionId].name.toLowerCase(),
    notFor: 0.75,
    credit: (m) => m.credits[head as RegionId] ?? 0,
  };
}

export const emphasisLate: Rule = {
  id: 'emphasis-late',
  title: 'What the session is for comes late',
  severity: 'note',
  ground: 'common practice',
  look: (s) => {
    const { name, notFor, credit } = wantedFirst(s);
    // Extensions belong behind the presses, whatever the session is for.
    const first = s.lines.find(
      (m) => credit(m) >= DIRECT && (m.movement.family !== 'triceps' || m.movement.compound),
    );
    if (!first) return [];
    const before = s.lines.filter(
      (m) => isHeavyCompound(m) && credit(m) < notFor && blockIndex(s, m.id) < blockIndex(s, first.id),
    );
    // A weak upper chest comes right after the lift the day turns about; further back it is late.
    const isWeak = s.session.emphasis === 'chest' && name !== groupNames.chest.toLowerCase();
    if (before.length <= (isWeak ? 1 : 0)) return [];
    return [
      {
        on: [first.id],
        keeps: true,
        what: `${first.name}, first for the ${name}, waits for ${before.length === 1 ? before[0]!.name.toLowerCase() : `${before.length} others`}.`,
        why: 'Strength rose most in what was done first; for growth no clear difference was found (Nunes et al. 2021, a review of eleven studies). What should come up is trained fresh.',
        fixes: () => [
          {
            label: 'Move it to the front',
            edit: { do: 'move line' as const, line: first.id, to: blockIndex(s, before[0]!.id) },
          },
        ],
      },
    ];
  },
};
