import { elsewhere } from '@drimbo/core/choosing/elsewhere';
import { shortened } from '@drimbo/core/choosing/shortening';
import { adapted, adaptations, type Adaptation } from '@drimbo/core/choosing/adapting';
import type { ReactNode } from 'react';
import { useKits } from '../../data/queries';
import type { Designer } from '../../state/use-designer';
import { Menu } from '../../parts/menu';

/** The time there is, and round times, that are shorter than the session now, the longest first. */
const shorter = (minutes: number, thereAre: number): number[] =>
  [...new Set([thereAre, 75, 60, 45, 30])]
    .filter((n) => n < minutes - 0.5)
    .sort((a, b) => b - a)
    .slice(0, 3);

/** Adapts the session to somebody else, less time or another gym; one undo brings it back. */
export function Adapt({ designer, button }: { designer: Designer; button: ReactNode }): ReactNode {
  const { appraisal, session, context, edit } = designer;
  const kits = useKits();
  const others = (kits.data ?? []).filter((k) => k.id !== session.kitId);
  const times = shorter(appraisal.totals.minutes, session.minutes);
  const somebody = (to: Adaptation) => ({
    id: to,
    words: `For ${adaptations[to].name}`,
    about: adaptations[to].about,
    does: () =>
      edit(adapted({ session, context, lines: appraisal.lines }, to), `adapt it to ${adaptations[to].name}`),
  });
  return (
    <Menu
      label="Adapt this session"
      trigger={button}
      isOpenFirst
      groups={[
        { name: 'Somebody else', items: (Object.keys(adaptations) as Adaptation[]).map(somebody) },
        {
          name: 'Less time',
          items: times.map((n) => ({
            id: `minutes ${n}`,
            words: `In ${n} minutes`,
            does: () => {
              const change = shortened(session, context, n);
              if (change) edit(change, `fit it into ${n} minutes`);
            },
          })),
        },
        {
          name: 'Another gym',
          items: others.map(({ id, document: kit }) => ({
            id: `gym ${id}`,
            words: `At ${kit.name}`,
            does: () => edit(elsewhere(session, context, id, kit), `take it to ${kit.name}`),
          })),
        },
      ]}
    />
  );
}
