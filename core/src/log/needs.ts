import { soFar } from '../choosing';
import { movementOf } from '../movements';
import type { Context } from '../measure';
import type { Need } from '../session';
import { progress, recoveryAlarm, type Standing } from './progress';

/** So many names are told, then how many more. */
const TOLD = 2;
/** Called holding at so many sessions running, a lift is worth a word. */
const HELD = 3;

/** Names have commas of their own: "Incline press; cable fly, low to high and 3 more". */
const names = (all: readonly string[]): string => {
  const told = all.length <= TOLD + 1 ? all : all.slice(0, TOLD);
  const more = all.length - told.length;
  return told.map((n) => n.toLowerCase()).join('; ') + (more > 0 ? ` and ${more} more` : '');
};

/**
 * The one thing of a client's log that most needs the coach, if any does: a movement that complains, somebody who does
 * not recover, a lift that falls, one known to stand still. A model's estimate.
 */
export function needsFromLog(context: Context): Need[] {
  const hurts = [...new Set(context.logged.map((r) => r.movement))].filter(
    (id) => soFar(context.logged, id).isWorsening,
  );
  if (hurts.length > 0)
    return [
      { loud: true, says: `Less comfortable: ${names(hurts.map((id) => movementOf(id).variants[0]!.name))}` },
    ];
  if (recoveryAlarm(context) !== null)
    return [{ loud: true, says: 'Falls behind what was expected: recovery' }];
  const lifts = progress(context);
  const are = (standing: Standing): string[] =>
    lifts.filter((l) => l.standing === standing).map((l) => l.name);
  const falling = are('falling');
  if (falling.length > 0) return [{ loud: true, says: `Falling: ${names(falling)}` }];
  const still = lifts.filter((l) => l.holdingFor >= HELD).map((l) => l.name);
  return still.length > 0 ? [{ loud: false, says: `Standing still: ${names(still)}` }] : [];
}
