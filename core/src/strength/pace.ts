/** Seconds of an ordinary repetition: 2-1-1-0, what a max and the formulas are taken to be about. */
export const USUAL_REP_S = 4;

/**
 * How many ordinary repetitions one of so many seconds is worth: in proportion to its time, never less than
 * one. Own estimate: of ten repetitions to failure it takes 9 % of the load at 6 s, 15 % at 8 s and 20 % at
 * 10 s, the careful end of the 15 to 30 % that slow phases are commonly planned lighter.
 */
export const paceOf = (repS: number): number => Math.max(1, repS / USUAL_REP_S);
