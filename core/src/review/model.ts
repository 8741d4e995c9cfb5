import type { GroupId, RegionId } from '../anatomy';
import type { Measured } from '../measure';
import type { Severity } from '../schools';
import type { Edit } from '../session';

/** What a finding stands on. */
export type Ground = 'published' | 'mechanics' | 'common practice' | 'school';

/** Where in a line what is the matter stands: its movement, or one of its figures. */
export type Place = 'movement' | 'scheme' | 'reserve' | 'load' | 'rest' | 'tempo';

export interface FixDraft {
  /** A verb and its object: "Set the bench to 30°". */
  label: string;
  /** What it does; a search for it stops after every step, and gives null where there is nothing to do. */
  edit: Edit | (() => Generator<void, Edit | null>);
  /** Further ways to the same end, tried in turn where this one does not mend the matter. */
  instead?: readonly FixDraft[];
}

/** Counted sets of a muscle or a part of one, to go up or down. */
export interface Moves {
  of: GroupId | RegionId;
  by: 1 | -1;
}

export interface FindingDraft {
  /** Lines or warm-up items concerned. */
  on: string[];
  /** The sets concerned, from 0, where it is about some of a single line. */
  sets?: number[];
  /** Tells it from the rule's other findings, where the lines concerned do not. */
  about?: string;
  /** One sentence: what is the matter. */
  what: string;
  /** One sentence: why it matters, with its source where there is one. */
  why: string;
  severity?: Severity;
  /** The figure it is about, in counted sets, and which way a remedy has to move it. */
  moves?: Moves;
  /** The movement cannot stay as it is: what comes instead may be one whose load has to be found. */
  mustGo?: true;
  /** It is about doing less: a muscle that is no weak point may go without. */
  lessens?: true;
  /** Leaving the movement out is no way to mend it: it is too little of something. */
  keeps?: true;
  /** What may mend it; only what is found to do so is ever offered. Worked out when asked for. */
  fixes?: () => FixDraft[];
}

/** A rule: what it is called, how loud it is by default, what it rests on, and how it looks. */
export interface Rule {
  id: string;
  title: string;
  severity: Severity;
  ground: Ground;
  /** The figure it is about; the movement itself where it says nothing. */
  at?: Place;
  look: (session: Measured) => FindingDraft[];
}

/** What choosing a fix changes, found by doing it. */
export interface Effect {
  minutes: number;
  sets: number;
  /** Fractional hard sets by group, those that change. */
  dose: Partial<Record<GroupId, number>>;
  /** Other findings that go with it, and quieter ones that come, each as it is told. */
  gone: string[];
  comes: string[];
}

export interface Fix {
  label: string;
  edit: Edit;
  effect: Effect;
}

export interface Finding {
  /** Rule and what it is about, or its lines: the same matter keeps the same key. */
  key: string;
  rule: string;
  severity: Severity;
  ground: Ground;
  on: string[];
  at: Place;
  /** The sets of its line, from 0; none where it is about all of them. */
  sets: number[];
  what: string;
  why: string;
  /** Remedies that are proven to be ones; none until they are looked for. */
  fixes: Fix[];
  /** They were looked for: where there are none, none would be signed. */
  searched?: true;
  /** The coach's reason for going on, when it has been set aside. */
  dismissed: string | null;
  /** Where it has been: for this session, or its whole rule for the client or the school. */
  asideFor: 'session' | 'client' | 'school' | null;
}

/** A finding with what may mend it, before anybody has looked whether it does. */
export interface Matter extends Omit<Finding, 'fixes'> {
  drafts: () => FixDraft[];
  keeps: boolean;
  moves: Moves | undefined;
  mustGo: boolean;
  lessens: boolean;
}
