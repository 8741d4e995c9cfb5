import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { useNotebookSaving } from '../../state/notebook';
import { ink, size } from '../../look/theme';
import { Conflict } from './conflict';

const Bar = styled.div`
  max-width: 1248px;
  margin: 0 auto;
  padding: 8px 16px 0;
  font-size: ${size.small};
  p {
    background: ${ink.raised};
    border: 1.5px solid ${ink.ink};
    border-radius: 4px;
    padding: 7px 12px;
  }
`;

/** Says when what was changed in the notebook is not yet with the server, and asks where two versions meet. */
export function NotebookNotice(): ReactNode {
  const { state, conflict } = useNotebookSaving();
  if (state.is === 'saved' || state.is === 'saving') return null;
  return (
    <Bar>
      {state.is === 'waiting' && <p role="alert">Your notebook: {state.why}</p>}
      {state.is === 'refused' && (
        <p role="alert">Your notebook was not saved: {state.why} It is kept on this device.</p>
      )}
      <Conflict conflict={conflict} unit="kg" />
    </Bar>
  );
}
