import type { ClientLink } from '@drimbo/core/formats';
import type { Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { notFound, Problem } from '../problems/problem';
import { hashOf, newToken } from './tokens';

const DAY_MS = 86_400_000;

interface LinkWish {
  id: string;
  clientId: string;
  sessionId: string;
  days: number;
}

/** Links by which clients reach their own sessions and log, and nothing else. */
export class Links {
  constructor(
    private readonly db: Kysely<Tables>,
    private readonly now: () => Date = () => new Date(),
  ) {}

  /**
   * A new link; its token is told this once and kept nowhere. Asked for again by its id it is the same link with a new
   * token: the first never arrived. Throws a 409 Problem where the id is another link's.
   */
  async make({ id, clientId, sessionId, days }: LinkWish): Promise<{ link: ClientLink; token: string }> {
    const token = newToken();
    const made = this.now();
    const row = {
      id,
      hash: hashOf(token),
      client_id: clientId,
      session_id: sessionId,
      made_at: made.toISOString(),
      expires_at: new Date(made.getTime() + days * DAY_MS).toISOString(),
      revoked_at: null,
    };
    const { numInsertedOrUpdatedRows } = await this.db
      .insertInto('client_links')
      .values(row)
      .onConflict((c) =>
        c
          .column('id')
          .doUpdateSet({ hash: row.hash })
          .where('client_links.session_id', '=', sessionId)
          .where('client_links.revoked_at', 'is', null),
      )
      .executeTakeFirst();
    if (numInsertedOrUpdatedRows === 0n) throw new Problem(409, 'taken', 'Another link has this id.', 'id');
    return { link: told(row), token };
  }

  /** Whose token this is and where it leads; null for one that is unknown, over or revoked. */
  async whose(token: string): Promise<{ clientId: string; sessionId: string; expiresAt: string } | null> {
    const row = await this.db
      .selectFrom('client_links')
      .innerJoin('clients', 'clients.id', 'client_links.client_id')
      .select(['client_links.client_id', 'client_links.session_id', 'client_links.expires_at'])
      .where('hash', '=', hashOf(token))
      .where('revoked_at', 'is', null)
      .where('expires_at', '>', this.now().toISOString())
      .where('clients.deleted_at', 'is', null)
      .executeTakeFirst();
    return row ? { clientId: row.client_id, sessionId: row.session_id, expiresAt: row.expires_at } : null;
  }

  /** The links of a client that still lead somewhere, the newest first. */
  async of(clientId: string): Promise<ClientLink[]> {
    const rows = await this.db
      .selectFrom('client_links')
      .selectAll()
      .where('client_id', '=', clientId)
      .where('revoked_at', 'is', null)
      .where('expires_at', '>', this.now().toISOString())
      .orderBy('made_at', 'desc')
      .execute();
    return rows.map(told);
  }

  /** A link leads nowhere from now on. Throws a 404 Problem when there is none. */
  async revoke(id: string): Promise<void> {
    const { numUpdatedRows } = await this.db
      .updateTable('client_links')
      .set({ revoked_at: this.now().toISOString() })
      .where('id', '=', id)
      .executeTakeFirst();
    if (numUpdatedRows === 0n) throw notFound('link');
  }
}

const told = (row: {
  id: string;
  client_id: string;
  session_id: string;
  made_at: string;
  expires_at: string;
}): ClientLink => ({
  id: row.id,
  clientId: row.client_id,
  sessionId: row.session_id,
  madeAt: row.made_at,
  expiresAt: row.expires_at,
});
