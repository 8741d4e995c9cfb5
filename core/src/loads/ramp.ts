import { type MadeLoad, nearestLoad, plateMoves, type PlateStack } from '../kit';
import type { Implement } from '../movements';

export interface RampSet {
  kg: number;
  reps: number;
  perSide?: MadeLoad['perSide'];
  oneEnd?: MadeLoad['oneEnd'];
}

/** A ladder of rising loads, or two light sets of many as older coaches do it. */
export type RampStyle = 'ladder' | 'two sets';

interface Step {
  /** Share of the first working load. */
  share: number;
  reps: number;
}

/** Share of the first working load and repetitions. Common practice. */
const fullRamp: Step[] = [
  { share: 0, reps: 10 },
  { share: 0.5, reps: 7 },
  { share: 0.7, reps: 4 },
  { share: 0.85, reps: 2 },
];
const bellRamp: Step[] = [
  { share: 0.5, reps: 8 },
  { share: 0.75, reps: 4 },
];
const oneStep: Step[] = [{ share: 0.6, reps: 5 }];
const twoSets: Step[] = [
  { share: 0.4, reps: 15 },
  { share: 0.6, reps: 12 },
];

/** How far a ramp load may be from its target, as a share of the target. */
const TOLERANCE = 0.05;
/** A ramp load this near the working load is no ramp. */
const TOO_NEAR = 0.92;

const platesOf = (load: MadeLoad): PlateStack => load.perSide ?? [];

/** Loads that serve a step: those within the tolerance, else the nearest. */
function serving(loads: readonly MadeLoad[], targetKg: number, workKg: number): MadeLoad[] {
  const near = loads.filter(
    (l) => Math.abs(l.kg - targetKg) <= TOLERANCE * targetKg + 1e-9 && l.kg <= TOO_NEAR * workKg,
  );
  return near.length > 0 ? near : [nearestLoad(loads, targetKg).load];
}

/**
 * The rising loads, one a step, that take the fewest plates off and on from the empty bar to the working
 * load: a shortest path over the loads that serve each step. Of equals the one nearest its targets.
 */
export function fewestMoves(
  loads: readonly MadeLoad[],
  targetsKg: readonly number[],
  work: MadeLoad,
): MadeLoad[] {
  interface Path {
    load: MadeLoad;
    moves: number;
    off: number;
    from: Path | null;
  }
  let front: Path[] = [];
  targetsKg.forEach((target, i) => {
    front = serving(loads, target, work.kg).flatMap((load): Path[] => {
      const off = Math.abs(load.kg - target) / Math.max(1, target);
      if (i === 0) return [{ load, moves: plateMoves([], platesOf(load)), off, from: null }];
      const ways = front
        .filter((p) => p.load.kg < load.kg - 1e-9)
        .map((p) => ({
          load,
          moves: p.moves + plateMoves(platesOf(p.load), platesOf(load)),
          off: p.off + off,
          from: p,
        }));
      return ways.length > 0 ? [ways.reduce(cheaper)] : [];
    });
  });
  if (front.length === 0) return [];
  const last = front
    .map((p) => ({ ...p, moves: p.moves + plateMoves(platesOf(p.load), platesOf(work)) }))
    .reduce(cheaper);
  const path: MadeLoad[] = [];
  for (let p: Path | null = last; p; p = p.from) path.unshift(p.load);
  return path;
}

const cheaper = <P extends { moves: number; off: number }>(a: P, b: P): P =>
  b.moves < a.moves || (b.moves === a.moves && b.off < a.off - 1e-12) ? b : a;

/** A bar without its plates, kg. */
const barOf = (l: MadeLoad): number => l.kg - 2 * platesOf(l).reduce((kg, p) => kg + p.kg * p.count, 0);

/** The loads made with the bar of the working load: nobody changes bars on the way up. */
function onOneBar(loads: readonly MadeLoad[], workKg: number): readonly MadeLoad[] {
  const work = nearestLoad(loads, workKg).load;
  return work.perSide && !work.oneEnd ? loads.filter((l) => Math.abs(barOf(l) - barOf(work)) < 0.01) : loads;
}

/**
 * Ramp sets up to a working load (kg): the whole ladder for the first heavy compound, one step for a
 * later one that is already warm; `rehearsed`: easy repetitions of the warm-up stand for the first step. Steps that fall on the same load, or within a tenth of the
 * working load, are left out; a light bar needs fewer. On a bar the loads are those that need the
 * fewest plate moves.
 */
export function rampSets(
  all: readonly MadeLoad[],
  workKg: number,
  implement: Implement,
  isFirst: boolean,
  style: RampStyle = 'ladder',
  rehearsed = false,
): RampSet[] {
  if (all.length === 0) return [];
  const loads = onOneBar(all, workKg);
  const barLike = implement === 'barbell' || implement === 'guided bar';
  const whole = !isFirst
    ? oneStep
    : style === 'two sets'
      ? twoSets
      : barLike
        ? workKg < 50
          ? fullRamp.filter((s) => s.share !== 0.85)
          : fullRamp
        : bellRamp;
  const plan = rehearsed && whole.length > 1 ? whole.slice(1) : whole;
  const steps: (Step & { kg: number })[] = [];
  for (const step of plan) {
    const { kg } = nearestLoad(loads, step.share * workKg).load;
    const last = steps[steps.length - 1];
    if (kg > TOO_NEAR * workKg || (last && kg <= last.kg)) continue;
    steps.push({ ...step, kg });
  }
  const work = nearestLoad(loads, workKg).load;
  const made = barLike
    ? fewestMoves(
        loads,
        steps.map((s) => s.share * workKg),
        work,
      )
    : steps.map((s) => nearestLoad(loads, s.kg).load);
  if (made.length < steps.length) return steps.map((s) => asRamp(nearestLoad(loads, s.kg).load, s.reps));
  return made.map((load, i) => asRamp(load, steps[i]!.reps));
}

const asRamp = (load: MadeLoad, reps: number): RampSet => ({
  kg: load.kg,
  reps,
  ...(load.perSide ? { perSide: load.perSide } : {}),
  ...(load.oneEnd ? { oneEnd: true as const } : {}),
});
