import { clamp } from '../../units';

/**
 * A bar or handle that cannot give way lets the hand push off its path. As a share of the push along it: in
 * proportion to how far the hand lies off the line through the joint with the arm straight (a share of 1
 * would leave the straight arm free of torque), .32 at most. A grip of 1, 1.5 and 1.9 comes to .07, .17 and .26.
 * Measured on bars: near .25 (Duffey & Challis 2011), more with wider hands (Mausehund 2021); from memory.
 */
export const offPath = (aside: number): number => clamp(0.55 * aside, 0, 0.32);

/** The same along a direction with a sign. */
export const offPathSigned = (aside: number): number => offPath(Math.abs(aside)) * Math.sign(aside);
