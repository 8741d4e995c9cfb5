import type { Credits } from '../anatomy';
import type { Attachment } from './attachments';
import type { ChoiceKnob, Knobs, NumericKnob, Rig } from './rig';

export type Implement =
  | 'barbell'
  | 'curl bar'
  | 'dumbbells'
  | 'dumbbell'
  | 'guided bar'
  | 'machine'
  | 'cable'
  | 'landmine'
  | 'bodyweight'
  | 'band'
  | 'none';

export const familyIds = [
  'press',
  'overhead',
  'fly',
  'raise',
  'rear',
  'triceps',
  'guest',
  'corrective',
  'preparation',
] as const;
export type FamilyId = (typeof familyIds)[number];

export const familyNames: Record<FamilyId, string> = {
  press: 'Chest press',
  overhead: 'Overhead press',
  fly: 'Fly',
  raise: 'Raise',
  rear: 'Rear delt and upper back',
  triceps: 'Triceps',
  guest: 'Pulling guest',
  corrective: 'Corrective',
  preparation: 'Preparation',
};

/** The path the arm draws; the drawing and the mechanics read it. */
export type Pattern =
  | 'press'
  | 'fly'
  | 'raise side'
  | 'raise front'
  | 'raise rear'
  | 'elbow lying'
  | 'elbow overhead'
  | 'elbow down'
  | 'curl'
  | 'rotation'
  | 'row'
  | 'pullover'
  | 'shrug'
  | 'pass-through'
  | 'wall slide'
  | 'stretch'
  | 'easy';

export type HardWhere = 'stretched' | 'start' | 'middle' | 'shortened' | 'throughout' | 'varies';

/** A lift whose max other loads are guessed from. */
export type ReferenceLift = 'bench' | 'overhead' | 'dip';

/** Max of this movement ÷ max of the reference lift, with one standard deviation of that ratio. */
export interface BorrowedRatio {
  lift: ReferenceLift;
  ratio: number;
  spread: number;
}

export type LoadModel =
  /** An external load; `perHand` loads are said as "each". Null `from`: the first set calibrates. */
  | {
      kind: 'external';
      perHand: boolean;
      from: null | { knob?: NumericKnob; anchors: ({ at: number } & BorrowedRatio)[] };
      /** Factors on the ratio for other knobs. */
      factors?: KnobFactor[];
    }
  /** A share of bodyweight moves, plus what hangs from the belt. */
  | {
      kind: 'bodyweight';
      shares: { at: number; value: number }[];
      knob?: NumericKnob;
      /** Of everything that moves; null: nothing is known to borrow from. */
      from: BorrowedRatio | null;
      /** Factors on the ratio for other knobs. */
      factors?: KnobFactor[];
      canAdd: boolean;
    }
  | { kind: 'none' };

export type KnobFactor =
  | { knob: NumericKnob; anchors: { at: number; value: number }[] }
  | { knob: ChoiceKnob; is: string; factor: number };

/**
 * Credits at anchor settings of one knob, straight lines between, plus what other knobs add.
 * Common practice among coaches, not measurements.
 */
export interface CreditModel {
  knob?: NumericKnob;
  anchors: { at: number; credits: Credits }[];
  adjust?: CreditAdjustment[];
  /** Settings the credits are meant for, where they are not the default; other settings scale them by the mechanics. */
  meantFor?: Partial<Record<NumericKnob, SettingCurve>>;
  /** Set by hand; nothing computed moves these. */
  pins?: Credits;
}
export type CreditAdjustment =
  /** `offMeant`: the anchors stand for how far the knob is from where the credits are meant for. */
  (
    | { knob: NumericKnob; anchors: { at: number; add: Credits }[]; offMeant?: true }
    | { knob: ChoiceKnob; is: string; add: Credits }
  ) & {
    /** How much of it holds as another knob turns. */
    over?: { knob: NumericKnob; anchors: { at: number; value: number }[] };
  };

/** A setting that moves with the others: the pieces that apply are added up. */
export type SettingCurve = (
  | { knob: NumericKnob; anchors: { at: number; value: number }[] }
  | { knob: ChoiceKnob; is: string; value: number }
)[];

/** What a coach says in setting up, along the way, at the end, and about the breath. */
export interface Cues {
  setUp: string;
  path: string[];
  finish: string;
  breathing: string;
}

export interface Caution {
  limit: LimitId;
  say: string;
}

/** Where a movement is at home; a variant may be elsewhere. */
export interface AtHome {
  homeReps: [number, number];
  hardWhere: HardWhere;
}

/** What is taught about a movement, a book of its own (`teaching/`): most who design read little of it. */
export interface Teaching {
  cues: Cues;
  faultIds: string[];
  chooseWhen: string;
  /** Where coaches disagree, and what the product does about it. */
  disputed?: string;
}

/** Part of a movement's setting space that coaches have a name for. First match names the line. */
export interface Variant {
  id: string;
  name: string;
  aliases: string[];
  /** Settings this entry starts from, on top of the movement's defaults. */
  rig?: Rig;
  /** Settings it covers; a variant without `when` covers the rest. */
  when?: { [K in NumericKnob]?: [number, number] } & { [K in ChoiceKnob]?: string };
  home?: Partial<AtHome>;
  /** Not offered unless the coach asks for it. */
  offByDefault?: true;
}

export type LimitId =
  | 'shoulder front'
  | 'shoulder unstable'
  | 'elbow'
  | 'wrist'
  | 'lower back'
  | 'blood pressure'
  | 'pec strain';

/** The parts of a warm-up in their order; the ramp follows them. Common practice. */
export const warmupParts = ['general', 'range', 'activation'] as const;
export type WarmupPart = (typeof warmupParts)[number];

/** What ends a set before the target does. */
export type Limiter = 'breath' | 'balance' | 'grip' | 'lower back';

export interface Movement extends AtHome {
  id: string;
  family: FamilyId;
  implement: Implement;
  pattern: Pattern;
  /** Where in the gym it happens; the same place needs no walk. */
  station: string;
  /** A band does as well where there is no stack. */
  orBand?: true;
  /** What must be clipped to the cable for it. */
  clips?: Attachment;
  knobs: Knobs;
  variants: Variant[];
  /** Taught by the coach who made it. */
  taught?: Pick<Teaching, 'cues' | 'chooseWhen'>;
  credits: CreditModel;
  load: LoadModel;
  /** Several joints under load. */
  compound: boolean;
  /** A heavy free-weight bar can come to rest on the client. */
  barOverBody?: boolean;
  /** One arm after the other: a set takes both sides' time. */
  oneSided?: boolean;
  /** A long static stretch. */
  staticStretch?: boolean;
  /** Which part of a warm-up it serves. */
  prepares?: WarmupPart;
  /** What may end a set before the target does. */
  endedBy?: Limiter;
  /** How much the spine carries: 1 some, 2 the whole load standing. */
  spine?: 1 | 2;
}

/** One name a coach can look for: a movement with some of its knobs set. */
export interface Entry {
  id: string;
  name: string;
  aliases: string[];
  movement: Movement;
  rig: Rig;
  /** The id of the coach's own movement it is. */
  own?: string;
}
