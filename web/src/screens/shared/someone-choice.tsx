import type { ReactNode } from 'react';
import type { Someone } from '../../state/someone';
import { Choice, Label } from '../../parts/fields';

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
      <Label>
        Measured on
        <Choice value={clientId ?? ''} onChange={(e) => onClient(e.target.value || null)}>
          <option value="">middling, 1.75 m, 80 kg</option>
          {someone.clients.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </Choice>
      </Label>
      <Label>
        {of}
        <Choice value={someone.kitId} onChange={(e) => onKit(e.target.value)}>
          {someone.kits.map((k) => (
            <option key={k.id} value={k.id}>
              {k.document.name}
            </option>
          ))}
        </Choice>
      </Label>
    </>
  );
}
