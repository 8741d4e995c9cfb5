import type { Credits, VoiceId } from '../anatomy';
import type { Timeline } from '../clock';
import type { DoseSheet } from '../dose';
import type { FreshnessPoint } from '../fatigue';
import type { Prescription, RampSet } from '../loads';
import type { AtHome, Movement, Rig } from '../movements';
import type { School } from '../schools';
import type { Line, Session } from '../session';
import type { MaxEstimate } from '../strength';
import type { Context } from './context';

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
  max: MaxEstimate;
  /** Ordinary repetitions that one of this tempo is worth; 1 unless it is slow. */
  pace: number;
}

/** How a bout stands that does not count as it was meant. */
export type Standing = 'counts' | 'easy' | 'short';

/** A line with everything computed for it. */
export interface MeasuredLine extends DressedLine, Prescription {
  ramps: RampSet[];
  /** Time from the first step toward the line to the end of its last set, its share of a pair. */
  seconds: number;
}

/** Lines with their loads, and the clock: what minutes and sets follow from. */
export interface LaidOut {
  lines: MeasuredLine[];
  byId: ReadonlyMap<string, MeasuredLine>;
  timeline: Timeline;
}

export interface Measured {
  session: Session;
  context: Context;
  school: School;
  lines: MeasuredLine[];
  timeline: Timeline;
  freshness: FreshnessPoint[];
  dose: DoseSheet;
}
