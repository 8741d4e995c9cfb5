import { sharesOneLoad } from '../block';
import { keepsLimits, otherwise, sameJob, setsShared, soFar, swapWords } from '../choosing';
import { choicesOf } from '../loads';
import type { Measured, MeasuredLine } from '../measure';
import { fullRig, perHandWords } from '../movements';
import { becoming, type Edit, setCountOf, setTargets, withSetCount } from '../session';
import { movedShare } from '../strength';
import { daysBetween, massText } from '../units';
import type { PerformedSet } from './performed-set';
import type { LiftProgress } from './progress';

export type ProposalKind = 'up' | 'rack ends' | 'hold' | 'down' | 'rotate' | 'fewer sets' | 'swap';

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

/** Looked back on, days: what lies further back is another training. */
const SPAN_DAYS = 42;
/** A jump over this is told with what it costs in reps. */
const BIG_JUMP = 0.1;
/** Taken off where a lift was twice below its range. Common practice: 5–10 %. */
const OFF = { least: 0.05, most: 0.1 };
/** Sets that go where a client does not recover. */
const SETS_OFF = 2;

type Day = readonly PerformedSet[];

/** The days a line was done on, the last first: the same movement, set up alike. */
function daysOf(m: MeasuredLine, sets: readonly PerformedSet[], todayIso: string): Day[] {
  const rig = JSON.stringify(m.rig);
  const byDay = new Map<string, PerformedSet[]>();
  for (const s of sets) {
    if (s.movement !== m.movement.id || JSON.stringify(fullRig(m.movement, s.rig)) !== rig) continue;
    if (s.doneOn > todayIso || daysBetween(s.doneOn, todayIso) > SPAN_DAYS) continue;
    byDay.set(s.doneOn, [...(byDay.get(s.doneOn) ?? []), s]);
  }
  return [...byDay]
    .sort(([a], [b]) => b.localeCompare(a))
    .map(([, day]) => ofBothSides(day.sort((a, b) => a.setIndex - b.setIndex)));
}

/** Of two sides that were not alike the weaker one speaks for the set. */
const ofBothSides = (day: readonly PerformedSet[]): Day =>
  day.filter(
    (s) =>
      s.side === null ||
      !day.some((x) => x.setIndex === s.setIndex && (x.reps < s.reps || (x.reps === s.reps && x.id < s.id))),
  );

interface Case {
  measured: Measured;
  m: MeasuredLine;
  days: readonly Day[];
}

const targetsOf = ({ m }: Case) => setTargets(m.line);

/** Every set that is asked for reached the top of its range with its reserve kept, as somebody said; stages promise nothing. */
const reachedTop = (c: Case, day: Day): boolean => {
  const targets = targetsOf(c);
  return (
    day.length >= targets.length &&
    targets.every(
      ({ reps, reserve, volumeOnly }, i) =>
        volumeOnly || (day[i]!.reps >= reps.hi && (day[i]!.reserve ?? -1) >= reserve - 0.5),
    )
  );
};
/** A set ended below its range, and for want of strength. */
const fellShort = (c: Case, day: Day): boolean =>
  targetsOf(c).some(({ reps, open, volumeOnly }, i) => {
    const set = day[i];
    if (open === true || volumeOnly || !set || set.reps >= reps.lo) return false;
    return set.ended === null || set.ended === 'too heavy';
  });

