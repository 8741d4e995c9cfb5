import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
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
