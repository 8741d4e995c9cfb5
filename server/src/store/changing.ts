import { asRun, type FloorChange, type Session, sessionSchema } from '@drimbo/core/session';
import type { Stored } from '@drimbo/core/contract';
import { onTop } from '../documents/on-top';
import { checked, Problem } from '../problems/problem';
import type { Store } from './store';

/**
 * Writes down what was changed while a session was run. The same change sent again does no harm. Throws a 409 Problem
 * for another change of its id, a 400 Problem where what would be run then is no session.
 */
export const changeOnFloor = (store: Store, id: string, change: FloorChange): Promise<Stored<Session>> =>
  onTop(async () => {
    const stored = await store.sessions.get(id);
    const { document, revision } = stored;
    const known = document.changes?.find((c) => c.id === change.id);
    if (known && JSON.stringify(known) === JSON.stringify(change)) return stored;
    if (known) throw new Problem(409, 'taken', 'Another change has this id.', 'change.id', known);
    const changed: Session = { ...document, changes: [...(document.changes ?? []), change] };
    checked(sessionSchema, asRun(changed), 'change');
    return store.sessions.replace(id, revision, changed);
  });
