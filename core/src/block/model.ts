import type { GroupId, RegionId, VoiceId } from '../anatomy';
import type { Kit } from '../kit';
import type { Measured } from '../measure';
import type { Notebook } from '../movements';
import type { Ground } from '../review';
import type { School, Severity } from '../schools';
import type { Client, Edit, Session } from '../session';
import type { Logged } from '../strength';
import type { TrainingBlock, TrainingDay, WeekRule } from './document';
import type { PlacedDay } from './placing';

/** Everything a block is judged against. Nothing here is looked up: the caller passes it in. */
export interface BlockContext {
  client: Client;
  /** Gyms by id; that of the client at least. */
  kits: Readonly<Record<string, Kit>>;
  /** The sessions the block names, by id. One that is not there is told as missing. */
  sessions: Readonly<Record<string, Session>>;
  notebook?: Notebook;
  schools?: readonly School[];
  logged: readonly Logged[];
  todayIso: string;
}

export const difficulties = ['light', 'medium', 'hard', 'very hard'] as const;
export type DifficultyName = (typeof difficulties)[number];

/** How hard a day is: a sum, and what it is made of. */
export interface Difficulty {
  sum: number;
  name: DifficultyName;
  terms: { says: string; points: number }[];
}

/** A training day measured: what it gives, whatever it is made of. */
export interface MeasuredDay {
  placed: PlacedDay;
  training: TrainingDay;
  /** The session as this week has it; null for days in short form, and for one whose session is missing. */
  measured: Measured | null;
  /** The session it is meant to use is not there. */
  isMissing: boolean;
  groups: Record<GroupId, number>;
  regions: Record<RegionId, number>;
  minutes: number | null;
  difficulty: Difficulty;
}

/** A week of the block: seven days of the calendar. */
export interface MeasuredWeek {
  week: number;
  /** Its first day. */
  from: string;
  rule: WeekRule;
  days: MeasuredDay[];
  /** Hard sets of the week; of a pattern that drifts, what it comes to in seven days. */
  groups: Record<GroupId, number>;
  regions: Record<RegionId, number>;
  /** Every day of it is done. */
  isDone: boolean;
}

/** Everything the rules of a block look at. */
export interface MeasuredBlock {
  block: TrainingBlock;
  context: BlockContext;
  school: School;
  /** Share of the weekly bands this client is held to. */
  share: number;
  days: PlacedDay[];
  weeks: MeasuredWeek[];
}

/** A change to a block and to the sessions it uses, as data; undone as one. */
export interface BlockChange {
  block: Partial<Omit<TrainingBlock, 'format' | 'version'>>;
  sessions: { id: string; edit: Edit }[];
}

export interface BlockFixDraft {
  label: string;
  change: () => BlockChange | null;
}

/** What a rule has to say about some week. */
export interface WeekDraft {
  /** Tells it from the rule's other findings; the same in two weeks is one finding of both. */
  about: string;
  what: string;
  why: string;
  severity?: Severity;
  /** The training days concerned. */
  on: string[];
  fixes?: () => BlockFixDraft[];
}

/** A rule of the week or of the whole block. */
export interface BlockRule {
  id: string;
  title: string;
  severity: Severity;
  ground: Ground;
  /** What it checks, for whom, with its source. */
  about: string;
  look: (block: MeasuredBlock, week: MeasuredWeek) => WeekDraft[];
}

/** What a fix changes, found by doing it. */
export interface BlockEffect {
  /** Sets a week of the groups that change, in the first week concerned. */
  dose: Partial<Record<GroupId, number>>;
  minutes: number;
  gone: string[];
  comes: string[];
}

export interface BlockFix {
  label: string;
  change: BlockChange;
  effect: BlockEffect;
}

export interface BlockFinding {
  key: string;
  rule: string;
  severity: Severity;
  ground: Ground;
  /** The weeks it speaks of, from 0. */
  weeks: number[];
  on: string[];
  what: string;
  why: string;
  /** Proven remedies; none until they are looked for. */
  fixes: BlockFix[];
  dismissed: string | null;
}

/** A bar of a small score: a set on the clock of its session. */
export interface ScoreBar {
  startS: number;
  endS: number;
  voice: VoiceId;
  /** 0 to 1: how near failure. */
  effort: number;
}
