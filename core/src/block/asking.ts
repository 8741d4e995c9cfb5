import { type GroupId, groupIds, groupNames } from '../anatomy';
import { type Measured, type MeasuredLine, isHeavyCompound } from '../measure';
import { type FixDraft, type Matter, mattersOf, offerFirst } from '../review';
import { type Edit, kindOf, type Line, linesOf, type Session, setCountOf, withSetCount } from '../session';
import { daysAfter, listed, sentenceList, weekdayOf, weekdays } from '../units';
import { weeksOf, type LifeEvent } from './document';
import { dayText } from './words';
import type { BlockChange, BlockFixDraft, MeasuredBlock, MeasuredDay, MeasuredWeek } from './model';

/** Questions that several rules ask of a week, and changes that several offer. */

/** Sets of one muscle that make a day a hard one for it. Common practice. */
export const HARD_DAY = 4;

export const inPlay = (d: MeasuredDay): boolean => d.placed.state !== 'left out';

/** A day as its week usually has it: nothing came between, and it is no lighter one wherever it came to stand. */
export const isUsual = ({ block }: MeasuredBlock, { placed: p }: MeasuredDay): boolean =>
  p.state !== 'left out' &&
  !p.light &&
  !(block.weeks[Math.min(p.week, block.weeks.length - 1)]?.light ?? false);

const changesDays = new Set<LifeEvent['then']>(['move', 'catch up', 'leave out', 'lighter']);

/**
 * A week as the block means it: none put off to the end, and nothing that came between took days out of it or made them
 * lighter. Only of such a week can be said what it lacks.
 */
export function isOrdinary({ block }: MeasuredBlock, { week, from, days }: MeasuredWeek): boolean {
  const to = daysAfter(from, 6);
  return (
    week < weeksOf(block) &&
    days.length > 0 &&
    days.every(inPlay) &&
    !block.life.some((e) => changesDays.has(e.then) && e.from <= to && e.to >= from)
  );
}

/** The session a day follows; null for days in short form and those with a session of their own. */
export const followed = ({ training, placed }: MeasuredDay): string | null =>
  training.does.is === 'session' && placed.session === null ? training.does.session : null;

const stopped = new WeakMap<Measured, Matter[]>();
/** What a day's own review would stop for, as its week has it; looked for once. */
export function stopsOf(measured: Measured): Matter[] {
  let stops = stopped.get(measured);
  if (!stops) {
    stops = mattersOf(measured).filter((f) => f.severity === 'stop' && f.dismissed === null);
    stopped.set(measured, stops);
  }
  return stops;
}

/** Chest and shoulders are pressed on it. */
export const isPushDay = (d: MeasuredDay): boolean =>
  d.measured !== null && kindOf(d.measured.session) !== 'arms' && d.measured.lines.some(isHeavyCompound);

/** The push days of a week that use different sessions, one of each. */
export function pushDays(week: MeasuredWeek): MeasuredDay[] {
  const seen = new Set<string>();
  return week.days.filter((d) => {
    const id = followed(d);
    if (!inPlay(d) || !isPushDay(d) || id === null || seen.has(id)) return false;
    seen.add(id);
    return true;
  });
}

export const firstHeavy = (d: MeasuredDay): MeasuredLine | undefined =>
  d.measured?.lines.find(isHeavyCompound);

/** A bench from here on makes a press one for the shoulders, degrees. */
const STEEP = 60;
export const isOverhead = (m: MeasuredLine): boolean =>
  m.movement.family === 'overhead' || (m.rig.benchDeg ?? 0) >= STEEP;

export const pairsOf = <T>(list: readonly T[]): [T, T][] =>
  list.flatMap((a, i) => list.slice(i + 1).map((b): [T, T] => [a, b]));

/** The groups some days are hard for. */
export const hardFor = (d: MeasuredDay, from = HARD_DAY): GroupId[] =>
  groupIds.filter((g) => d.groups[g] >= from);

