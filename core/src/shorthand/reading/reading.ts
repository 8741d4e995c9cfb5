import type { Rig } from '../../movements';
import type { RepRange, Scheme, Line as SessionLine, Tempo } from '../../session';
import type { MassUnit } from '../../units';
import type { Line } from './line';

/** What a line can say once. */
export type Slot =
  | 'sets'
  | 'reps'
  | 'reserve'
  | 'last reserve'
  | 'load'
  | 'tempo'
  | 'stretched'
  | 'shortened'
  | 'lower'
  | 'rest'
  | 'squeeze'
  | 'technique'
  | 'bench'
  | 'tuck'
  | 'grip'
  | 'range'
  | 'side'
  | 'hands';

/** A load as it was said, before anybody knows the movement. */
export interface SaidLoad {
  values: number[];
  unit: MassUnit;
  /** On top of the body: "+15 kg". */
  isAdded?: boolean;
}

/** What goes with the sets: stages after them, or failure at their end. */
export type SaidTechnique =
  | { kind: 'drop'; drops: number; lighter: number; on: 'last set' | 'every set'; then?: RepRange[] }
  | { kind: 'rest-pause'; bouts: number; pauseS: number; on: 'last set' | 'every set' }
  | { kind: 'failure' }
  | { kind: 'each its own' };

/** What a line says, gathered from its readings. */
export interface Said {
  sets?: number;
  reps?: RepRange;
  /** Repetitions set by set. */
  list?: RepRange[];
  /** A whole scheme at once. */
  scheme?: Scheme;
  technique?: SaidTechnique;
  reserve?: SessionLine['reserve'];
  lastReserve?: number;
  load?: SaidLoad;
  /** Share of a max: of the movement's own where `lift` is null. */
  percent?: { percent: number; lift: string | null };
  tempo?: Tempo;
  /** Seconds in parts of the repetition; `end` and `top` are told apart once the movement is known. */
  lowerS?: number;
  pause?: { seconds: number; at: 'stretch' | 'peak' | 'top' | 'bottom' };
  restS?: number;
  squeezeS?: number;
  benchDeg?: number;
  rig?: Rig;
}

/** One way to take some pieces of a line. */
export interface Reading {
  from: number;
  to: number;
  slots: readonly Slot[];
  /** In the words of the trade. */
  as: string;
  says: Said;
  /** More than its length alone is worth: how sure the words make it. */
  sure: number;
  /** Counts only where the name of the movement can do without this piece. */
  needsFree?: number;
  /** Kept as the coach's own words: read as nothing else. */
  isRemark?: true;
}

/** One kind of thing a line can say: every way to take the pieces that begin at a place. */
export type Reader = (line: Line, i: number) => Reading[];

/** A reading of pieces; `sure` is 1 for plain words of it, less where other things look alike. */
export const reading = (
  from: number,
  to: number,
  slots: readonly Slot[],
  as: string,
  says: Said,
  sure = 1,
): Reading => ({ from, to, slots, as, says, sure });

/** Words that are kept as they stand. */
export const remark = (from: number, to: number, sure = 1): Reading => ({
  from,
  to,
  slots: [],
  as: '',
  says: {},
  sure,
  isRemark: true,
});
