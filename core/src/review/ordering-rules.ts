import type { Rule } from './model';
import { cuffBeforePress } from './rules/cuff-before-press';
import { emphasisLate } from './rules/emphasis-late';
import { failureBeforeHeavy } from './rules/failure-before-heavy';
import { isolationBeforeCompound } from './rules/isolation-before-compound';
import { lightBeforeHeavy } from './rules/light-before-heavy';
import { tricepsBeforePress } from './rules/triceps-before-press';

/** Rules that one movement standing before another can break: all that is asked of them is the two. */
export const orderingRules: readonly Rule[] = [
  tricepsBeforePress,
  isolationBeforeCompound,
  lightBeforeHeavy,
  cuffBeforePress,
  failureBeforeHeavy,
  emphasisLate,
];
