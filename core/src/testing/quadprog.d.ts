declare module 'quadprog' {
  /** Minimises ½ x·D·x − d·x subject to Aᵀx ≥ b, the first `meq` of them equalities. Arrays count from 1. */
  export function solveQP(
    D: (number[] | undefined)[],
    d: (number | undefined)[],
    A: (number[] | undefined)[],
    b: (number | undefined)[],
    meq: number,
  ): { solution: number[]; value: number[]; message: string };
}
