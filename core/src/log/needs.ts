import { soFar } from '../choosing';
import { movementOf } from '../movements';
import type { Context } from '../measure';
import type { Need } from '../session';
import { progress } from './progress';

/** So many names are told, then how many more. */
const TOLD = 2;

/** Names have commas of their own: "Incline press; cable fly, low to high and 3 more". */
const names = (all: readonly string[]): string => {
  const told = all.length <= TOLD + 1 ? all : all.slice(0, TOLD);
  const more = all.length - told.length;
  return told.map((n) => n.toLowerCase()).join('; ') + (more > 0 ? ` and ${more} more` : '');
};

/** What a client's log asks of the coach: who does not recover, what complains, what is stuck. A model's estimate. */
export function needsFromLog(context: Context): Need[] {
  const lifts = progress(context);
  const down = lifts.filter((l) => l.downTwice);
  const stuck = lifts.filter((l) => l.standing === 'stuck' && !l.downTwice);
  const hurts = [...new Set(context.logged.map((r) => r.movement))].filter(
    (id) => soFar(context.logged, id).isWorsening,
  );
  const said = (loud: boolean, is: string, of: readonly string[]): Need[] =>
    of.length === 0 ? [] : [{ loud, says: `${is}: ${names(of)}` }];
  return [
    ...said(
      true,
      'Down twice running',
      down.map((l) => l.name),
    ),
    ...said(
      true,
      'Less comfortable',
      hurts.map((id) => movementOf(id).variants[0]!.name),
    ),
    ...said(
      false,
      'Stuck',
      stuck.map((l) => l.name),
    ),
  ];
}
