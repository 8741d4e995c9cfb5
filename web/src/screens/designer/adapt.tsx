import { type Adaptation, adaptations, adapted, elsewhere } from '@drimbo/core/choosing';
import { limitNames } from '@drimbo/core/review';
import type { LimitId } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { useKits } from '../../data/queries';
import type { Designer } from '../../state/use-designer';
import { Menu } from '../../parts/menu';
import { FitDialog } from './fit-dialog';
import { KinderDialog } from './kinder-dialog';
import { OrderDialog } from './order-dialog';
import { StationsDialog } from './stations-dialog';

/** What is looked at before it is done. */
type Looking =
  | { at: 'order' }
  | { at: 'stations' }
  | { at: 'fit'; minutes: number }
  | { at: 'limit'; limit: LimitId };

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
  const [looking, setLooking] = useState<Looking | null>(null);
  const close = (): void => setLooking(null);
  return (
    <>
      <Menu
        label="Adapt this session"
        trigger={button}
        isOpenFirst
        groups={[
          {
            name: 'Order and place',
            items: [
              {
                id: 'order',
                words: 'Best order…',
                about: 'By fatigue, walking and the school’s rules; shown before it is taken.',
                does: () => setLooking({ at: 'order' }),
              },
              {
                id: 'stations',
                words: 'Busy gym…',
                about: 'Which stations are shared, and what to do when one is taken.',
                does: () => setLooking({ at: 'stations' }),
              },
            ],
          },
          {
            name: 'Less time',
            items: [
              ...times.map((n) => ({
                id: `minutes ${n}`,
                words: `In ${n} minutes…`,
                does: () => setLooking({ at: 'fit', minutes: n }),
              })),
              ...(times.length === 0
                ? [
                    {
                      id: 'minutes',
                      words: 'In fewer minutes…',
                      does: () =>
                        setLooking({
                          at: 'fit',
                          minutes: Math.max(10, Math.floor(appraisal.totals.minutes) - 5),
                        }),
                    },
                  ]
                : []),
            ],
          },
          {
            name: `For ${context.client.name.split(' ')[0]}`,
            items: context.client.limits.map(({ limit }) => ({
              id: `limit ${limit}`,
              words: `Kinder to ${limitNames[limit]}…`,
              does: () => setLooking({ at: 'limit', limit }),
            })),
          },
          { name: 'Somebody else', items: (Object.keys(adaptations) as Adaptation[]).map(somebody) },
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
      {looking?.at === 'order' && <OrderDialog designer={designer} onClose={close} />}
      {looking?.at === 'stations' && <StationsDialog designer={designer} onClose={close} />}
      {looking?.at === 'fit' && <FitDialog designer={designer} minutes={looking.minutes} onClose={close} />}
      {looking?.at === 'limit' && <KinderDialog designer={designer} limit={looking.limit} onClose={close} />}
    </>
  );
}
