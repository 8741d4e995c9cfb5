import type { Need } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** Where what a client needs is done: a session, the log, or a part of the client's page. */
function addressOf(clientId: string, { at }: Need): string {
  if (!at) return `/clients/${clientId}/progress`;
  return at.is === 'session' ? `/sessions/${at.id}` : `/clients/${clientId}#${at.is}`;
}

/** What a client needs next, as the way to doing it. */
export const NeedLink = ({ clientId, need }: { clientId: string; need: Need }): ReactNode => (
  <Link to={addressOf(clientId, need)}>{need.says}</Link>
);
