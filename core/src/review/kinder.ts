import type { Context } from '../measure/context';
import type { LimitId } from '../session/client';
import type { Session } from '../session/document';
import { mending, type Mended } from './remedies';

/** A session made kinder to a limit of its client, movement by movement; null where nothing meets it. */
export const kinderTo = (
  session: Session,
  context: Context,
  limit: LimitId,
): Generator<void, Mended | null> =>
  mending(session, context, (m) => m.rule === 'client-limits' && m.key.startsWith(`client-limits ${limit} `));
