import { handingOver } from '@drimbo/core/measure';
import type { Finding } from '@drimbo/core/review';
import { useState, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { TextField } from '../../parts/text-field';

/** Open stops on the way to handing over: each is mended first, or gets its reason here and now. */
export function HandOver({
  designer,
  stops,
  onClose,
}: {
  designer: Designer;
  stops: readonly Finding[];
  onClose: () => void;
}): ReactNode {
  const [reasons, setReasons] = useState<Record<string, string>>({});
  const reasonOf = (key: string): string => (reasons[key] ?? '').trim();
  const isReady = stops.every((f) => reasonOf(f.key) !== '');
  const handOver = (): void => {
    designer.edit(
      {
        do: 'all',
        edits: [
          ...stops.map((f) => ({ do: 'dismiss' as const, finding: f.key, reason: reasonOf(f.key) })),
          handingOver(designer.appraisal),
        ],
      },
      'hand over',
    );
    onClose();
  };
  return (
    <Dialog
      title={stops.length === 1 ? 'One stop is open' : `${stops.length} stops are open`}
      isOpen
      onClose={onClose}
      widthPx={560}
      isAlert
    >
      {() => (
        <>
          <p>Mend what can be mended. What stays needs a reason, which is kept with the session.</p>
          {stops.map((f, i) => (
            <div key={f.key} style={{ marginTop: 10 }}>
              <b>{f.what}</b>
              <p>{f.why}</p>
              <TextField
                label="Why go on anyway"
                autoFocus={i === 0}
                value={reasons[f.key] ?? ''}
                maxLength={300}
                onChange={(text) => setReasons((r) => ({ ...r, [f.key]: text }))}
              />
            </div>
          ))}
          <DialogFeet>
            <Button kind="strong" isDisabled={!isReady} onPress={handOver}>
              Hand over with {stops.length === 1 ? 'this reason' : 'these reasons'}
            </Button>
            <Button onPress={onClose}>Back to the session</Button>
          </DialogFeet>
        </>
      )}
    </Dialog>
  );
}
