import type { Context } from '@drimbo/core/measure/context';
import { betterOrder } from '@drimbo/core/ordering/better-order';
import type { Session } from '@drimbo/core/session/document';
import { atOneGo } from '@drimbo/core/units/steps';
import { expose } from 'comlink';

const ordering = {
  better: (session: Session, context: Context) => atOneGo(betterOrder(session, context)),
};

export type Ordering = typeof ordering;
expose(ordering);
