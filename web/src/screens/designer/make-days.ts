import type { Stored } from '@drimbo/core/contract';
import type { Session } from '@drimbo/core/session';
import { type Pasted, sessionsOfDays } from '@drimbo/core/shorthand';
import { removeDocument } from '../../data/documents';
import { createOnce } from '../../data/create';
import { listsAnew } from '../../data/house';
import { newId } from '../../data/ids';

import { tell } from '../../parts/toast';

/** Makes a session of each day of a message; told when they are there, with a way back. */
export async function makeDays(like: Session, pasted: Pasted, done: () => void): Promise<void> {
  const made: Stored<Session>[] = [];
  const takeBack = async (): Promise<void> => {
    for (const { id, revision } of made) await removeDocument('session', id, { revision });
    await listsAnew();
  };
  try {
    for (const [i, document] of sessionsOfDays(pasted, like, newId).entries())
      made.push(await createOnce(`day ${i} of ${document.title}`, 'session', document));
    await listsAnew();
    done();
    tell(`Made: ${made.map((s) => `“${s.document.title}”`).join(', ')}. They are among the sessions.`, () => {
      takeBack().catch((error: Error) => tell(`They are still there: ${error.message}`));
    });
  } catch (error) {
    tell(`Not all days could be made: ${(error as Error).message}`);
    await listsAnew();
  }
}
