import { groupCredit, type GroupId, groupIds, type RegionId, regions } from '../anatomy';
import { usualness } from '../choosing';
import { DIRECT } from '../dose';
import {
  HEAVY_REST_S,
  isHeavyCompound,
  MAIN_SETS,
  mainLift,
  type Measured,
  type MeasuredLine,
} from '../measure';
import type { Severity } from '../schools';
import { type Edit, promisedReps } from '../session';
import type { Moves } from './model';
import { setsOf } from './questions';

/** What a change is for, as far as the judge has to know. */
export interface Purpose {
  severity: Severity;
  on: readonly string[];
  moves?: Moves | undefined;
  /** What is not there or must not be done has to be changed, whatever is known of what comes instead. */
  mustGo?: boolean;
  /** It is about doing less: a muscle may go without. */
  lessens?: boolean;
}

/** Counted sets that a figure has to move by, and that a weak point may lose by the way. Own estimate. */
const LEAST_MOVE = 0.2;
const MAY_LOSE = 0.6;
/** Movements less usual than this are a coach's own idea, not a remedy's. Own estimate. */
const ORDINARY = 0.2;
/** Repetitions up to which a press is heavy enough for its whole rest. Common practice. */
const HEAVY_REPS = 8;
const SLACK_S = 30;
/** A bench turned further makes the main lift another one, degrees. */
const MAY_TURN = 10;

const isGroup = (id: GroupId | RegionId): id is GroupId => (groupIds as readonly string[]).includes(id);

const groupOf = (id: GroupId | RegionId): GroupId | undefined =>
  isGroup(id) ? id : (regions[id].group ?? undefined);

const counted = (s: Measured, of: GroupId | RegionId): number =>
  isGroup(of) ? s.dose.groups[of].fractional : s.dose.regions[of].fractional;

/** The muscle a movement is for first. */
const mostFor = (m: MeasuredLine): GroupId | undefined =>
  groupIds.reduce<GroupId | undefined>(
    (best, g) => (groupCredit(m.credits, g) > (best ? groupCredit(m.credits, best) : 0) ? g : best),
    undefined,
  );

const trains = (lines: readonly MeasuredLine[], group: GroupId): boolean =>
  lines.some((m) => groupCredit(m.credits, group) >= DIRECT);

const isKnown = (m: MeasuredLine): boolean =>
  m.movement.load.kind !== 'external' || m.sets.some((set) => set.kg !== null);

/** A raise is answered by a raise, whichever way the arm goes up. */
const kindOf = ({ movement }: MeasuredLine): string =>
  movement.family === 'raise' ? 'raise' : movement.pattern.split(' ')[0]!;
const times = (s: Measured, m: MeasuredLine): number =>
  s.lines.filter((l) => l.movement.id === m.movement.id && l.entryId === m.entryId).length;

/** One movement put in the place of another. */
function badSwap(
  before: Measured,
  after: Measured,
  was: MeasuredLine,
  is: MeasuredLine,
  p: Purpose,
): boolean {
  const isRaise = kindOf(was) === 'raise';
  if (kindOf(was) !== kindOf(is) || (!isRaise && mostFor(was) !== mostFor(is))) return true;
  if (was.movement.compound && !is.movement.compound && !isRaise) return true;
  if (!p.mustGo && isKnown(was) && !isKnown(is)) return true;
  if (usualness({ id: is.entryId }) < Math.min(ORDINARY, usualness({ id: was.entryId }))) return true;
  const isMain = was.id === mainLift(before)?.id;
  // What leads a day is answered by something that can lead.
  if (isMain && !p.mustGo && mainLift(after)?.id !== was.id) return true;
  return times(after, is) > Math.max(1, times(before, is)) || (isMain && !p.mustGo && !p.on.includes(was.id));
}

/** Another figure of the same movement. */
function badFigure(before: Measured, was: MeasuredLine, is: MeasuredLine, p: Purpose): boolean {
  // Another grip or angle can make it another muscle's; the one that is wanted may.
  const wanted = p.moves?.by === 1 ? groupOf(p.moves.of) : undefined;
  if (mostFor(was) !== mostFor(is) && !p.on.includes(was.id) && mostFor(is) !== wanted) return true;
  const fewest = Math.min(...promisedReps(is.line).map((r) => r.lo));
  const isHeavy = isHeavyCompound(is) && fewest <= HEAVY_REPS;
  if (isHeavy && is.line.restS < Math.min(was.line.restS, HEAVY_REST_S)) return true;
  const isMain = was.id === mainLift(before)?.id;
  const turned = Math.abs((is.rig.benchDeg ?? 0) - (was.rig.benchDeg ?? 0));
  if (isMain && turned > MAY_TURN && !p.on.includes(was.id)) return true;
  return isMain && setsOf(is) < Math.min(setsOf(was), MAIN_SETS);
}

/**
 * Whether a coach would sign a change that mends what it is for: it moves the figure as promised, takes nothing the client
 * came for, hides nothing in ignorance, keeps kind, minutes and the rests of heavy lifts, repeats nothing, and stays with
 * ordinary movements. What comes of it as a finding is judged where findings are known.
 */
export function isSigned(before: Measured, after: Measured, purpose: Purpose): boolean {
  const { moves, severity } = purpose;
  if (moves && (counted(after, moves.of) - counted(before, moves.of)) * moves.by < LEAST_MOVE) return false;
  if (severity === 'stop') return true;
  const most = Math.max(before.session.minutes * 60, before.timeline.totalS) + SLACK_S;
  if (after.timeline.totalS > most) return false;
  const { lagging } = before.context.client;
  const directOf = (s: Measured, id: RegionId): number =>
    s.lines.reduce((n, m) => n + ((m.credits[id] ?? 0) >= DIRECT ? setsOf(m) : 0), 0);
  // What cannot stay takes along what it lent; a set of its own stays.
  const loses = (id: RegionId): boolean =>
    counted(after, id) < counted(before, id) - MAY_LOSE &&
    (!purpose.mustGo || directOf(after, id) < directOf(before, id));
  if (lagging.some((id) => regions[id].group !== null && loses(id))) return false;
  // What is judged may change its muscle; what stands beside it keeps its own.
  const others = before.lines.filter((m) => !purpose.on.includes(m.id));
  if (!purpose.lessens && groupIds.some((g) => trains(others, g) && !trains(after.lines, g))) return false;
  const main = mainLift(before);
  if (main && !after.lines.some((m) => m.id === main.id)) return false;
  const known = new Map(before.lines.map((m) => [m.id, m]));
  return after.lines.every((is) => {
    const was = known.get(is.id);
    if (!was) return times(after, is) === 1 && usualness({ id: is.entryId }) >= ORDINARY;
    return was.movement.id === is.movement.id
      ? !badFigure(before, was, is, purpose)
      : !badSwap(before, after, was, is, purpose);
  });
}

/** How much an edit changes: a figure, a movement, one more, one less. */
export function sizeOf(edit: Edit): number {
  switch (edit.do) {
    case 'all':
      return Math.max(0, ...edit.edits.map(sizeOf));
    case 'line':
      return edit.patch.movement === undefined ? 0 : 1;
    case 'add block':
      return 2;
    case 'remove line':
      return 3;
    default:
      return 0;
  }
}
