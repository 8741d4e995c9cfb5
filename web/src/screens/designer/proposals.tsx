import type { Proposal } from '@drimbo/core/log';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';

const List = styled.ul`
  display: grid;
  gap: 10px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: start;
    border-top: 1px solid ${ink.hush};
    padding-top: 8px;
  }
  b {
    font-weight: 650;
  }
  p {
    color: ${ink.soft};
    font-size: ${size.small};
    grid-column: 1;
  }
`;

/** What the log proposes for a session, to be taken singly or together. */
export function Proposals({
  proposals,
  take,
  close,
}: {
  proposals: readonly Proposal[];
  take: (them: readonly Proposal[]) => void;
  close: () => void;
}): ReactNode {
  const doable = proposals.filter((p) => p.edit !== null);
  return (
    <Dialog title="What the log says" isOpen onClose={close} widthPx={580}>
      {() => (
        <>
          <p>Proposals for this session from what was done. Nothing changes until you take it.</p>
          <List aria-label="Proposals">
            {proposals.map((p) => (
              <li key={p.id}>
                <b>{p.says}</b>
                {p.edit && (
                  <Button small onPress={() => take([p])}>
                    Take
                  </Button>
                )}
                <p>{p.why}</p>
              </li>
            ))}
          </List>
          {proposals.length === 0 && <p role="status">All taken.</p>}
          <DialogFeet>
            {doable.length > 1 && (
              <Button
                kind="strong"
                onPress={() => {
                  take(doable);
                  close();
                }}
              >
                Take all {doable.length}
              </Button>
            )}
            <Button onPress={close}>Close</Button>
          </DialogFeet>
        </>
      )}
    </Dialog>
  );
}
