import { countDose, isHard, type CountedSet, type DoseSheet } from '../dose/dose';
import type { LoadedSet } from '../loads/prescribe';
import { bandShare, type School } from '../schools/schools';
import type { Session } from '../session/document';
import { groupOfEmphasis } from '../session/emphasis';
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
export const countedAs = (m: MeasuredLine, set: LoadedSet): CountedSet => ({
  credits: boutCredits(m, set.target),
  reserve: leftIn(set),
  counts: set.target.counts * doneOf(set),
  prescribed: set.target.counts,
});

/** Whether a bout counts as it was meant, stays easy, or comes short of its range. */
export function standingOf(set: LoadedSet): Standing {
  if (leftIn(set) !== set.target.reserve && !isHard(leftIn(set))) return 'easy';
  const { target, expectedReps } = set;
  const short = expectedReps !== null && !target.open && expectedReps < target.reps.lo;
  return short ? 'short' : 'counts';
}

/** Working sets as prescribed, and as they are expected to count. A further stage is a third of one. */
export function setsCounted(m: Pick<MeasuredLine, 'sets'>): { prescribed: number; counted: number } {
  let prescribed = 0;
  let counted = 0;
  for (const set of m.sets) {
    prescribed += set.target.counts;
    if (isHard(leftIn(set))) counted += set.target.counts * doneOf(set);
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
    lines.flatMap((m) => m.sets.map((s) => countedAs(m, s))),
    school,
    groupOfEmphasis(session.emphasis),
    bandShare[context.client.trainingAge],
  );
