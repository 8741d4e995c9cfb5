import { handsOf } from '../kit';
import { prescribe, type Prescription } from '../loads';
import { entryIn, type Movement } from '../movements';
import type { Line } from '../session';
import { clientMax } from './client-max';
import type { Context } from './context';
import type { DressedLine } from './model';
import { rememberLoaded } from './remembered';

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

/** Fourth stage: the loads of a line for a client as tired as `losses` say. */
export const loadLine = (m: DressedLine, losses: readonly number[], context: Context): Prescription =>
  rememberLoaded(m.line, context, losses, () => {
    const { line, movement, rig, max, pace } = m;
    const { kit, client } = context;
    const askedKg = shareOfOther(line, movement, context);
    return prescribe({ line, movement, rig, max, pace, losses, kit, client, askedKg });
  });
