import { choicesOf } from '../loads';
import type { Context, MeasuredLine } from '../measure';
import { curveOf } from '../set-model';
import { movedShare } from '../strength';
import { massText } from '../units';
import type { Figures } from './performing';

/** Beside what is asked for, repetitions and loads further off than this are more often a slip of the finger. Own estimates. */
const REPS = { times: 2, more: 8 };
const LOAD = { least: 0.4, most: 1.6 };
/** So far over the best that is known nobody gets in a day. Own estimate. */
const OVER_MAX = 1.4;

/**
 * Why figures look like a slip of the finger, as a question that is asked once; null where they may well be so.
 * `unlikely({ loadKg: 8, reps: 6, reserve: 2, heldS: null }, bench, 0, context)` gives "8 kg is less than the empty bar…".
 */
export function unlikely(
  { loadKg, reps, reserve, heldS }: Figures,
  m: MeasuredLine,
  setIndex: number,
  { kit, client }: Pick<Context, 'kit' | 'client'>,
): string | null {
  const { target, kg: planned } = m.sets[setIndex]!;
  const text = (kg: number): string => massText(kg, client.unit);
  if (target.holdS !== undefined)
    return heldS !== null && heldS > Math.max(60, 3 * target.holdS) ? `${heldS} seconds, held still?` : null;
  const most = Math.max(REPS.times * target.reps.hi + REPS.more, 25);
  if (reps > most && !target.toFailure) return `${reps} reps, where ${target.reps.hi} were asked for?`;
  if (reps > 60 && target.toFailure) return `${reps} reps without a rest?`;
  const loads = (choicesOf(kit, m.movement) ?? []).map((c) => c.kg);
  const least = loads.length > 0 ? Math.min(...loads) : 0;
  const isBar = ['barbell', 'curl bar', 'guided bar'].includes(m.movement.implement);
  if (m.movement.load.kind === 'external' && loadKg < least - 1e-6)
    return isBar
      ? `${text(loadKg)} is less than the empty bar, which is ${text(least)}. With the bar it is the whole of it that is logged.`
      : `${text(loadKg)} is less than the lightest there is here, ${text(least)}.`;
  const body = movedShare(m.movement, m.rig) * client.massKg;
  if (planned !== null && planned + body > 0) {
    const share = (loadKg + body) / (planned + body);
    if (share < LOAD.least || share > LOAD.most)
      return `${text(loadKg)}, where ${text(planned)} was planned?`;
  }
  if (m.max.basis === 'calibrate' || target.volumeOnly || loadKg + body <= 0 || reps === 0) return null;
  const all = (reps + (reserve ?? 0)) * m.pace;
  const shown = (loadKg + body) * Math.exp(curveOf(client.formula).overAt(all));
  return shown > m.max.kg * OVER_MAX * (1 + 2 * m.max.spread)
    ? `${text(loadKg)} × ${reps} would be far over anything so far. Is it so?`
    : null;
}
