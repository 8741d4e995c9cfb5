import type { ClientFile } from '@drimbo/core/contract';
import type { Kit } from '@drimbo/core/kit';
import { clientNature } from '@drimbo/core/measure';
import type { Client } from '@drimbo/core/session';
import { useMemo, type ReactNode } from 'react';
import { todayIso } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { SheetHead } from '../../parts/sheet';
import { tell } from '../../parts/toast';

/** How a coach may have seen a client judge what is left, repetitions with three left. */
const judged: readonly [string, string][] = [
  ['-1', 'says one too many'],
  ['0', 'says what is left'],
  ['1', 'says one too few'],
  ['2', 'says two too few'],
  ['3', 'says three too few'],
];

/** What the log shows a client to be like, in words, with how sure that is; the coach may say otherwise, or begin anew. */
export function Nature({
  client,
  file,
  kit,
  change,
}: {
  client: Client;
  file: ClientFile;
  kit: Kit;
  change: (patch: Partial<Client>) => void;
}): ReactNode {
  const traits = useMemo(
    () => clientNature({ client, kit, logged: file.logged, todayIso: todayIso() }),
    [client, kit, file.logged],
  );
  const forget = (): void => {
    const was = client.learntSince;
    change({ learntSince: todayIso() });
    tell('What they are like is learnt anew from today; what they can do stays.', () =>
      change({ learntSince: was }),
    );
  };
  return (
    <section aria-label="What they are like">
      <SheetHead style={{ paddingTop: 14 }}>
        <h2>What they are like</h2>
        <span>a model’s estimate, from the log</span>
      </SheetHead>
      <ul style={{ padding: '0 12px', fontSize: size.small, display: 'grid', gap: 4 }}>
        {traits.map((t) => (
          <li key={t.is}>
            {t.says} <span style={{ color: ink.soft }}>{t.surety}</span>
          </li>
        ))}
      </ul>
      <div
        style={{
          display: 'flex',
          gap: 8,
          padding: '8px 12px 4px',
          alignItems: 'center',
          justifyContent: 'space-between',
        }}
      >
        <Select
          quiet
          label="As you have seen"
          labelPlace="before"
          value={client.judging === undefined ? null : String(client.judging)}
          none="not watched"
          options={judged.map(([value, says]): [string, string] => [value, says])}
          onChange={(value) => change({ judging: value === null ? undefined : Number(value) })}
        />
        <Button small onPress={forget}>
          Learn it anew
        </Button>
      </div>
    </section>
  );
}
