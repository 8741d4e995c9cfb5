import type { Credits } from '../anatomy';
import type { Timeline } from '../clock';
import { type Exertion, type FreshnessPoint, runFatigue } from '../fatigue';
import { creditsOf } from '../mechanics';
import { type SetTarget, setTargets } from '../session';
import type { MeasuredLine } from './model';

/** A held contraction tires about like a repetition every three seconds. Own estimate. */
const HOLD_S_A_REP = 3;

const boutReps = (target: SetTarget, expected: number | null): number =>
  target.holdS !== undefined
    ? target.holdS / HOLD_S_A_REP
    : (target.open || target.toFailure) && expected !== null
      ? expected
      : (target.reps.lo + target.reps.hi) / 2;

/** Credits of a bout; a mechanical drop changes the setting. */
export const boutCredits = (
  m: Pick<MeasuredLine, 'movement' | 'rig' | 'credits'>,
  target: SetTarget,
): Credits => (target.rig ? creditsOf(m.movement, { ...m.rig, ...target.rig }) : m.credits);

/** What a bout asks of whom, whenever it comes. */
export function exertionOf(m: MeasuredLine, index: number): Pick<Exertion, 'credits' | 'reps' | 'reserve'> {
  const set = m.sets[index];
  const target = set?.target ?? setTargets(m.line)[index]!;
  return {
    credits: boutCredits(m, target),
    reps: boutReps(target, set?.expectedReps ?? null) * m.pace,
    reserve: target.reserve,
  };
}

type Worked = Exertion & { of: string; index: number };

/** Working sets in the order they happen, as the stores want them. */
function exertions(timeline: Timeline, byId: ReadonlyMap<string, MeasuredLine>): Worked[] {
  return timeline.events
    .filter((e) => e.kind === 'set')
    .map((e) => ({
      of: e.of!,
      index: e.index,
      startS: e.startS,
      endS: e.endS,
      ...exertionOf(byId.get(e.of!)!, e.index),
    }));
}

/** Third stage: share of the max lost at the start of every bout, by line. */
export function lossesIn(timeline: Timeline, byId: ReadonlyMap<string, MeasuredLine>): Map<string, number[]> {
  const worked = exertions(timeline, byId);
  const { losses } = runFatigue(worked, null);
  const lossesOf = new Map<string, number[]>();
  worked.forEach((e, i) => {
    const list = lossesOf.get(e.of) ?? [];
    list[e.index] = losses[i]!;
    lossesOf.set(e.of, list);
  });
  return lossesOf;
}

/** How fresh each voice is over the session. */
export const freshnessIn = (timeline: Timeline, byId: ReadonlyMap<string, MeasuredLine>): FreshnessPoint[] =>
  runFatigue(exertions(timeline, byId), timeline.totalS).curve;
