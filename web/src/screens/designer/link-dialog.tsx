import { lazy, Suspense, useState, type ReactNode } from 'react';
import { makeLink, revokeLink, useAccess, useLinks } from '../../data/access';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import { dayWords } from '../blocks/words';

const QrCode = lazy(() => import('../../parts/qr-code').then((m) => ({ default: m.QrCode })));

const holds = [
  ['1', 'one day'],
  ['7', 'a week'],
  ['30', '30 days'],
  ['90', '90 days'],
] as const;

/** The links there are: until when, and a way to take each back. */
function Links({ clientId }: { clientId: string }): ReactNode {
  const { data = [] } = useLinks(clientId);
  if (data.length === 0) return null;
  return (
    <>
      <h3 style={{ marginTop: 14 }}>Links that hold</h3>
      <ul aria-label="Links that hold">
        {data.map((l) => (
          <li key={l.id} style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
            <span style={{ flex: 1 }}>
              made {dayWords(l.madeAt.slice(0, 10))}, until {dayWords(l.expiresAt.slice(0, 10))}
            </span>
            <Button small onPress={() => void revokeLink(l.id)}>
              Revoke
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A client's way to this session and the rest of their own, on their own phone. */
export function LinkDialog({
  sessionId,
  client,
  close,
}: {
  /** The session that is run: of the day, where a block follows this one. */
  sessionId: string;
  client: { id: string; name: string };
  close: () => void;
}): ReactNode {
  const access = useAccess().data;
  const [days, setDays] = useState<string>('7');
  const [path, setPath] = useState<string | null>(null);
  const [said, setSaid] = useState('');
  const address = access?.addresses?.[0];
  const host = address
    ? `${address}${window.location.port ? `:${window.location.port}` : ''}`
    : window.location.host;
  const url = path && `${window.location.protocol}//${host}${path}`;
  return (
    <Dialog title={`A link for ${client.name}`} isOpen onClose={close} widthPx={460}>
      {() => (
        <>
          <p>
            It opens this session on {client.name}’s phone, and their other sessions that are handed over:
            nothing of anybody else.
          </p>
          {access && !access.isShared && (
            <p role="note">
              This server answers on this machine only. For a phone, start it with{' '}
              <code>npm run demo -- --share</code>.
            </p>
          )}
          <div style={{ display: 'flex', gap: 10, alignItems: 'end', margin: '10px 0' }}>
            <Select label="Holds for" value={days} options={holds} onChange={(to) => to && setDays(to)} />
            <Button
              kind={url ? 'plain' : 'strong'}
              onPress={() => {
                setSaid('');
                makeLink(sessionId, Number(days)).then(
                  (made) => setPath(made.path),
                  (error: Error) => setSaid(`No link was made: ${error.message}`),
                );
              }}
            >
              {url ? 'Make another' : 'Make the link'}
            </Button>
          </div>
          {url && (
            <div style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
              <Suspense fallback={null}>
                <QrCode text={url} label="The link as a code for the phone’s camera" />
              </Suspense>
              <div style={{ width: '100%' }}>
                <TextField label="The link, shown this once" value={url} onChange={() => undefined} />
              </div>
              <Button
                small
                onPress={() => {
                  const copied = (navigator as Partial<Navigator>).clipboard?.writeText(url);
                  (copied ?? Promise.reject(new Error('not allowed here'))).then(
                    () => setSaid('Copied.'),
                    () => setSaid('The browser does not allow copying here; select the link and copy it.'),
                  );
                }}
              >
                Copy
              </Button>
            </div>
          )}
          <p role="status">{said}</p>
          <Links clientId={client.id} />
          <DialogFeet>
            <Button onPress={close}>Close</Button>
          </DialogFeet>
        </>
      )}
    </Dialog>
  );
}
