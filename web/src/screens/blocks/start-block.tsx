import { lazy, Suspense, useState, type ReactNode } from 'react';
import { useClientFile, useClientNames } from '../../data/queries';
import { Button } from '../../parts/button';
import { ComboBox } from '../../parts/combo-box';
import { Dialog, DialogFeet } from '../../parts/dialog';

const NewBlock = lazy(() => import('./new-block').then((m) => ({ default: m.NewBlock })));

/** Starts a block for a client who is chosen first. */
export function StartBlock(): ReactNode {
  const names = useClientNames().data ?? [];
  const [step, setStep] = useState<'client' | 'block' | null>(null);
  const [clientId, setClient] = useState<string | null>(null);
  const file = useClientFile(step === 'block' ? (clientId ?? undefined) : undefined).data;
  const close = (): void => setStep(null);
  return (
    <>
      <Button onPress={() => setStep('client')}>Start a block</Button>
      <Dialog title="Start a block" isOpen={step === 'client'} onClose={close} widthPx={420}>
        {() => (
          <form
            onSubmit={(e) => {
              e.preventDefault();
              if (clientId !== null) setStep('block');
            }}
          >
            <ComboBox
              label="For"
              placeholder="Type a name"
              value={clientId}
              options={names.map((c) => [c.id, c.name])}
              onChange={setClient}
            />
            <DialogFeet>
              <Button kind="strong" type="submit" isDisabled={clientId === null}>
                Go on
              </Button>
              <Button onPress={close}>Cancel</Button>
            </DialogFeet>
          </form>
        )}
      </Dialog>
      <Suspense fallback={null}>
        {step === 'block' && file && <NewBlock file={file} close={close} />}
      </Suspense>
    </>
  );
}
