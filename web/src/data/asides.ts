import type { Aside } from '@drimbo/core/session';
import { changeClient } from './change-client';
import { changeDocument } from './documents';
import { queryClient, todayIso } from './queries';

/** Where a rule can be set aside beside the session itself. */
export type AsidePlace = { for: 'client'; id: string } | { for: 'school'; id: string };

const without = (aside: readonly Aside[], rule: string): Aside[] => aside.filter((a) => a.rule !== rule);

async function changeAside(place: AsidePlace, change: (aside: Aside[]) => Aside[]): Promise<void> {
  if (place.for === 'client') {
    await changeClient(place.id, (client) => ({ ...client, aside: change(client.aside) }));
    return;
  }
  await changeDocument('school', place.id, (school) => ({ ...school, aside: change(school.aside) }));
  await queryClient.invalidateQueries({ queryKey: ['schools'] });
}

/** Sets a rule aside for a client or a school, with the reason. Rejects where it cannot be kept. */
export const setAside = (place: AsidePlace, rule: string, reason: string): Promise<void> =>
  changeAside(place, (aside) => [...without(aside, rule), { rule, reason, on: todayIso() }]);

export const bringRuleBack = (place: AsidePlace, rule: string): Promise<void> =>
  changeAside(place, (aside) => without(aside, rule));
