import { clamp } from '../../units/numbers';

/**
 * A bar or handle that cannot give way lets the hand push off its path. As a share of the push along it: in
 * proportion to how far the hand lies off the line through the joint with the arm straight (a share of 1
 * would leave the straight arm free of torque), .32 at most. Gives .07, .17, .26 at a grip of 1, 1.5, 1.9;
 * Duffey & Challis 2011 report about .25, Mausehund 2021 a rise with the grip (from memory).
 */
export const offPath = (aside: number): number => clamp(0.55 * aside, 0, 0.32);

/** The same along a direction with a sign. */
export const offPathSigned = (aside: number): number => offPath(Math.abs(aside)) * Math.sign(aside);
