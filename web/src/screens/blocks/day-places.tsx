import { moveDay, placed, type PlacedDay } from '@drimbo/core/block';
import { useMemo, type ReactNode } from 'react';
import { Places } from '../../parts/places';
import type { BlockDesk } from '../../state/use-block';
import { dayWords } from './words';

/** The days of a block where they lie, and what each is called. Known at once; what they hold comes from the worker. */
export function useDays({ block }: BlockDesk): {
  days: readonly PlacedDay[];
  nameOf: (p: PlacedDay) => string;
} {
  const days = useMemo(() => placed(block), [block]);
  return {
    days,
    nameOf: (p) => block.days.find((d) => d.id === p.training)?.name ?? p.training,
  };
}

/** What a day is called while it is dragged. */
export const thingOf = (p: PlacedDay): string => `day ${p.day}`;

/** Dates that days are put on: a day dropped on another date moves there. */
export function DayPlaces({ desk, children }: { desk: BlockDesk; children: ReactNode }): ReactNode {
  const { days, nameOf } = useDays(desk);
  const dayOf = (thing: string): PlacedDay | undefined => days.find((p) => thingOf(p) === thing);
  return (
    <Places
      says={(id) => {
        const p = dayOf(id);
        return p ? nameOf(p) : dayWords(id);
      }}
      onPut={(thing, date) => {
        const p = dayOf(thing);
        if (p) desk.take(moveDay(desk.block, p.day, date), `move ${nameOf(p)} to ${dayWords(date)}`);
      }}
    >
      {children}
    </Places>
  );
}
