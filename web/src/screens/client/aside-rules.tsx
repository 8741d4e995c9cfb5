import { ruleTitle } from '@drimbo/core/review';
import type { Client } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../../parts/button';

/** Rules that do not speak for this client, with the reason and the way back. */
export function AsideRules({
  client,
  change,
}: {
  client: Client;
  change: (patch: Pick<Client, 'aside'>) => void;
}): ReactNode {
  if (client.aside.length === 0) return null;
  return (
    <fieldset>
      <legend>Rules set aside for this client</legend>
      <ul style={{ clear: 'both', listStyle: 'none', padding: 0 }}>
        {client.aside.map((a) => (
          <li key={a.rule} style={{ display: 'flex', gap: 8, alignItems: 'center', padding: '3px 0' }}>
            <span style={{ flex: 1 }}>
              <Link to={`/rules/${a.rule}`}>{ruleTitle(a.rule)}</Link>: {a.reason} ({a.on})
            </span>
            <Button
              small
              kind="quiet"
              onPress={() => change({ aside: client.aside.filter((x) => x.rule !== a.rule) })}
            >
              Let it speak again
            </Button>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