const pinned = (m: MeasuredLine, kg: number): Edit => ({ do: 'line', line: m.id, patch: { loadKg: kg } });
/** Double progression on the loads of this kit, with technique as the gate; null where nothing changes. */
function loadNext(c: Case): Proposal | null {
  const { m, measured } = c;
  const { client, kit } = measured.context;
  const [last, before] = c.days;
  const planned = m.sets[0]?.kg ?? null;
  if (!last || planned === null || !sharesOneLoad(m.line)) return null;
  const choices = (choicesOf(kit, m.movement) ?? []).map((l) => l.kg).sort((a, b) => a - b);
  const lastKg = Math.max(...last.map((s) => s.loadKg));
  const text = (kg: number): string => `${massText(kg, client.unit)}${perHandWords(m.movement)}`;
  const name = m.name;
  const proposal = (kind: ProposalKind, kg: number | null, says: string, why: string): Proposal => ({
    id: `${kind} ${m.id}`,
    kind,
    line: m.id,
    says,
    why,
    edit: kg === null ? null : pinned(m, kg),
  });
  const grade = last.at(-1)!.technique;
  const isUnclean = grade === 'broke' || grade === 'slipping';
  if (isUnclean)
    return planned > lastKg + 1e-6
      ? proposal(
          'hold',
          lastKg,
          `${name}: hold ${text(lastKg)}`,
          `The last set ${grade === 'broke' ? 'broke form' : 'was slipping'}; a load goes up from a clean one.`,
        )
      : null;
  if (reachedTop(c, last)) {
    const next = choices.find((kg) => kg > lastKg + 1e-6);
    if (next === undefined)
      return choices.length > 1
        ? proposal(
            'rack ends',
            null,
            `${name}: the rack ends at ${text(lastKg)}`,
            'Every set reached the top of its range. Add reps, slow them down, or take another implement.',
          )
        : null;
    if (planned >= next - 1e-6) return null;
    const body = movedShare(m.movement, m.rig) * client.massKg;
    const jump = (next + body) / (lastKg + body) - 1;
    const graded = grade === null ? ' Nobody graded the last set: only if it was clean.' : '';
    return proposal(
      'up',
      next,
      `${name}: ${text(lastKg)} → ${text(next)}`,
      `Every set reached the top of its range with its reserve kept.${
        jump > BIG_JUMP
          ? ` It is ${Math.round(jump * 100)} % more, the smallest step there is here: expect fewer reps at first.`
          : ''
      }${graded}`,
    );
  }
  if (before && fellShort(c, last) && fellShort(c, before)) {
    const kg = choices.filter(
      (x) => x <= lastKg * (1 - OFF.least) + 1e-6 && x >= lastKg * (1 - OFF.most) - 1e-6,
    );
    const to = kg.at(-1) ?? choices.filter((x) => x < lastKg - 1e-6).at(-1);
    return to !== undefined && planned > to + 1e-6
      ? proposal(
          'down',
          to,
          `${name}: ${text(lastKg)} → ${text(to)}`,
          'Twice running a set ended below its range. Take a little off, or look at sleep, food and the days between first.',
        )
      : null;
  }
  return null;
}

/** A movement that got less comfortable, or hurts: the same job by another. */
function kinder({ m, measured }: Case): Proposal | null {
  const { isWorsening, comfort } = soFar(measured.context.logged, m.movement.id, m.rig);
  if (!isWorsening || comfort === null) return null;
  const { context } = measured;
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

/** The lift that has been stuck longest is changed, its job kept: never all at once. */
function rotated(cases: readonly Case[], lifts: readonly LiftProgress[]): Proposal | null {
  for (const lift of lifts.filter((l) => l.standing === 'stuck')) {
    const c = cases.find(({ m }) => m.movement.id === lift.movement);
    const swap = c && otherwise(c.m, c.measured);
    if (!swap) continue;
    return {
      id: `rotate ${c.m.id}`,
      kind: 'rotate',
      line: c.m.id,
      says: swapWords(c.m, swap),
      why: `Over ${lift.points.length} days its max did not move by more than chance. Keep the job, change how it is done for some weeks.`,
      edit: { do: 'line', line: c.m.id, patch: becoming(swap.entry) },
    };
  }
  return null;
}

/** Fewer sets where they are worth least, when a lift came down twice running. */
function rested(measured: Measured, cases: readonly Case[], lifts: readonly LiftProgress[]): Proposal | null {
  const down = lifts.find((l) => l.downTwice && cases.some(({ m }) => m.movement.id === l.movement));
  if (!down) return null;
  // Taken already: the session asks for fewer sets than were done when it last was.
  const seen = cases.filter(({ days }) => days.length > 0);
  const asked = seen.reduce((n, { m }) => n + m.sets.length, 0);
  if (asked < seen.reduce((n, { days }) => n + days[0]!.length, 0)) return null;
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
    why: `${down.name} came down twice running by more than chance: too much, or too close together. These sets are worth least.`,
    edit: { do: 'all', edits },
  };
}

/**
 * The front door of what comes next: what was logged turned into proposed changes of the next session, each with its
 * reason. Double progression on this kit with technique as its gate (common practice), a stuck lift rotated, sets off
 * where somebody does not recover, a movement that complains swapped. `sets`: the client's own, in any order.
 */
export function whatNext(
  measured: Measured,
  sets: readonly PerformedSet[],
  lifts: readonly LiftProgress[],
): Proposal[] {
  const { todayIso } = measured.context;
  const cases = measured.lines
    .filter((m) => m.movement.family !== 'corrective')
    .map((m): Case => ({ measured, m, days: daysOf(m, sets, todayIso) }));
  const swaps = cases.flatMap((c) => kinder(c) ?? []);
  const changed = new Set(swaps.map((p) => p.line));
  const rotation = rotated(
    cases.filter(({ m }) => !changed.has(m.id)),
    lifts,
  );
  if (rotation) changed.add(rotation.line);
  const fewer = rested(measured, cases, lifts);
  return [
    ...(fewer ? [fewer] : []),
    ...swaps,
    ...cases.filter(({ m }) => !changed.has(m.id)).flatMap((c) => loadNext(c) ?? []),
    ...(rotation ? [rotation] : []),
  ];
}
