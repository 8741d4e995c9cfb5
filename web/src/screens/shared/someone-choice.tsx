import type { ReactNode } from 'react';
import type { Someone } from '../../state/someone';
import { ComboBox } from '../../parts/combo-box';
import { Select } from '../../parts/select';

const NOBODY = '-';

/** Whose body and whose gym. */
export function SomeoneChoice({
  someone,
  clientId,
  onClient,
  onKit,
  of = 'Bench of',
}: {
  someone: Someone;
  clientId: string | null;
  onClient: (id: string | null) => void;
  onKit: (id: string) => void;
  /** What of the gym is meant. */
  of?: string;
}): ReactNode {
  return (
    <>
      <ComboBox
        label="Measured on"
        value={clientId ?? NOBODY}
        options={[
          [NOBODY, 'average build, 1.75 m, 80 kg'],
          ...someone.clients.map((c): [string, string] => [c.id, c.name]),
        ]}
        onChange={(id) => onClient(id === NOBODY ? null : id)}
      />
      <Select
        label={of}
        value={someone.kitId}
        options={someone.kits.map((k) => [k.id, k.document.name])}
        onChange={(id) => id && onKit(id)}
      />
    </>
  );
}
