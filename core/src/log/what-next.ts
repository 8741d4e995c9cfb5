import { keepsLimits, otherwise, sameJob, setsShared, soFar, swapWords } from '../choosing';
import { choicesOf, chooseLoads } from '../loads';
import { asksOf, type Measured, type MeasuredLine, restsIn, taskOf } from '../measure';
import { perHandWords } from '../movements';
import { becoming, type Edit, setCountOf, withSetCount } from '../session';
import { freshStores } from '../set-model';
import { dayWords, daysBetween, massText } from '../units';
import type { PerformedSet } from './performed-set';
import { type LiftProgress, recoveryAlarm } from './progress';

export type ProposalKind = 'up' | 'down' | 'rotate' | 'fewer sets' | 'swap';

/** What the log says the next session should change. Never done by itself. */
export interface Proposal {
  id: string;
  kind: ProposalKind;
  /** The line it is about; null for the session as a whole. */
  line: string | null;
  says: string;
  why: string;
  /** Null where there is nothing to do but to know it. */
  edit: Edit | null;
}

/** Sets that go where a client does not recover. */
const SETS_OFF = 2;
/** A lift is not changed before it was done for so many days; called holding at so many sessions running. Common practice. */
const ROTATE = { days: 28, sessions: 3 };

/** Repetitions by which a coach's own load has to miss what it asks for before another is proposed. */
const WORTH_SAYING = 1;

const round = (left: number): string => String(Math.max(0, Math.round(left)));

/**
 * A load the coach gave, where the log has come to another by now: what stands, what is proposed, and what either is
 * expected to leave against what is asked. Loads nobody gave follow by themselves.
 */
function loadNext(m: MeasuredLine, { context, timeline, isLight }: Measured): Proposal | null {
  const [first] = m.sets;
  if (m.line.loadKg === null || Array.isArray(m.line.loadKg) || !first || first.kg === null || isLight)
    return null;
  if (!m.lift.isKnown || m.max.basis === 'borrowed' || !choicesOf(context.kit, m.movement)) return null;
  const line = { ...m.line, loadKg: null };
  const task = taskOf({ ...m, line }, asksOf(m, restsIn(timeline).get(m.id) ?? []), context, false);
  const kg = chooseLoads(task, freshStores()).found.get(0)?.load?.kg;
  if (kg === undefined || Math.abs(kg - first.kg) < 1e-6 || first.expectedReserve === null) return null;
  const { unit } = context.client;
  const text = (x: number): string => `${massText(x, unit)}${perHandWords(m.movement)}`;
  const isUp = kg > first.kg;
  const easier = first.expectedReserve - first.target.reserve;
  const short = first.target.reps.lo - (first.expectedReps ?? first.target.reps.lo);
  const why =
    short > 0
      ? `${text(first.kg)} is expected to bring ${first.expectedReps} of ${first.target.reps.lo} reps.`
      : `${text(first.kg)} is expected to leave ${round(first.expectedReserve)} where ${round(first.target.reserve)} ${Math.round(first.target.reserve) === 1 ? 'is' : 'are'} asked for.`;
  if (isUp ? easier < WORTH_SAYING : easier > -WORTH_SAYING && short <= 0) return null;
  return {
    id: `${isUp ? 'up' : 'down'} ${m.id}`,
    kind: isUp ? 'up' : 'down',
    line: m.id,
    says: `${m.name}: ${text(first.kg)} → ${text(kg)}`,
    why,
    edit: { do: 'line', line: m.id, patch: { loadKg: kg } },
  };
}

/** A movement that got less comfortable, or hurts: the same job by another. */
function kinder(m: MeasuredLine, { context }: Measured): Proposal | null {
  const { isWorsening, comfort } = soFar(context.logged, m.movement.id, m.rig);
  if (!isWorsening || comfort === null) return null;
  const swap = sameJob(m, context, { other: null, kindTo: null }).find(
    (s) => s.entry.movement.id !== m.movement.id && keepsLimits(s, context),
  );
  return {
    id: `swap ${m.id}`,
    kind: 'swap',
    line: m.id,
    says: swap ? `${swap.entry.name} in place of ${m.name.toLowerCase()}` : `${m.name}: less comfortable`,
    why: 'It got less comfortable from day to day. The same job is done by another; pain is for a clinician.',
    edit: swap ? { do: 'line', line: m.id, patch: becoming(swap.entry) } : null,
  };
}

