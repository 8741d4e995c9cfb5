import type { Credits, VoiceId } from '../anatomy/regions';
import type { Timeline } from '../clock/timeline';
import type { DoseSheet } from '../dose/dose';
import type { FreshnessPoint } from '../fatigue/stores';
import type { Prescription } from '../loads/prescribe';
import type { RampSet } from '../loads/ramp';
import type { Movement, AtHome } from '../movements/model';
import type { Rig } from '../movements/rig';
import type { School } from '../schools/document';
import type { Line, Session } from '../session/document';
import type { MaxEstimate } from '../strength/max';
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
