import { kinds, type DocumentKind } from '@drimbo/core/documents';
import { Problem } from './problem';

/** A document that needs another one. */
export interface User {
  kind: DocumentKind;
  id: string;
}

/** A write that is based on an older revision than the one that is there, which is told. */
export const stale = (kind: DocumentKind, current: unknown): Problem =>
  new Problem(
    409,
    'stale',
    `This ${kinds[kind].name} was changed somewhere else since you opened it.`,
    'revision',
    current,
  );

/** A document that others need. `mayGoAlong`: whether they can go with it where somebody says so. */
export function inUse(kind: DocumentKind, users: readonly User[], mayGoAlong: boolean): Problem {
  const named = users
    .slice(0, 5)
    .map((u) => `${kinds[u.kind].name} “${u.id}”`)
    .join(', ');
  const more = users.length > 5 ? ` and ${users.length - 5} more` : '';
  const way = mayGoAlong ? 'Say that they go along, or keep it.' : 'Give them another one first.';
  return new Problem(
    409,
    'in-use',
    `This ${kinds[kind].name} is used by ${named}${more}. ${way}`,
    'id',
    users,
  );
}
