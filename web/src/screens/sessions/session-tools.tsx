import type { SessionListed } from '@drimbo/core/formats';
import { useState, type ReactNode } from 'react';
import { removeDocument } from '../../data/documents';
import { afterDeleting } from '../shared/undo-delete';
import { Ask } from '../../parts/ask';
import { Button } from '../../parts/button';
import { tell } from '../../parts/toast';
import { CopySession } from './copy-session';

/** Copies a session for whom the coach says, or deletes it after asking. */
export function SessionTools({ session }: { session: SessionListed }): ReactNode {
  const [isCopying, setCopying] = useState(false);
  const { id, title, status, revision } = session;
  const remove = async (): Promise<void> => {
    try {
      await removeDocument('session', id, { revision });
      await afterDeleting({ kind: 'session', id, name: title });
    } catch (error) {
      tell(`“${title}” is still there: ${(error as Error).message}`);
    }
  };
  return (
    <span style={{ display: 'flex', justifyContent: 'flex-end' }}>
      <Button small kind="quiet" aria-label={`Copy ${title}`} onPress={() => setCopying(true)}>
        Copy…
      </Button>
      {isCopying && <CopySession session={session} close={() => setCopying(false)} />}
      <Ask
        kind="quiet"
        label={`Delete ${title}`}
        asks={`Delete “${title}”?`}
        does="Delete it"
        keeps="Keep it"
        about={
          <p>
            {status === 'finished'
              ? 'Its logged sets go with it, and maxes that rest on them change. For thirty days it can be brought back, on the page Data.'
              : 'It leaves every list. For thirty days it can be brought back, on the page Data.'}
          </p>
        }
        onYes={() => void remove()}
      >
        Delete…
      </Ask>
    </span>
  );
}
