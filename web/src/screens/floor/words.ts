import type { FloorStep, NextSet } from '@drimbo/core/log';
import { perHandWords } from '@drimbo/core/movements';
import { massText, type MassUnit } from '@drimbo/core/units';
import type { Floor, SetStep } from '../../state/use-floor';

/** What the day makes of a set that is not done. */
export const adviceFor = (floor: Floor, step: SetStep): NextSet | undefined =>
  floor.advice.next.get(step.line.id)?.find((n) => n.setIndex === step.setIndex);

const each = (step: SetStep | Extract<FloorStep, { is: 'ramp' }>): string => {
  const { movement } = step.line;
  return movement.load.kind === 'bodyweight' ? ' added' : perHandWords(movement);
};

export const loadWords = (kg: number, step: Exclude<FloorStep, { is: 'warm-up' }>, unit: MassUnit): string =>
  kg === 0 && step.line.movement.load.kind === 'bodyweight'
    ? 'body only'
    : `${massText(kg, unit)}${each(step)}`;

/** The load of a step as the day has it; null where it is found then. */
export const kgOf = (floor: Floor, step: Exclude<FloorStep, { is: 'warm-up' }>): number | null =>
  step.is === 'ramp' ? step.ramp.kg : (adviceFor(floor, step)?.kg ?? step.line.sets[step.setIndex]!.kg);

/** The load of a step as it is said; in words where it is found on the day. */
export function loadOf(floor: Floor, step: Exclude<FloorStep, { is: 'warm-up' }>): string {
  const { unit } = floor.context.client;
  const kg = kgOf(floor, step);
  return kg === null ? 'find the load' : loadWords(kg, step, unit);
}

/** Whether everything is with the server, in two words. */
export const syncWords = ({ sync }: Pick<Floor, 'sync'>): string => {
  if (sync.isUnknown) return 'Looking…';
  if (sync.refused.length > 0) return 'Not taken';
  if (sync.waiting === 0) return 'All sent';
  return sync.isAway ? `${sync.waiting} waiting` : 'Sending…';
};
