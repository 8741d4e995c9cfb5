import type { RampStyle } from '@drimbo/core/loads';
import { MOST_REPS } from '@drimbo/core/strength';
import { type MassUnit, toKg } from '@drimbo/core/units';
import { figureFrom } from '../../parts/figure';

/** Shares of a max that are shown and can be worked at, per cent. */
export const percents = [100, 95, 90, 85, 80, 75, 70, 65, 60, 50, 40];

/** A set as it stands in the address: as typed, and as far as it makes sense. */
export interface AskedSet {
  typed: { load: string; reps: string; left: string };
  /** What is wrong with it and what to do; empty while nothing is. */
  wrong: string;
  /** Null until load and reps make sense. */
  set: { loadKg: number; reps: number; left: number } | null;
}

/** Reads the set a max is wanted from. */
export function askedSet(asked: URLSearchParams, unit: MassUnit): AskedSet {
  const typed = {
    load: asked.get('load') ?? '',
    reps: asked.get('reps') ?? '',
    left: asked.get('left') ?? '0',
  };
  const load = figureFrom(0.5, 1000)(typed.load);
  const reps = figureFrom(1, MOST_REPS)(typed.reps);
  const left = typed.left === '' ? 0 : figureFrom(0, 10)(typed.left);
  const refuse = (wrong: string): AskedSet => ({ typed, wrong, set: null });
  if (typed.load !== '' && load === null) return refuse('The load is a figure from 0.5 to 1000.');
  if (typed.reps !== '' && (reps === null || !Number.isInteger(reps)))
    return refuse(`Reps are a whole number from 1 to ${MOST_REPS}.`);
  if (left === null) return refuse('What was left is a figure from 0 to 10.');
  if (load === null || reps === null) return refuse('');
  if (reps + left > MOST_REPS)
    return refuse(`Reps and what was left may come to ${MOST_REPS}; beyond that no max can be told.`);
  return { typed, wrong: '', set: { loadKg: toKg(load, unit), reps, left } };
}

/** The share to work at; 80 % unless the address names one that is offered. */
export function askedPercentage(asked: URLSearchParams): number {
  const share = Number(asked.get('work') ?? 80);
  return percents.includes(share) ? share : 80;
}

export const askedRamp = (asked: URLSearchParams): RampStyle =>
  asked.get('ramp') === 'two sets' ? 'two sets' : 'ladder';

/** The unit the address names, else the one given. */
export function askedUnit(asked: URLSearchParams, usual: MassUnit): MassUnit {
  const unit = asked.get('unit');
  return unit === 'lb' || unit === 'kg' ? unit : usual;
}
