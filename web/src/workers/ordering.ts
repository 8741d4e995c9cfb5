import type { Context } from '@drimbo/core/measure';
import { betterOrder } from '@drimbo/core/ordering';
import type { Session } from '@drimbo/core/session';
import { atOneGo } from '@drimbo/core/units';
import { expose } from 'comlink';

const ordering = {
  better: (session: Session, context: Context) => atOneGo(betterOrder(session, context)),
};

export type Ordering = typeof ordering;
expose(ordering);
