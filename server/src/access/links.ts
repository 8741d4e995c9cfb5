import type { ClientLink } from '@drimbo/core/formats/lists';
import type { Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { notFound } from '../problem';
import { hashOf, newToken } from './tokens';

const DAY_MS = 86_400_000;

/** Links by which clients reach their own sessions and log, and nothing else. */
export class Links {
  constructor(
    private readonly db: Kysely<Tables>,
    private readonly now: () => Date = () => new Date(),
  ) {}

  /** A new link; its token is told this once and kept nowhere. */
  async make(
    clientId: string,
    sessionId: string,
    days: number,
  ): Promise<{ link: ClientLink; token: string }> {
    const token = newToken();
    const made = this.now();
    const row = {
      id: `link-${newToken()
        .slice(0, 12)
        .toLowerCase()
        .replace(/[^a-z0-9]/g, '0')}`,
      hash: hashOf(token),
      client_id: clientId,
      session_id: sessionId,
      made_at: made.toISOString(),
      expires_at: new Date(made.getTime() + days * DAY_MS).toISOString(),
      revoked_at: null,
    };
    await this.db.insertInto('client_links').values(row).execute();
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
