/** Sets the clock of a session and of its client on by one, for sets as they are after or before a change. */
const ticked = (row: 'new' | 'old'): string => `
  insert into set_clocks (session_id, at) select id, 1 from sessions where id = ${row}.session_id
    on conflict (session_id) do update set at = at + 1;
  insert into log_clocks (client_id, at) select id, 1 from clients where id = ${row}.client_id
    on conflict (client_id) do update set at = at + 1;`;

/**
 * The database counts every change of a logged set by itself, so that nobody who writes one can forget it: a list says
 * which count it was read at, and what is worked out from a log knows when it is stale. A session that is deleted, comes
 * back or is another client's by now changes what its client's log says.
 */
export const clockTables: readonly string[] = [
  `create table set_clocks (
     session_id text primary key references sessions(id) on delete cascade, at integer not null)`,
  `create table log_clocks (
     client_id text primary key references clients(id) on delete cascade, at integer not null)`,
  `create table removed_sets (
     id text primary key, session_id text not null references sessions(id) on delete cascade)`,
  'create index removed_of_session on removed_sets (session_id)',
  'create table marks (name text primary key, value text not null)',
  "insert into marks (name, value) values ('house', lower(hex(randomblob(16))))",
  'insert into log_clocks (client_id, at) select client_id, count(*) from performed_sets group by client_id',
  `create trigger set_added after insert on performed_sets begin ${ticked('new')} end`,
  `create trigger set_changed after update on performed_sets begin ${ticked('old')} ${ticked('new')} end`,
  `create trigger set_taken after delete on performed_sets begin ${ticked('old')} end`,
  `create trigger session_marked after update of deleted_at, client_id on sessions
     when old.deleted_at is not new.deleted_at or old.client_id is not new.client_id begin
     insert into log_clocks (client_id, at) select id, 1 from clients where id in (old.client_id, new.client_id)
       on conflict (client_id) do update set at = at + 1; end`,
];

/** Another database by now: what devices know of its counts no longer holds. Asked after a copy was put back. */
export const NEW_HOUSE = "update marks set value = lower(hex(randomblob(16))) where name = 'house'";
