import { choicesOf } from '../loads';
import { clientMax, type Context, type MeasuredLine } from '../measure';
import { movementOf } from '../movements';
import { familyShare, OVERHEAD_PER_BENCH, ratioAt, references } from '../strength';
import type { DoneSet } from './today';

/** The way to a load nobody knows yet: what to take for a first try, how to go on, when to stop. */
export interface FindingLoad {
  /** First tries, the lightest first, kg as the coach says them; none where nothing is chosen from. */
  tries: number[];
  /** One sentence each, in the order they are needed. */
  says: string[];
}

/** First tries as shares of a max that is guessed low: light even where the guess is far too high. Common practice. */
const SHARES = [0.25, 0.35, 0.45];

/** Bench max beside body mass, by training age, and how far one in ten lies below it. Common practice, rough. */
const BENCH_PER_MASS: Record<Context['client']['trainingAge'], number> = {
  'under 1 year': 0.6,
  '1 to 3 years': 0.95,
  'over 3 years': 1.3,
};
const ONE_IN_TEN = 0.7;

/** A max that hardly anybody of this mass and experience lies below: a guess for the first tries and nothing else. */
function lowGuess({ movement, rig }: MeasuredLine, context: Context): number {
  const { massKg, trainingAge } = context.client;
  const { bench } = references;
  const known = clientMax(movementOf(bench.movement), bench.rig, context);
  const benchKg =
    ONE_IN_TEN * (known.basis === 'calibrate' ? massKg * BENCH_PER_MASS[trainingAge] : known.kg);
  const found = ratioAt(movement, rig);
  if (!found) return familyShare(movement) * benchKg;
  return benchKg * found.ratio * (found.lift === 'overhead' ? OVERHEAD_PER_BENCH.ratio : 1);
}

/**
 * How a load is found that nothing is known of: a few easy repetitions at light loads, up while it stays easy, stop where
 * the speed goes. Null where the load is known or none is chosen. Common practice.
 */
export function findingLoad(
  m: MeasuredLine,
  setIndex: number,
  done: readonly DoneSet[],
  context: Context,
): FindingLoad | null {
  const set = m.sets[setIndex]!;
  const isDone = done.some((d) => d.lineId === m.id && (d.movement ?? m.movement.id) === m.movement.id);
  if (set.kg !== null || isDone || m.movement.load.kind !== 'external') return null;
  const loads = (choicesOf(context.kit, m.movement) ?? []).map((c) => c.kg).sort((a, b) => a - b);
  const guess = lowGuess(m, context);
  const at = (share: number): number => loads.findLast((kg) => kg <= guess * share) ?? loads[0]!;
  // A bar is tried empty first, whoever lifts it.
  const isBar = ['barbell', 'curl bar', 'guided bar'].includes(m.movement.implement);
  const wanted = SHARES.map((share, i) => (isBar && i === 0 ? loads[0]! : at(share)));
  const tries = loads.length === 0 ? [] : [...new Set(wanted)];
  const { reps, reserve } = set.target;
  return {
    tries,
    says: [
      'Nobody knows this load yet. Three to five easy reps at a light one, then a little more.',
      `Go up while you could do five more than ${reps.hi}. Rest a minute between.`,
      `Stop going up when a rep slows down, the path changes or anything hurts. That load, or the one before it, is yours: ${reps.lo === reps.hi ? reps.lo : `${reps.lo}–${reps.hi}`} reps with ${Math.max(2, Math.round(reserve))} left.`,
    ],
  };
}
