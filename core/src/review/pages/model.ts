import type { Context } from '../../measure';
import type { Session } from '../../session';

/** A session to show what a rule hears, and for whom and where where that matters. */
export interface Example {
  /** What is special about it, in a few words. */
  says: string;
  session: Session;
  context: Context;
}

/** What stands about a rule beside its findings: one that speaks and one that does not are its tests as well. */
export interface RulePage {
  /** What it looks at and when it speaks. */
  checks: string;
  forWhom: string;
  /** Where a figure or a statement comes from, beside the ground. */
  source?: string;
  fires: Example;
  quiet: Example;
}
