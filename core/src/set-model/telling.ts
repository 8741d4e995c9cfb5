import { setModelTable } from './table';

const { weight0, repsPerWeight, weightMost, sd0, sdPerRep, countSd } = setModelTable.telling;

/** How much of the client's bias shows when so many are left: little near failure. */
export const biasWeight = (left: number): number => Math.min(weightMost, weight0 + left / repsPerWeight);

/** Spread of what is told when so many are left, repetitions. */
export const tellingSd = (left: number): number => Math.hypot(countSd, sd0 + sdPerRep * left);

/** What is expected of a set before anybody says anything: repetitions left, with its spread. */
export interface ExpectedLeft {
  left: number;
  sd: number;
}

/**
 * What was left of a set, thought from what was expected and what was told: weight and spread are taken at what is
 * thought, never at the figure that was told.
 */
export function leftThought(expected: ExpectedLeft, told: number, bias: number): number {
  let left = told;
  for (let round = 0; round < 3; round += 1) {
    const g = expected.sd ** 2 / (expected.sd ** 2 + tellingSd(left) ** 2);
    left = Math.max(0, expected.left + g * (told + bias * biasWeight(left) - expected.left));
  }
  return left;
}
