import { linesOf } from '@drimbo/core/session/document';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../designer/use-designer';
import { Act } from '../../look/parts';
import { ink, size } from '../../look/theme';

const Banner = styled.div`
  display: flex;
  align-items: center;
  gap: 10px;
  background: ${ink.raised};
  border: 1.5px solid ${ink.ink};
  border-radius: 4px;
  padding: 7px 12px;
  margin-bottom: 8px;
  font-size: ${size.small};
  p {
    flex: 1;
  }
`;

/** Two versions of one session: says so, and lets the coach choose. Either choice can be undone. */
export function Conflict({ designer }: { designer: Designer }): ReactNode {
  const { save, session } = designer;
  if (save.is !== 'conflict') return null;
  const theirs = save.theirs.document;
  const at = new Date(save.theirs.updatedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
  return (
    <Banner role="alert" data-testid="conflict">
      <p>
        <strong>Changed somewhere else at {at}.</strong> There it has {linesOf(theirs).length} movements, here{' '}
        {linesOf(session).length}. Nothing is lost: yours is kept on this device until you choose.
      </p>
      <Act onPress={designer.takeTheirs}>Take theirs</Act>
      <Act kind="strong" onPress={designer.keepMine}>
        Keep mine
      </Act>
    </Banner>
  );
}

/** Says when the last edit was not done, or when what is here is not yet with the server, and why. */
export function Notice({ designer }: { designer: Designer }): ReactNode {
  const { save, refused } = designer;
  if (refused !== null)
    return (
      <Banner role="alert" data-testid="refused">
        <p>That was not done: {refused}. Everything is as it was.</p>
      </Banner>
    );
  if (save.is !== 'waiting' && save.is !== 'refused') return null;
  return (
    <Banner role="alert" data-testid="save-notice">
      <p>
        {save.is === 'waiting'
          ? save.why
          : `The server refused this version: ${save.why} Your work is kept on this device; undo the last change or correct it.`}
      </p>
    </Banner>
  );
}
