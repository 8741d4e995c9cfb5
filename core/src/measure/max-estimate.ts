/** From what a max is known. */
export type MaxBasis = 'tested' | 'from sets' | 'borrowed' | 'calibrate';

/** One term of the sum behind a max: what it says, in words. */
export interface MaxTerm {
  says: string;
  kg: number;
}

/** Today's max in the movement's own terms: total, each hand, or everything that moves. A model's estimate. */
export type MaxEstimate =
  | { basis: 'calibrate' }
  | {
      basis: Exclude<MaxBasis, 'calibrate'>;
      kg: number;
      /** One standard deviation of a true single, and as it is read where the client trains: shares of it. */
      spread: number;
      workingSpread: number;
      /** Sets and tests of its own that it rests on. */
      sets: number;
      terms: MaxTerm[];
    };
