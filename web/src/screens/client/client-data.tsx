import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../../data/api';
import { once } from '../../data/ids';
import type { ClientFile } from '../../data/queries';
import { forgetDraftsOf } from '../../state/drafts';
import { forgetHistoryOf } from '../../state/kept-history';
import { forgetStepsOf } from '../../state/kept-steps';
import { SheetHead } from '../../parts/sheet';
import { DownloadButton } from '../../parts/link-button';
import { TextField } from '../../parts/text-field';
import { size } from '../../look/theme';
import { alongClient } from '../shared/along-words';
import { afterDeleting } from '../shared/undo-delete';
import { Ask } from '../../parts/ask';

const Body = styled.div`
  padding: 4px 12px 12px;
  display: grid;
  gap: 8px;
  font-size: ${size.small};
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
`;
/** What becomes of a client's data: out as open files, deleted for now, or erased for good. */
export function ClientData({ file }: { file: ClientFile }): ReactNode {
  const go = useNavigate();
  const [typed, setTyped] = useState('');
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState('');
  const { name } = file.document;
  const along = alongClient({ sessions: file.sessions.length, blocks: file.blocks.length });
  const attempt = (work: () => Promise<void>): void => {
    setWrong('');
    work().catch((error: Error) => setWrong(error.message));
  };
  const remove = (): void =>
    attempt(async () => {
      await api.remove(`/clients/${file.id}?revision=${file.revision}&along=true`);
      await afterDeleting({ kind: 'client', id: file.id, name }, () => void go('/clients'));
    });
  const erase = (): void =>
    attempt(async () => {
      const { copies } = await once(`erase ${file.id}`, 'erase', (key) =>
        api.post<{ copies: string[] }>(`/clients/${file.id}/erase`, { name: typed }, key),
      );
      const ids = file.sessions.map((s) => s.id);
      forgetDraftsOf(localStorage, [`/clients/${file.id}`, ...ids]);
      forgetHistoryOf(localStorage, ids);
      forgetStepsOf(
        localStorage,
        file.blocks.map((b) => b.id),
      );
      setSaid(
        copies.length === 0
          ? 'Erased. No copy of the database was made before.'
          : `Erased here. Copies made before still hold ${name}: ${copies.join(', ')}. Delete those too where that is asked for.`,
      );
    });
  return (
    <section aria-label="Data of this client">
      <SheetHead style={{ paddingTop: 16 }}>
        <h2>Data of this client</h2>
      </SheetHead>
      <Body>
        {said ? (
          <p role="status">{said}</p>
        ) : (
          <div className="acts">
            <DownloadButton small href={`/api/data/export?client=${file.id}`}>
              Export as open files
            </DownloadButton>
            <Ask
              asks={`Delete ${name}?`}
              does="Delete"
              keeps="Keep"
              about={
                <p>
                  {[name, ...along].join(', ')} and what was logged leave every list. For thirty days all of
                  it can be brought back, on the page Data.
                </p>
              }
              onYes={remove}
            >
              Delete…
            </Ask>
            <Ask
              asks={`Erase ${name} for good?`}
              does="Erase for good"
              keeps="Keep"
              isReady={typed === name}
              about={
                <>
                  <p>
                    Facts, sessions, blocks and logged sets are erased from the database and cannot be brought
                    back. Copies made before still hold them; their names are told afterwards.
                  </p>
                  <TextField
                    label="Type the name to go on"
                    placeholder={name}
                    value={typed}
                    onChange={setTyped}
                  />
                </>
              }
              onYes={erase}
            >
              Erase for good…
            </Ask>
          </div>
        )}
        {wrong && <p role="alert">{wrong}</p>}
      </Body>
    </section>
  );
}
