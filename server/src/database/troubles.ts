import type { ProblemCode } from '@drimbo/core/contract';
import { Problem } from '../problems/problem';

const codeOf = (error: unknown): string => {
  const { code } = (error ?? {}) as { code?: unknown };
  return typeof code === 'string' ? code : '';
};

export const isBusy = (error: unknown): boolean => /^SQLITE_(BUSY|LOCKED)/.test(codeOf(error));

interface Trouble {
  code: RegExp;
  status: number;
  name: ProblemCode;
  says: string;
}

/** What can be the matter with the file while Drimbo runs, and what to do. */
const troubles: readonly Trouble[] = [
  {
    code: /^SQLITE_(BUSY|LOCKED)/,
    status: 503,
    name: 'busy',
    says: 'The database is being written by somebody else. Nothing was changed; try again in a second.',
  },
  {
    code: /^(SQLITE_FULL|ENOSPC)/,
    status: 507,
    name: 'disk-full',
    says: 'The disk is full. Nothing was changed; make room on it and try again.',
  },
  {
    code: /^(SQLITE_READONLY|SQLITE_PERM|EACCES|EROFS)/,
    status: 503,
    name: 'read-only',
    says: 'The database cannot be written. Nothing was changed; give the file and its folder back their rights.',
  },
  {
    code: /^(SQLITE_CORRUPT|SQLITE_NOTADB)/,
    status: 503,
    name: 'damaged',
    says: 'The database file is damaged. Stop Drimbo, keep the file, and put a backup in its place.',
  },
  {
    code: /^(SQLITE_IOERR|SQLITE_CANTOPEN|ENOENT|EIO)/,
    status: 503,
    name: 'unreachable-file',
    says: 'The database file cannot be reached. Nothing was changed; see whether its disk and folder are there.',
  },
];

/** The error of the database engine as a refusal in words; null for an error of another kind. */
export function troubleOf(error: unknown): Problem | null {
  const trouble = troubles.find((t) => t.code.test(codeOf(error)));
  return trouble ? new Problem(trouble.status, trouble.name, trouble.says) : null;
}
