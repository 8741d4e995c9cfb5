import { useState, type ReactNode } from 'react';
import { useKits } from '../../data/queries';
import { Button } from '../../parts/button';
import { emptyFor, titleOfToday } from '../shared/start-session';
import { StartFrom } from './start-from';

/** Starts an empty session for a client who is chosen then. */
export function StartEmpty(): ReactNode {
  const kits = useKits().data;
  const [isStarting, setStarting] = useState(false);
  return (
    <>
      <Button onPress={() => setStarting(true)}>Start a session</Button>
      {isStarting && kits && (
        <StartFrom
          asks="Start a session"
          name={titleOfToday()}
          clientId={null}
          about={() => 'It begins empty, in the client’s gym and time.'}
          make={({ id, client }, title) => Promise.resolve(emptyFor(id, client, kits, title))}
          close={() => setStarting(false)}
        />
      )}
    </>
  );
}
