import { type Rehearsal, rehearsing } from '@drimbo/core/lifter';
import { type Context, measure } from '@drimbo/core/measure';
import type { Session } from '@drimbo/core/session';
import { expose } from 'comlink';

const rehearsals = {
  /** Runs a session through; tells how far it is between 0 and 1. */
  async rehearse(
    session: Session,
    context: Context,
    runs: number,
    tell: (done: number) => void,
  ): Promise<Rehearsal> {
    const search = rehearsing(measure(session, context), runs, session.title);
    for (;;) {
      const step = search.next();
      if (step.done) return step.value;
      tell(step.value / runs);
      await new Promise((resolve) => setTimeout(resolve));
    }
  },
};

export type Rehearsals = typeof rehearsals;
expose(rehearsals);
