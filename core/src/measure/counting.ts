import { countDose, type CountedSet, type DoseSheet, isHard } from '../dose';
import type { LoadedSet } from '../loads';
import { type School, shareOf } from '../schools';
import { COUNTS_FURTHER, groupOfEmphasis, type Scheme, type Session, type SetTarget } from '../session';
import type { Context } from './context';
import type { MeasuredLine, Standing } from './model';
import { boutCredits } from './tiring';

/** Repetitions that make a whole hard set, where as many or more were asked for. Own estimate. */
const WHOLE_REPS = 5;

/** Repetitions expected to be left at the end of a set; what was asked for where nothing is known. */
const leftIn = ({ target, expectedReserve }: LoadedSet): number =>
  target.toFailure ? 0 : (expectedReserve ?? target.reserve);

/** What share of itself a set is expected to be: all of it unless hardly any repetitions will come. */
const doneOf = ({ target, expectedReps }: LoadedSet): number =>
  expectedReps === null ? 1 : Math.min(1, expectedReps / Math.min(target.reps.lo, WHOLE_REPS));

/** A bout as the dose counts it: by what is expected to be done and to be left. */
export function countedAs(m: MeasuredLine, set: LoadedSet, school: School): CountedSet {
  const prescribed = worthIn(school, m.line.scheme, set.target);
  return {
    credits: boutCredits(m, set.target),
    reserve: leftIn(set),
    counts: prescribed * doneOf(set),
    prescribed,
    isUnknown: set.expectedReps === null && set.target.holdS === undefined,
  };
}

/** Hard sets a bout counts for in a school; the schemes say it as most count it. */
function worthIn({ counting }: School, { kind }: Scheme, { counts, stage }: SetTarget): number {
  if (stage > 0) return (counts / COUNTS_FURTHER) * counting.furtherStage;
  return kind === 'burn-out' ? counting.burnOut : counts;
}

/** Whether a bout counts as it was meant, stays easy, or comes short of its range. */
export function standingOf(set: LoadedSet, { counting }: School): Standing {
  if (leftIn(set) !== set.target.reserve && !isHard(leftIn(set), counting.hardReserve)) return 'easy';
  const { target, expectedReps } = set;
  const short = expectedReps !== null && !target.open && expectedReps < target.reps.lo;
  return short ? 'short' : 'counts';
}

/** Working sets as prescribed, and as they are expected to count. A further stage is a third of one. */
export function setsCounted(
  m: Pick<MeasuredLine, 'sets' | 'line'>,
  school: School,
): { prescribed: number; counted: number } {
  let prescribed = 0;
  let counted = 0;
  for (const set of m.sets) {
    const worth = worthIn(school, m.line.scheme, set.target);
    prescribed += worth;
    if (isHard(leftIn(set), school.counting.hardReserve)) counted += worth * doneOf(set);
  }
  return { prescribed, counted };
}

/** Last stage: the dose. */
export const doseOf = (
  lines: readonly MeasuredLine[],
  session: Session,
  school: School,
  context: Context,
): DoseSheet =>
  countDose(
    lines.flatMap((m) => m.sets.map((s) => countedAs(m, s, school))),
    school,
    groupOfEmphasis(session.emphasis),
    shareOf(school, context.client.trainingAge),
  );
