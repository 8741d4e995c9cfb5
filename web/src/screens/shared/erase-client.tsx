import { useState, type ReactNode } from 'react';
import { ways, type Erased } from '@drimbo/core/contract';
import { ask } from '../../data/api';
import { once } from '../../data/ids';
import { Ask } from '../../parts/ask';
import { TextField } from '../../parts/text-field';

const traces =
  'Another program is reading the database, so the last traces in the file go as soon as it is done.';

/** What is told after erasing: whether all of it is gone, and which copies still hold the client. */
const erasedWords = (name: string, { copies, isClean }: Erased): string =>
  [
    copies.length === 0
      ? 'Erased. No copy of the database was made before.'
      : `Erased here. Copies made before still hold ${name}: ${copies.join(', ')}. Delete those too where that is asked for.`,
    ...(isClean ? [] : [traces]),
  ].join(' ');

/** Erases a client for good once the name is typed. `onErased` hears what to tell, `onWrong` why it was not done. */
export function EraseClient({
  id,
  name,
  onErased,
  onWrong,
  label,
}: {
  id: string;
  name: string;
  onErased: (says: string) => void;
  onWrong: (says: string) => void;
  label?: string;
}): ReactNode {
  const [typed, setTyped] = useState('');
  const erase = (): void => {
    onWrong('');
    once(`erase ${id}`, 'erase', (key) => ask(ways.eraseClient({ id, body: { name: typed } }), { key })).then(
      (done) => onErased(erasedWords(name, done)),
      (error: Error) => onWrong(error.message),
    );
  };
  return (
    <Ask
      asks={`Erase ${name} for good?`}
      does="Erase for good"
      keeps="Keep"
      isReady={typed === name}
      {...(label === undefined ? {} : { label })}
      about={
        <>
          <p>
            Facts, sessions, blocks and logged sets are erased from the database and cannot be brought back.
            Copies made before still hold them; their names are told afterwards.
          </p>
          <TextField label="Type the name to go on" placeholder={name} value={typed} onChange={setTyped} />
        </>
      }
      onYes={erase}
    >
      Erase for good…
    </Ask>
  );
}
