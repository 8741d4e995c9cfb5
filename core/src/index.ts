/** The front door of the core. Workers and rules import what they need by path. */
export { appraise, appraiseAtOnce, type Appraisal } from './appraise';
export type { Context } from './measure';
