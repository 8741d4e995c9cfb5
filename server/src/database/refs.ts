import {
  broughtUp,
  documentKinds,
  kindOfDocument,
  type DocumentKind,
  type Pointed,
  type Reference,
} from '@drimbo/core/documents';
import { statuses } from '@drimbo/core/session';
import { sql, type Kysely } from 'kysely';
import { Problem } from '../problems/problem';
import type { User } from '../problems/refusals';
import type { Tables } from './tables';

/** A thing a document cannot do without, as it stands in the column `refs`. */
export const neededRef = (kind: Pointed | DocumentKind, id: string): string => `${kind}:${id}`;

/** A thing a document points to and goes on without. */
const looseRef = (kind: Pointed, id: string): string => `~${kind}:${id}`;

const refIn = ({ kind, id, isNeeded }: Reference): string => (isNeeded ? neededRef : looseRef)(kind, id);

/** What a document points to, each between spaces, to be found by one of them. What is no document points nowhere. */
export function refsOf(kind: DocumentKind, raw: object): string {
  const record = kindOfDocument(kind);
  const opened = broughtUp(record, raw);
  if ('error' in opened) return '';
  try {
    const refs = record.refersTo(opened.document as never).map(refIn);
    return refs.length > 0 ? ` ${[...new Set(refs)].join(' ')} ` : '';
  } catch {
    return '';
  }
}

/** Rows of a kind that point to something. Answered from an index: no document is read. */
export async function usersOf(
  db: Kysely<Tables>,
  users: DocumentKind,
  of: Pointed | DocumentKind,
  id: string,
): Promise<{ id: string; refs: string }[]> {
  const { rows } = await sql<{ id: string; refs: string }>`
    select id, refs from ${sql.table(`${users}s`)}
    where deleted_at is null and instr(refs, ${` ${neededRef(of, id)} `}) > 0`.execute(db);
  return rows;
}

/** What cannot do without a document, kind by kind. */
export async function allUsersOf(db: Kysely<Tables>, of: DocumentKind, id: string): Promise<User[]> {
  const users: User[] = [];
  for (const kind of documentKinds)
    for (const row of await usersOf(db, kind, of, id)) users.push({ kind, id: row.id });
  return users;
}

/** The documents one cannot do without. */
export const neededBy = (
  kind: DocumentKind,
  document: object,
): { reference: Reference; kind: DocumentKind }[] =>
  kindOfDocument(kind)
    .refersTo(document as never)
    .filter(({ isNeeded }) => isNeeded)
    .map((reference) => ({ reference, kind: reference.kind as DocumentKind }));

/** Throws a 400 Problem where something a document cannot do without is not there. */
export async function pointsToWhatIsThere(
  db: Kysely<Tables>,
  kind: DocumentKind,
  document: object,
): Promise<void> {
  for (const { reference, kind: of } of neededBy(kind, document)) {
    const [there] = await pointing(db, of, reference.id);
    if (there) continue;
    const { what, at } = reference;
    throw new Problem(400, 'invalid', `There is no ${what} with this id.`, `document.${at}`);
  }
}

/** One row with what it points to, where it is there. */
export const pointing = (
  db: Kysely<Tables>,
  kind: DocumentKind,
  id: string,
): Promise<{ id: string; refs: string }[]> =>
  db
    .selectFrom(`${kind}s` as const)
    .select(['id', 'refs'])
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .execute();

/** How many sessions go by an own movement, and how many of those are not finished. */
export async function usesOfOwn(
  db: Kysely<Tables>,
  own: string,
): Promise<{ sessions: number; drafts: number }> {
  const { rows } = await sql<{ sessions: number; drafts: number }>`
    select count(*) as sessions, coalesce(sum(status_rank < ${statuses.indexOf('finished')}), 0) as drafts
    from sessions
    where deleted_at is null and instr(refs, ${` ${looseRef('movement', own)} `}) > 0 and json_valid(document)`.execute(
    db,
  );
  return { sessions: Number(rows[0]!.sessions), drafts: Number(rows[0]!.drafts) };
}
