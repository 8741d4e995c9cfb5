import type { SessionListed } from '@drimbo/core/formats/lists';
import type { Session } from '@drimbo/core/session/document';
import { useState, type ReactNode } from 'react';
import { Dialog, DialogTrigger, Heading, Popover } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../../data/api';
import { newId, queryClient, type Stored } from '../../data/queries';
import { Act } from '../../parts/act';
import { floating } from '../../parts/surfaces';

const Pop = styled(Popover)`
  ${floating}
  padding: 12px;
  max-width: 300px;
  h3 {
    font-size: 14px;
    margin: 0 0 6px;
  }
  div {
    display: flex;
    gap: 6px;
    margin-top: 10px;
  }
`;

const refresh = () =>
  Promise.all(
    ['sessions', 'roster', 'client'].map((key) => queryClient.invalidateQueries({ queryKey: [key] })),
  );

/** Copies a session into a new draft, or deletes it after asking. */
export function SessionTools({ session }: { session: SessionListed }): ReactNode {
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  const copy = async (): Promise<void> => {
    try {
      const { document: from } = await api.get<Stored<Session>>(`/sessions/${session.id}`);
      const document: Session = { ...from, status: 'draft', date: null, dismissed: [] };
      const stored = await api.post<Stored<Session>>('/sessions', { id: newId('session'), document });
      await refresh();
      void go(`/sessions/${stored.id}`);
    } catch (error) {
      setWrong((error as Error).message);
    }
  };
  const remove = async (): Promise<void> => {
    try {
      await api.remove(`/sessions/${session.id}?revision=${session.revision}`);
      await refresh();
    } catch (error) {
      setWrong((error as Error).message);
    }
  };
  const { title, status } = session;
  return (
    <span style={{ display: 'flex', justifyContent: 'flex-end' }}>
      {wrong && <span role="alert">{wrong}</span>}
      <Act small kind="quiet" aria-label={`Copy ${title} to a new draft`} onPress={() => void copy()}>
        Copy
      </Act>
      <DialogTrigger>
        <Act small kind="quiet" aria-label={`Delete ${title}`}>
          Delete
        </Act>
        <Pop placement="left">
          <Dialog>
            {({ close }) => (
              <>
                <Heading slot="title" level={3}>
                  Delete “{title}”?
                </Heading>
                <p>
                  {status === 'finished'
                    ? 'Its logged sets go with it, and maxes that rest on them change. For thirty days it can be brought back, on the page Data.'
                    : 'It leaves every list. For thirty days it can be brought back, on the page Data.'}
                </p>
                <div>
                  <Act small kind="strong" onPress={() => void remove()}>
                    Delete it
                  </Act>
                  <Act small onPress={close}>
                    Keep it
                  </Act>
                </div>
              </>
            )}
          </Dialog>
        </Pop>
      </DialogTrigger>
    </span>
  );
}
