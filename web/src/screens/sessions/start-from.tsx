import type { Client, Session } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { documentOf } from '../../data/documents';
import { createOnce } from '../../data/create';
import { listsAnew } from '../../data/house';
import { useClientNames } from '../../data/queries';
import { Button } from '../../parts/button';
import { ComboBox } from '../../parts/combo-box';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { TextField } from '../../parts/text-field';

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

interface Whose {
  id: string;
  client: Client;
}

/** Asks for whom a session is started and under which name, makes it and opens it. */
export function StartFrom({
  asks,
  name,
  clientId: first,
  about,
  make,
  also,
  close,
}: {
  asks: string;
  name: string;
  /** Whose it is to begin with; null where that has to be chosen. */
  clientId: string | null;
  /** What is kept and what is not, for the client chosen. */
  about: (clientId: string | null) => string;
  /** Throws with the reason where there is nothing to start. */
  make: (whose: Whose, title: string) => Promise<Session>;
  /** What else can be made of it, under the same name. */
  also?: { says: string; does: (name: string) => Promise<void> };
  close: () => void;
}): ReactNode {
  const go = useNavigate();
  const names = useClientNames().data ?? [];
  const [clientId, setClient] = useState(first);
  const [title, setTitle] = useState(name);
  const [wrong, setWrong] = useState('');
  const attempt = (work: Promise<void>): void => {
    setWrong('');
    work.catch((error: Error) => setWrong(error.message));
  };
  const start = async (id: string): Promise<void> => {
    const { document: client } = await documentOf('client', id);
    const document = await make({ id, client }, title.trim());
    const stored = await createOnce(`begun as “${document.title}”`, 'session', document);
    await listsAnew();
    void go(`/sessions/${stored.id}`);
  };
  const isReady = title.trim() !== '' && clientId !== null;
  return (
    <Dialog title={asks} isOpen onClose={close}>
      {() => (
        <Form
          onSubmit={(e) => {
            e.preventDefault();
            if (isReady) attempt(start(clientId));
          }}
        >
          <ComboBox
            label="For"
            placeholder="Type a name"
            value={clientId}
            options={names.map((c) => [c.id, c.name])}
            onChange={setClient}
          />
          <TextField label="Name" value={title} maxLength={120} onChange={setTitle} autoFocus />
          <p>{about(clientId)}</p>
          {wrong && <p role="alert">{wrong}</p>}
          <DialogFeet>
            <Button kind="strong" type="submit" isDisabled={!isReady}>
              Start it
            </Button>
            {also && (
              <Button
                isDisabled={title.trim() === ''}
                onPress={() => attempt(also.does(title.trim()).then(close))}
              >
                {also.says}
              </Button>
            )}
            <Button onPress={close}>Cancel</Button>
          </DialogFeet>
        </Form>
      )}
    </Dialog>
  );
}
