/** How far a published ground reaches. */
export type Certainty = 'shown' | 'likely' | 'suggested' | 'open';

export const certaintyWords: Record<Certainty, string> = {
  shown: 'shown more than once',
  likely: 'likely; one good study or a review of mixed ones',
  suggested: 'suggested, not shown',
  open: 'open: no clear difference found',
};

/** One published work the product leans on. Everything here is from memory of the named source. */
export interface Source {
  id: string;
  cite: string;
  where: string;
  /** What was found, in its own terms. */
  found: string;
  /** In whom, how many, for how long, as far as remembered. */
  inWhom: string;
  size: string;
  certainty: Certainty;
  /** What Drimbo makes of it. */
  use: string;
  /** Rules that rest on it. */
  rules: readonly string[];
  /** Figures of the product that rest on it. */
  figures: readonly string[];
}
