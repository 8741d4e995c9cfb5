import { nearestLoad, type MadeLoad } from '../kit/fitting';
import type { Line } from '../session/document';
import type { SetTarget } from '../session/schemes';
import { moduleOf } from '../session/schemes/all';
import { maxOverLoad, MOST_REPS, repsAtLoad, type FormulaChoice } from '../strength/formulas';

/** Largest load (everything that moves) at which a set still reaches its lowest reps and its reserve. */
const loadFor = (momentaryMax: number, target: SetTarget, formula: FormulaChoice, pace: number): number =>
  momentaryMax / maxOverLoad(Math.min(MOST_REPS, (target.reps.lo + target.reserve) * pace), formula);

/** True where the sets of a line are meant to share a load, unless the coach has them come down. */
export const sharesLoad = (line: Pick<Line, 'scheme' | 'loads'>): boolean =>
  moduleOf(line.scheme).oneLoad && line.loads !== 'down';

/**
 * Wished loads (everything that moves, kg) of the bouts that find their own, before fitting. Schemes of
 * one load take what the last, tired set can still do; where that load would leave the first set above
 * its range, loads step down instead, unless the coach asks for one load. `pace`: ordinary repetitions that
 * one of this tempo is worth.
 */
export function wishes(
  line: Line,
  targets: readonly SetTarget[],
  max: number,
  losses: readonly number[],
  formula: FormulaChoice,
  pace: number,
): (number | null)[] {
  const each = targets.map((t, i) =>
    t.loadOf || t.holdS !== undefined ? null : loadFor(max * (1 - (losses[i] ?? 0)), t, formula, pace),
  );
  const own = each.filter((kg) => kg !== null);
  if (!moduleOf(line.scheme).oneLoad || own.length === 0) return each;
  if (sharesLoad(line)) {
    const one = Math.min(...own);
    const first = targets[0]!;
    const able = repsAtLoad(max * (1 - (losses[0] ?? 0)), one, formula) / pace;
    const spare = able - first.reserve - first.reps.hi;
    if (line.loads === 'one' || spare <= 1) return each.map((kg) => kg && one);
  }
  let held = Infinity;
  return each.map((kg) => kg && (held = Math.min(held, kg)));
}

/** Part of a repetition that effort makes up for: counted as done, and no reason for another load. Own estimate. */
export const MAY_MISS = 0.3;

/** How far outside its range a set that could do `toFailure` repetitions ends at its reserve. */
export function missOf(toFailure: number, { reps, reserve }: SetTarget): number {
  const done = toFailure - reserve;
  return done < reps.lo ? reps.lo - done : Math.max(0, done - reps.hi);
}

/** A repetition short of the range is as bad as this many to spare above it. Own estimate. */
const SHORT_COSTS = 2;

/** What a miss costs: a set that falls short is worse than one with repetitions to spare. */
export const costOf = (toFailure: number, target: SetTarget): number =>
  missOf(toFailure, target) * (toFailure - target.reserve < target.reps.lo ? SHORT_COSTS : 1);

/**
 * The load to take for a wish: the nearest; the next lighter where the nearest lies above the wish and a
 * set would fall short of its range by more than effort makes up for, unless that leaves far more to
 * spare. `cost`: what a set costs at a load, as `costOf` tells it.
 */
export function fitted(choices: readonly MadeLoad[], wishKg: number, cost: (kg: number) => number): MadeLoad {
  const { index, load } = nearestLoad(choices, wishKg);
  const lighter = choices[index - 1];
  if (load.kg <= wishKg || !lighter || cost(load.kg) <= SHORT_COSTS * MAY_MISS) return load;
  return cost(lighter.kg) < cost(load.kg) ? lighter : load;
}
