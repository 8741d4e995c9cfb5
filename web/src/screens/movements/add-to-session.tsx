import type { Entry, Rig } from '@drimbo/core/movements';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { addToSession } from '../../data/add-line';
import { useSessions } from '../../data/queries';
import { Button } from '../../parts/button';
import { ComboBox } from '../../parts/combo-box';
import { Dialog, DialogFeet } from '../../parts/dialog';

function Choosing({ entry, rig, close }: { entry: Entry; rig: Rig; close: () => void }): ReactNode {
  const go = useNavigate();
  const drafts = useSessions('', 'changed', 'draft').rows.flatMap((row) => ('why' in row ? [] : [row]));
  const [chosen, setChosen] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const id = chosen ?? drafts[0]?.id ?? null;
  const add = async (session: string): Promise<void> => {
    await addToSession(session, entry, rig);
    void go(`/sessions/${session}`);
  };
  return (
    <Dialog title={`Add ${entry.name.toLowerCase()} to a session`} isOpen onClose={close}>
      {() =>
        drafts.length === 0 ? (
          <p>No draft is open. Start a session from a client, then add it there.</p>
        ) : (
          <>
            <ComboBox
              label="Draft"
              value={id}
              options={drafts.map((s) => [s.id, `${s.title}, ${s.client.name}`])}
              onChange={setChosen}
            />
            {wrong && <p role="alert">{wrong}</p>}
            <DialogFeet>
              <Button
                kind="strong"
                isDisabled={id === null}
                onPress={() => {
                  setWrong('');
                  add(id!).catch((error: Error) => setWrong(`Not added: ${error.message}`));
                }}
              >
                Add and open it
              </Button>
              <Button onPress={close}>Cancel</Button>
            </DialogFeet>
          </>
        )
      }
    </Dialog>
  );
}

/** Puts the movement, set up as it stands here, at the end of a draft and opens that. */
export function AddToSession({ entry, rig }: { entry: Entry; rig: Rig }): ReactNode {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button kind="strong" onPress={() => setOpen(true)}>
        Add to a session…
      </Button>
      {isOpen && <Choosing entry={entry} rig={rig} close={() => setOpen(false)} />}
    </>
  );
}
