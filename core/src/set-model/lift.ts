/** A lift as the model sees it: a movement in a class of set-up. Everything in kg that moves. */
export interface Lift {
  id: string;
  /** Its usual max beside that of the bench press, and the spread of that on the logarithm. */
  ratio: number;
  spread: number;
  /** Lifts that tell of one another beyond what all do. */
  family: string;
  /** Lifts of one movement, set up otherwise, share what is not known of it. */
  movement: string;
}
