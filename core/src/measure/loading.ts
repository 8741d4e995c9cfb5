import { handsOf } from '../kit';
import type { LoadTask, SetAsk } from '../loads';
import { entryIn, type Movement } from '../movements';
import type { Line } from '../session';
import { runKey } from '../set-model';
import { clientMax } from './client-max';
import type { Context } from './context';
import { runOf } from './knowing';
import type { DressedLine } from './model';

/**
 * What a share of another lift's max comes to today, everything that moves, kg: of both hands together, so
 * that half of a barbell press is a quarter of it in each hand. Null where none is asked for or nothing is
 * known.
 */
function shareOfOther({ percentOf }: Line, movement: Movement, context: Context): number | null {
  const entry = percentOf && entryIn(context.notebook, percentOf.lift);
  if (!percentOf || !entry) return null;
  const max = clientMax(entry.movement, entry.rig, context);
  if (max.basis === 'calibrate') return null;
  return (max.kg * handsOf(entry.movement) * percentOf.percent) / 100 / handsOf(movement);
}

/** The range a line's sessions run on by: that of its first set. */
export const rangeOf = (asks: readonly Pick<SetAsk, 'target'>[]): { lo: number; hi: number } =>
  asks[0]?.target.reps ?? { lo: 0, hi: 0 };

/** What the loads of a line follow from, for the client of a context. */
export function taskOf(
  m: DressedLine,
  asks: readonly SetAsk[],
  context: Context,
  isLight: boolean,
): LoadTask {
  const { line, movement, rig, lift } = m;
  const range = rangeOf(asks);
  const run = context.runs?.get(runKey(lift.lift.id, range)) ?? runOf(lift.knowledge, lift.lift, range);
  return {
    line,
    movement,
    rig,
    lift,
    asks,
    kit: context.kit,
    massKg: context.client.massKg,
    run,
    isLight,
    askedKg: shareOfOther(line, movement, context),
  };
}
