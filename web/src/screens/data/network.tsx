import { lazy, Suspense, useState, type ReactNode } from 'react';
import { changePasscode, signOut, useAccess } from '../../data/access';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { TextField } from '../../parts/text-field';
import { Body } from './rows';

const QrCode = lazy(() => import('../../parts/qr-code').then((m) => ({ default: m.QrCode })));

/** Sets the passcode, or another one. */
function Passcode({ isSet }: { isSet: boolean }): ReactNode {
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const [said, setSaid] = useState<{ ok: boolean; words: string } | null>(null);
  return (
    <form
      style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'end' }}
      onSubmit={(e) => {
        e.preventDefault();
        changePasscode(next, isSet ? now : null).then(
          () => {
            setNow('');
            setNext('');
            setSaid({ ok: true, words: 'The passcode is set. Other devices sign in anew.' });
          },
          (error: Error) => setSaid({ ok: false, words: error.message }),
        );
      }}
    >
      {isSet && <TextField label="Passcode now" isSecret value={now} maxLength={200} onChange={setNow} />}
      <TextField
        label={isSet ? 'New passcode' : 'Passcode, 8 characters or more'}
        isSecret
        value={next}
        maxLength={200}
        onChange={setNext}
      />
      <Button type="submit" small isDisabled={next.length < 8}>
        {isSet ? 'Change it' : 'Set it'}
      </Button>
      {said && <p role={said.ok ? 'status' : 'alert'}>{said.words}</p>}
    </form>
  );
}

/** How phones on the same network get in. */
export function Network(): ReactNode {
  const { data } = useAccess();
  if (!data || data.who !== 'coach') return null;
  const port = window.location.port ? `:${window.location.port}` : '';
  const addresses = (data.addresses ?? []).map((a) => `${window.location.protocol}//${a}${port}/`);
  return (
    <Sheet aria-label="On the network">
      <SheetHead>
        <h2>On the network</h2>
        <span>{data.isShared ? 'shared' : 'this machine only'}</span>
      </SheetHead>
      <Body>
        {data.isShared ? (
          <>
            <p>
              Devices of this network get in at {addresses.join(', ')} with the passcode; clients by the link
              you make them from a session.
            </p>
            {addresses[0] && (
              <Suspense fallback={null}>
                <QrCode text={addresses[0]} label={`${addresses[0]} as a code for a camera`} px={150} />
              </Suspense>
            )}
            <div className="acts">
              <Button onPress={() => void signOut()}>Sign out here</Button>
            </div>
          </>
        ) : (
          <p>
            Nobody else gets in. To let phones of the same network in, set a passcode and start with{' '}
            <code>npm run demo -- --share</code>.
          </p>
        )}
        <Passcode isSet={data.hasPasscode ?? false} />
      </Body>
    </Sheet>
  );
}