/** "Chest and triceps". */
export const groupWords = (groups: readonly GroupId[]): string =>
  sentenceList(groups.map((g) => groupNames[g]));

/** "Push A (Tue)". */
export const dayWordsOf = (d: MeasuredDay): string =>
  `${d.training.name} (${weekdays[weekdayOf(d.placed.date)]})`;

/** Two days by their names; by their weekdays too where those are the same. */
export const bothDays = (a: MeasuredDay, b: MeasuredDay): string =>
  listed(
    a.training.name === b.training.name ? [dayWordsOf(a), dayWordsOf(b)] : [a.training.name, b.training.name],
  );

export const onlySession = (id: string, edit: Edit): BlockChange => ({ block: {}, sessions: [{ id, edit }] });
export const onlyBlock = (block: BlockChange['block']): BlockChange => ({ block, sessions: [] });

/** Remedies of a session's own review, as remedies of the block. */
export const bySession = (d: MeasuredDay, drafts: readonly FixDraft[]): BlockFixDraft[] => {
  const id = followed(d);
  if (id === null) return [];
  return drafts
    .flatMap((draft) => [draft, ...(draft.instead ?? [])])
    .map(({ label, edit }) => ({
      label: `${label} on ${d.training.name}`,
      change: () => (typeof edit === 'function' ? null : onlySession(id, edit)),
    }));
};

/** Movements a day does not have, each with as many sets as are missing and one movement takes. */
export const addedWith = (d: MeasuredDay, entryIds: readonly string[], missing: number): BlockFixDraft[] =>
  bySession(
    d,
    offerFirst(d.measured!, entryIds, 2).map((draft) => {
      const { edit } = draft;
      if (typeof edit === 'function' || edit.do !== 'add block') return draft;
      const [line] = edit.block.lines;
      const scheme = withSetCount(line!.scheme, Math.max(2, Math.min(6, Math.ceil(missing))));
      return { ...draft, edit: { ...edit, block: { ...edit.block, lines: [{ ...line!, scheme }] } } };
    }),
  );

/** A line of the session as it is written, not as some week has it. */
export const written = (block: MeasuredBlock, id: string, line: string): Line | undefined => {
  const session: Session | undefined = block.context.sessions[id];
  return session && linesOf(session).find((l) => l.id === line);
};

export const setsChanged = (line: Line, by: number): Edit => ({
  do: 'line',
  line: line.id,
  patch: { scheme: withSetCount(line.scheme, setCountOf(line.scheme) + by) },
});

/** The days of a week that follow a session, the easiest first. */
export const easiestFirst = (week: MeasuredWeek): MeasuredDay[] =>
  week.days
    .filter((d) => inPlay(d) && d.measured !== null && followed(d) !== null)
    .sort((a, b) => a.difficulty.sum - b.difficulty.sum);

/** Two places of the pattern change with each other; only where every week has the same ones. */
export function exchanged(block: MeasuredBlock, d: MeasuredDay): BlockFixDraft[] {
  const { pattern, patternFrom, days } = block.block;
  const here = (d.placed.day - patternFrom) % pattern.length;
  const nameOf = (at: number): string => {
    const ids = pattern[at]!;
    return ids.length === 0 ? 'the day off' : listed(ids.map((id) => days.find((x) => x.id === id)!.name));
  };
  return pattern.flatMap((entry, at): BlockFixDraft[] => {
    if (at === here || entry.join() === pattern[here]!.join()) return [];
    const on = pattern.length === 7 ? ` (${dayText(block.block, patternFrom + at)})` : '';
    return [
      {
        label: `Change ${d.training.name} with ${nameOf(at)}${on}`,
        change: () => {
          const next = [...pattern];
          [next[here], next[at]] = [pattern[at]!, pattern[here]!];
          return onlyBlock({ pattern: next });
        },
      },
    ];
  });
}
