import type { Credits, VoiceId } from '../anatomy';
import type { Timeline } from '../clock';
import type { DoseSheet } from '../dose';
import type { Prescription, RampSet } from '../loads';
import type { AtHome, Movement, Rig } from '../movements';
import type { School } from '../schools';
import type { Line, Session } from '../session';
import type { Run } from '../set-model';
import type { ClientLift } from './client-max';
import type { Context } from './context';
import type { MaxEstimate } from './max-estimate';

/** What a bout takes out of the stores. */
export interface Exertion {
  credits: Credits;
  /** Ordinary repetitions done, and possible at its start. */
  done: number;
  possible: number;
  /** log(today's fresh max ÷ what moves). */
  over: number;
  own: number;
  ownReps: number;
}

export interface FreshnessPoint {
  atS: number;
  /** 1 fresh, 0 spent; the most tired region of the voice. */
  fresh: Record<VoiceId, number>;
}

/** A line in the clothes of its movement: what follows from it alone. */
export interface DressedLine {
  id: string;
  blockId: string;
  line: Line;
  movement: Movement;
  rig: Rig;
  name: string;
  /** The name of the catalogue, or of the coach's own, it goes by. */
  entryId: string;
  home: AtHome;
  /** The rig in words: "30°, tuck 50°". */
  detail: string;
  credits: Credits;
  voice: VoiceId;
  /** What is known of the lift, and its max. */
  lift: ClientLift;
  max: MaxEstimate;
  /** Ordinary repetitions that one of this tempo is worth; 1 unless it is slow. */
  pace: number;
}

/** How a bout stands that does not count as it was meant. */
export type Standing = 'counts' | 'easy' | 'short';

/** A line with everything computed for it. */
export interface MeasuredLine extends DressedLine, Prescription {
  ramps: RampSet[];
  /** What each bout takes out of the client, as it is expected. */
  exertions: Exertion[];
  /** Where each bout stands among all of its session, and the seconds from its end to the next of any line. */
  places: { at: number; restS: number }[];
  /** It is of a lighter week. */
  isLight: boolean;
  /** What the lift's sessions of this range come to. */
  run: Run;
  /** Time from the first step toward the line to the end of its last set, its share of a pair. */
  seconds: number;
}

/** Lines with their loads, and the clock: what minutes and sets follow from. */
export interface LaidOut {
  lines: MeasuredLine[];
  byId: ReadonlyMap<string, MeasuredLine>;
  timeline: Timeline;
  isLight: boolean;
}

export interface Measured {
  session: Session;
  context: Context;
  school: School;
  lines: MeasuredLine[];
  timeline: Timeline;
  /** It is of a lighter week. */
  isLight: boolean;
  freshness: FreshnessPoint[];
  dose: DoseSheet;
}
