import type { Finding } from '@drimbo/core/review';
import type { AsidePlace } from '../../data/asides';
import type { Designer } from '../../state/use-designer';

/** What a finding is set aside for. */
export type Scope = NonNullable<Finding['asideFor']>;

/** The client or the school that a rule is set aside for. */
export const placeOf = (scope: Exclude<Scope, 'session'>, { session }: Designer): AsidePlace => ({
  for: scope,
  id: scope === 'client' ? session.clientId : session.school,
});
