import { perHandWords } from '../movements';
import type { GroupId, RegionId } from '../anatomy';
import { countedAs, type MeasuredLine } from '../measure';
import { nearestLoad } from '../kit';
import { choicesOf, type LoadedSet } from '../loads';
import { reserveText, schemeText } from '../session';
import { stopsOf } from './asking';
import type { Step } from '../set-model';
import { shortDayText, type PartId } from './short-day';
import type { Difficulty, MeasuredDay, ScoreBar } from './model';
import { isShortDay, type PlacedDay } from './placing';

/** Half the width of an 80 % band, in standard deviations. */
const EIGHTY = 1.28;

/** A movement of a planned day, as the block tells it. Loads in kg as the coach says them. */
export interface LineSheet {
  /** The line of the session. */
  id: string;
  name: string;
  movement: string;
  /** "4 × 6–8". */
  sets: string;
  count: number;
  /** "3 → 1". */
  reserve: string;
  /** The heaviest set; null where the load is found on the day. */
  kg: number | null;
  /** Behind a load: in each hand, on each pulley, or all of it. */
  perHand: ReturnType<typeof perHandWords>;
  /** What this kit has at both ends of an 80 % band. A model's estimate. */
  lowKg: number | null;
  highKg: number | null;
  /** How sure the max is on that day, relative; null where nothing is known. */
  spread: number | null;
  /** Repetitions expected in the first and the last set. */
  reps: { first: number; last: number } | null;
  /** What the load is beside that of the day before; null where the coach gave it, or it is found on the day. */
  step: Step | null;
  /** The heaviest load of this kit, where more is wanted than there is. */
  rackEndsKg: number | null;
}

/** A training day as screens draw it. */
export interface DaySheet {
  placed: PlacedDay;
  name: string;
  /** The session's title; what a day in short form says. */
  title: string;
  sessionId: string | null;
  isMissing: boolean;
  isShort: boolean;
  groups: Record<GroupId, number>;
  regions: Record<RegionId, number>;
  minutes: number | null;
  difficulty: Difficulty;
  bars: ScoreBar[];
  totalS: number;
  lines: LineSheet[];
  /** What the session's own review would stop for, as this week has it. */
  stops: string[];
}

const topOf = (sets: readonly LoadedSet[]): LoadedSet | null => {
  let top: LoadedSet | null = null;
  for (const set of sets) if (set.kg !== null && (top === null || set.kg > top.kg!)) top = set;
  return top;
};

function lineSheet(m: MeasuredLine, d: MeasuredDay): LineSheet {
  const { measured } = d;
  const top = topOf(m.sets);
  const spread = m.max.basis === 'calibrate' ? null : m.max.workingSpread;
  const choices = choicesOf(measured!.context.kit, m.movement);
  const made = (kg: number): number =>
    choices && choices.length > 0 ? nearestLoad(choices, kg).load.kg : kg;
  const known = m.sets.filter((s) => s.target.stage === 0 && s.expectedReps !== null);
  const most = choices && choices.length > 1 ? Math.max(...choices.map((c) => c.kg)) : null;
  const wish = Math.max(0, ...m.sets.map((s) => s.wishKg ?? 0));
  const ends = most !== null && wish > most * 1.02 && top?.kg === most;
  return {
    id: m.id,
    name: m.name,
    movement: m.movement.id,
    sets: schemeText(m.line.scheme),
    count: new Set(m.sets.map((s) => s.target.set)).size,
    reserve: reserveText(m.line.reserve),
    kg: top?.kg ?? null,
    perHand: perHandWords(m.movement),
    lowKg:
      top?.kg != null && spread !== null ? Math.min(top.kg, made(top.kg * Math.exp(-EIGHTY * spread))) : null,
    highKg:
      top?.kg != null && spread !== null ? Math.max(top.kg, made(top.kg * Math.exp(EIGHTY * spread))) : null,
    spread,
    reps: known.length > 0 ? { first: known[0]!.expectedReps!, last: known.at(-1)!.expectedReps! } : null,
    step: m.step,
    rackEndsKg: ends ? most : null,
  };
}

function barsOf(d: MeasuredDay): ScoreBar[] {
  const { measured } = d;
  if (!measured) return [];
  const lines = new Map(measured.lines.map((m) => [m.id, m]));
  return measured.timeline.events.flatMap((e): ScoreBar[] => {
    const m = e.kind === 'set' && e.of !== null ? lines.get(e.of) : undefined;
    const set = m?.sets[e.index];
    if (!m || !set) return [];
    const { reserve } = countedAs(m, set, measured.school);
    return [{ startS: e.startS, endS: e.endS, voice: m.voice, effort: Math.max(0.4, 1 - reserve / 8) }];
  });
}

/** A measured day as screens draw it; of one that lies ahead with what its session's review would stop for. */
export function daySheet(d: MeasuredDay): DaySheet {
  const { measured, placed, training } = d;
  const isShort = isShortDay(training, placed);
  return {
    placed,
    name: training.name,
    title: measured
      ? measured.session.title
      : training.does.is === 'short'
        ? shortDayText(training.does.work)
        : '',
    sessionId: placed.session ?? (training.does.is === 'session' ? training.does.session : null),
    isMissing: d.isMissing,
    isShort,
    groups: d.groups,
    regions: d.regions,
    minutes: d.minutes,
    difficulty: d.difficulty,
    bars: isShort ? shortBars(d) : barsOf(d),
    totalS: measured?.timeline.totalS ?? 3600,
    lines: (measured?.lines ?? [])
      .filter((m) => m.movement.prepares === undefined)
      .map((m) => lineSheet(m, d)),
    stops: measured && placed.state === 'planned' ? stopsOf(measured).map((f) => f.what) : [],
  };
}

/** A day in short form drawn as if it took an hour: a set after the other. */
function shortBars({ training }: MeasuredDay): ScoreBar[] {
  if (training.does.is !== 'short') return [];
  const sets = training.does.work.flatMap((w) => Array.from({ length: w.sets }, () => w));
  const step = 3600 / Math.max(1, sets.length);
  return sets.map((w, i) => ({
    startS: i * step,
    endS: i * step + step * 0.4,
    voice: voiceOf(w.part),
    effort: { easy: 0.35, medium: 0.6, hard: 0.85 }[w.hard],
  }));
}

function voiceOf(part: PartId): ScoreBar['voice'] {
  if (part === 'chest') return 'chest';
  if (part === 'triceps') return 'triceps';
  return part.endsWith('delt') ? 'shoulders' : 'helpers';
}
