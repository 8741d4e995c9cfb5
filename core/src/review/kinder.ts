import type { Context } from '../measure';
import type { LimitId, Session } from '../session';
import { mending, type Mended } from './remedies';

/** A session made kinder to a limit of its client, movement by movement; null where nothing meets it. */
export const kinderTo = (
  session: Session,
  context: Context,
  limit: LimitId,
): Generator<void, Mended | null> =>
  mending(session, context, (m) => m.rule === 'client-limits' && m.key.startsWith(`client-limits ${limit} `));
