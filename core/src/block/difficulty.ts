import type { Credits, RegionId } from '../anatomy';
import { effortWorth, isHard } from '../dose';
import { countedAs, type Measured } from '../measure';
import { difficulties, type Difficulty, type DifficultyName } from './model';
import { partOf, reserveLeft, type ShortWork } from './short-day';

/** Weight of the work of a region beside a chest press of about 1.5. Own estimate, by the size of the muscle. */
const massOf: Record<RegionId, number> = {
  pecUpper: 0.25,
  pecMiddle: 0.5,
  pecLower: 0.25,
  deltFront: 0.2,
  deltSide: 0.2,
  deltRear: 0.15,
  triLong: 0.15,
  triLateral: 0.1,
  triMedial: 0.1,
  serratus: 0.1,
  cuff: 0.05,
  retractors: 0.5,
  upperTrap: 0.25,
  biceps: 0.25,
};
/** What a loaded spine adds, for each step of it. Own estimate. */
const SPINE = 0.3;
/** A set that is no hard one still costs something. */
const EASY_SHARE = 0.4;

/** From this sum on a day is medium, hard, very hard. Own estimate: an ordinary push day of 18 sets is medium. */
const STEPS = [9, 19, 28] as const;

export const nameOf = (points: number): DifficultyName =>
  difficulties[STEPS.filter((step) => points >= step).length]!;

const moved = (credits: Credits): number =>
  Object.entries(credits).reduce((sum, [id, credit]) => sum + massOf[id as RegionId] * credit, 0);

const summed = (terms: Difficulty['terms']): Difficulty => {
  const sum = terms.reduce((n, t) => n + t.points, 0);
  return { sum, name: nameOf(sum), terms };
};

/**
 * How hard a session is: over its sets, how near failure × how much muscle moves and what the spine carries.
 * A model's estimate; the steps are common practice.
 */
export function difficultyOf({ lines, school }: Measured): Difficulty {
  return summed(
    lines.map((m) => {
      const weight = moved(m.credits) + SPINE * (m.movement.spine ?? 0);
      const points = m.sets.reduce((sum, set) => {
        const { reserve, counts = 1 } = countedAs(m, set, school);
        const hard = isHard(reserve, school.counting.hardReserve) ? 1 : EASY_SHARE;
        return sum + counts * effortWorth(reserve) * hard * weight;
      }, 0);
      return { says: m.name, points };
    }),
  );
}

/** The same of a day in short form. */
export const difficultyOfShort = (work: readonly ShortWork[]): Difficulty =>
  summed(
    work.map(({ part, sets, hard }) => ({
      says: partOf(part).name,
      points: sets * effortWorth(reserveLeft[hard]) * partOf(part).mass,
    })),
  );
