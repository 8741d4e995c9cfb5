import type { Engine } from '../database/engine';

/** Documents by their id and revision; deleting and bringing back change the mark alone. */
const documents = ['kits', 'schools', 'notebooks', 'clients', 'sessions', 'blocks'];
/** Small enough, or changed too quietly, to be taken over whole. */
const whole = ['client_links', 'removed_sets', 'marks'];
/** Counts of changes, by what they count. */
const clocks = { set_clocks: 'session_id', log_clocks: 'client_id' };

/** Logged sets follow the count the database keeps of the changes of each session. */
const sets = `
  create temp table changed as
    select session_id from main.set_clocks as here
      where at is not (select at from fresh.set_clocks where session_id = here.session_id)
    union select session_id from fresh.set_clocks as there
      where not exists (select 1 from main.set_clocks where session_id = there.session_id);
  delete from fresh.performed_sets where session_id in (select session_id from changed);
  insert into fresh.performed_sets
    select * from main.performed_sets where session_id in (select session_id from changed);
  drop table changed;`;

const documentsOf = (table: string): string => `
  delete from fresh.${table} where id not in (select id from main.${table});
  insert or replace into fresh.${table}
    select here.* from main.${table} as here where not exists (
      select 1 from fresh.${table} as there
      where there.id = here.id and there.revision = here.revision and there.deleted_at is here.deleted_at);`;

const clocksOf = ([table, id]: [string, string]): string => `
  delete from fresh.${table} where not exists (
    select 1 from main.${table} as here where here.${id} = fresh.${table}.${id} and here.at = fresh.${table}.at);
  insert into fresh.${table} select here.* from main.${table} as here
    where not exists (select 1 from fresh.${table} as there where there.${id} = here.${id});`;

/**
 * Brings a copy of the database that was made a moment ago up to what the database holds now. The copy stands for itself
 * afterwards; throws, and the copy is of no use, where it cannot.
 */
export function catchUp(engine: Engine, copy: string): void {
  engine.prepare('attach database ? as fresh').run(copy);
  // A row that is replaced takes nothing along that points to it.
  engine.pragma('foreign_keys = OFF');
  try {
    engine.exec('begin immediate');
    for (const table of documents) engine.exec(documentsOf(table));
    engine.exec(sets);
    for (const table of whole)
      engine.exec(`delete from fresh.${table}; insert into fresh.${table} select * from main.${table};`);
    for (const clock of Object.entries(clocks)) engine.exec(clocksOf(clock));
    engine.exec('commit');
  } catch (error) {
    if (engine.inTransaction) engine.exec('rollback');
    throw error;
  } finally {
    engine.pragma('foreign_keys = ON');
    engine.exec('detach database fresh');
  }
}