/** A lift that is known to stand still is changed, its job kept, and comes back: one at a time, never in a lighter week. */
function rotated(
  measured: Measured,
  lines: readonly MeasuredLine[],
  lifts: readonly LiftProgress[],
): Proposal | null {
  if (measured.isLight) return null;
  for (const lift of lifts) {
    const { points, slope } = lift;
    if (lift.holdingFor < ROTATE.sessions) continue;
    if (daysBetween(points[0]!.date, measured.context.todayIso) < ROTATE.days) continue;
    const m = lines.find((x) => x.movement.id === lift.movement);
    const swap = m && otherwise(m, measured);
    if (!swap) continue;
    return {
      id: `rotate ${m.id}`,
      kind: 'rotate',
      line: m.id,
      says: swapWords(m, swap),
      why: `Its max moves by no more than ${Math.max(0, slope.high).toFixed(2)} % a week. For three to six weeks the same job by another; then ${m.name.toLowerCase()} comes back.`,
      edit: { do: 'line', line: m.id, patch: becoming(swap.entry) },
    };
  }
  return null;
}

/** Sets a line had when it was last done. */
function lastCount(m: MeasuredLine, sets: readonly PerformedSet[], todayIso: string): number | null {
  const mine = sets.filter((s) => s.movement === m.movement.id && s.doneOn <= todayIso);
  const last = mine.reduce<string | null>((a, s) => (a === null || s.doneOn > a ? s.doneOn : a), null);
  return last === null ? null : new Set(mine.filter((s) => s.doneOn === last).map((s) => s.setIndex)).size;
}

/** Fewer sets where they are worth least, when a client falls behind what was expected of them. */
function rested(
  measured: Measured,
  lines: readonly MeasuredLine[],
  sets: readonly PerformedSet[],
): Proposal | null {
  const on = recoveryAlarm(measured.context);
  if (on === null || measured.isLight) return null;
  // Taken already: the session asks for fewer sets than were done when it last was.
  const counts = lines.map((m) => ({ m, n: lastCount(m, sets, measured.context.todayIso) }));
  const seen = counts.filter((c) => c.n !== null);
  if (seen.reduce((sum, { m }) => sum + m.sets.length, 0) < seen.reduce((sum, { n }) => sum + n!, 0))
    return null;
  const edits = [...setsShared(measured, -SETS_OFF)].flatMap(([id, by]): Edit[] => {
    const line = measured.lines.find((m) => m.id === id)!.line;
    const scheme = withSetCount(line.scheme, Math.max(1, setCountOf(line.scheme) + by));
    return by === 0 ? [] : [{ do: 'line', line: id, patch: { scheme } }];
  });
  if (edits.length === 0) return null;
  const names = edits.map((e) =>
    measured.lines.find((m) => 'line' in e && m.id === e.line)!.name.toLowerCase(),
  );
  return {
    id: 'fewer sets',
    kind: 'fewer sets',
    line: null,
    says: `${SETS_OFF} sets less: ${[...new Set(names)].join(', ')}`,
    why: `First sets fell behind what was expected of them, session after session, up to ${dayWords(on)}: too much, too close together, or little sleep and food. These sets are worth least.`,
    edit: { do: 'all', edits },
  };
}

/**
 * The front door of what comes next: what was logged turned into proposed changes of the next session, each with its
 * reason. Only what differs from what stands: a coach's own load that the log has left behind, a lift known to stand
 * still, sets off where somebody does not recover, a movement that complains. `sets`: the client's own, in any order.
 */
export function whatNext(
  measured: Measured,
  sets: readonly PerformedSet[],
  lifts: readonly LiftProgress[],
): Proposal[] {
  const lines = measured.lines.filter((m) => m.movement.family !== 'corrective');
  const swaps = lines.flatMap((m) => kinder(m, measured) ?? []);
  const changed = new Set(swaps.map((p) => p.line));
  const rotation = rotated(
    measured,
    lines.filter((m) => !changed.has(m.id)),
    lifts,
  );
  if (rotation) changed.add(rotation.line);
  const loads = lines.filter((m) => !changed.has(m.id)).flatMap((m) => loadNext(m, measured) ?? []);
  const rest = rested(measured, lines, sets);
  return [...swaps, ...(rest ? [rest] : []), ...loads, ...(rotation ? [rotation] : [])];
}
