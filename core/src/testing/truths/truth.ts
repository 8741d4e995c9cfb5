import type { Asked } from './asked';

/** Something the model has to show for everybody, or for the share of people it was first seen in. */
export interface Truth {
  name: string;
  /** Where it is from; all from memory of the named source, or common practice. */
  source?: string;
  holds: (of: Asked) => boolean;
  /** Per cent of two hundred people in whom it held when the model was chosen; 100 when left out. */
  reached?: number;
}

export interface Told {
  name: string;
  held: number;
  of: number;
  reached: number;
}

/** How often each truth holds. */
export const tally = (truths: readonly Truth[], everybody: readonly Asked[]): Told[] =>
  truths.map(({ name, holds, reached = 100 }) => ({
    name,
    held: everybody.filter(holds).length,
    of: everybody.length,
    reached,
  }));

export const perCent = ({ held, of }: Told): number => (100 * held) / of;

/** Those that hold in fewer people than they did: half a per cent is the one person of two hundred on the edge. */
export const fallen = (told: readonly Told[]): Told[] => told.filter((t) => perCent(t) < t.reached - 0.01);

export const meanShare = (told: readonly Told[]): number =>
  told.reduce((t, x) => t + perCent(x), 0) / told.length;
