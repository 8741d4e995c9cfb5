import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { ways, type ClientFile } from '@drimbo/core/contract';
import { addressOf } from '../../data/api';
import { addressOfDocument, removeDocument } from '../../data/documents';

import { forgetDraftsOf } from '../../state/drafts';
import { forgetHistoryOf } from '../../state/kept-history';
import { SheetHead } from '../../parts/sheet';
import { DownloadButton } from '../../parts/link-button';
import { size } from '../../look/theme';
import { alongClient } from '../shared/along-words';
import { EraseClient } from '../shared/erase-client';
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
      await removeDocument('client', file.id, { revision: file.revision, along: true });
      await afterDeleting({ kind: 'client', id: file.id, name }, () => void go('/clients'));
    });
  const erased = (says: string): void => {
    const names = [
      addressOfDocument('client', file.id),
      ...file.sessions.map(({ id }) => addressOfDocument('session', id)),
      ...file.blocks.map(({ id }) => addressOfDocument('block', id)),
    ];
    forgetDraftsOf(localStorage, names);
    forgetHistoryOf(localStorage, names);
    setSaid(says);
  };
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
            <DownloadButton small href={addressOf(ways.downloadExport({ query: { client: file.id } }))}>
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
            <EraseClient id={file.id} name={name} onErased={erased} onWrong={setWrong} />
          </div>
        )}
        {wrong && <p role="alert">{wrong}</p>}
      </Body>
    </section>
  );
}
