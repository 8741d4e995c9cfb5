import { schoolIds } from '../session';
import type { Reference } from './record';

export const client = (id: string, at: string): Reference => ({
  kind: 'client',
  id,
  at,
  what: 'client',
  isNeeded: true,
});

export const gym = (id: string, at: string): Reference => ({
  kind: 'kit',
  id,
  at,
  what: 'gym',
  isNeeded: true,
});

/** A school of the coach's own; those that ship are always there. */
export const school = (id: string, at: string): Reference[] =>
  (schoolIds as readonly string[]).includes(id)
    ? []
    : [{ kind: 'school', id, at, what: 'school', isNeeded: true }];

/** A movement of the coach's own. Without it what was made of it goes on as the movement it was made from. */
export const ownMovement = (id: string | null | undefined, at: string): Reference[] =>
  id === null || id === undefined ? [] : [{ kind: 'movement', id, at, what: 'movement', isNeeded: false }];

/** A session that days are made of. One that is gone is told as missing. */
export const session = (id: string, at: string): Reference => ({
  kind: 'session',
  id,
  at,
  what: 'session',
  isNeeded: false,
});
