import type { Asked } from './asked';

/** Something the model is asked to show for everybody. */
export interface Truth {
  name: string;
  /** Where it is from; all from memory of the named source, or common practice. */
  source?: string;
  holds: (of: Asked) => boolean;
  /**
   * Per cent of two hundred people below which it must not fall again, where the model does not yet show it
   * for everybody. What was found, not what is asked: that is always all of them.
   */
  floor?: number;
}

/** Per cent of people in whom a truth is asked to hold. */
export const ASKED = 100;

export interface Told {
  name: string;
  held: number;
  of: number;
  floor: number;
}

/** How often each truth holds. */
export const tally = (truths: readonly Truth[], everybody: readonly Asked[]): Told[] =>
  truths.map(({ name, holds, floor = ASKED }) => ({
    name,
    held: everybody.filter(holds).length,
    of: everybody.length,
    floor,
  }));

export const perCent = ({ held, of }: Told): number => (100 * held) / of;

/** Those that hold in fewer people than they did: half a per cent is the one person of two hundred on the edge. */
export const fallen = (told: readonly Told[]): Told[] => told.filter((t) => perCent(t) < t.floor - 0.01);

/** Those that do not hold in as many as they are asked to. */
export const short = (told: readonly Told[]): Told[] => told.filter((t) => perCent(t) < ASKED);

export const meanShare = (told: readonly Told[]): number =>
  told.reduce((t, x) => t + perCent(x), 0) / told.length;
