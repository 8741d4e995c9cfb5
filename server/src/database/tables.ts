import type { Generated, Selectable } from 'kysely';

/** A document with its revision; a write must name the revision it is based on. */
export interface DocumentRow {
  id: string;
  revision: number;
  /** Zod-validated JSON. */
  document: string;
  updated_at: string;
  /** When it was deleted; the row is gone for good thirty days later. */
  deleted_at: string | null;
  /** Digest of the text it was made with, by which the same request sent again is known; empty where nobody kept it. */
  made_hash: Generated<string>;
  /** What it points to, each between spaces (refs.ts); empty for nothing. */
  refs: Generated<string>;
}

/** A row as it is read. */
export type StoredRow = Selectable<DocumentRow>;

/** Beside the document lies what finds it and puts it in order (columns.ts). */
export interface ClientRow extends DocumentRow {
  name: Generated<string>;
  /** The name as it is looked for. */
  name_key: Generated<string>;
}

export interface SessionRow extends DocumentRow {
  client_id: string;
  title: Generated<string>;
  title_key: Generated<string>;
  /** 0 draft, 1 handed over, 2 finished. */
  status_rank: Generated<number>;
  /** The day it is planned for or was done; empty for none. */
  day: Generated<string>;
  minutes: Generated<number>;
  movements: Generated<number>;
  emphasis: Generated<string>;
}

export interface BlockRow extends DocumentRow {
  client_id: string;
  title: Generated<string>;
  title_key: Generated<string>;
  /** Its first and its last day, with what came between. */
  starts_on: Generated<string>;
  ends_on: Generated<string>;
}

/** One set somebody did. This is the table that grows. */
export interface PerformedSetRow {
  id: string;
  client_id: string;
  session_id: string;
  line_id: string;
  set_index: number;
  movement: string;
  rig: string;
  done_on: string;
  load_kg: number;
  reps: number;
  /** −1 where nobody said. */
  reserve: number;
  /** A set, a further stage of one, or a hold. */
  kind: Generated<string>;
  /** Seconds of a hold; 0 for what is counted. */
  held_s: Generated<number>;
  /** One side of two; empty for both. */
  side: Generated<string>;
  /** Why it ended early; empty where it did not, or nobody said. */
  ended: Generated<string>;
  /** Share of the fresh max lost to the sets before. */
  tired: number;
  /** Seconds a repetition took; 0 where nobody said. */
  rep_s: number;
  /** What was asked of it, as JSON; empty where nobody kept it. */
  asked: Generated<string>;
  /** Where it stands among the sets of its session; −1 where nobody kept it. */
  place: Generated<number>;
  /** Empty where nobody said. */
  technique: Generated<string>;
  fault: Generated<string>;
  /** −1 where nobody said. */
  felt: Generated<number>;
  comfort: Generated<number>;
  note: Generated<string>;
}

/** A set that was taken away: its id is never logged again, whatever comes late. */
export interface RemovedSetRow {
  id: string;
  session_id: string;
}

/** How many times the sets of a session were changed; kept by the database itself. */
export interface SetClockRow {
  session_id: string;
  at: number;
}

/** The same for everything a client's log says. */
export interface LogClockRow {
  client_id: string;
  at: number;
}

/** What is kept of the database itself, by name. */
export interface MarkRow {
  name: string;
  value: string;
}

/** A client's way in; what is kept of its token, not the token. */
export interface ClientLinkRow {
  id: string;
  hash: string;
  client_id: string;
  session_id: string;
  made_at: string;
  expires_at: string;
  revoked_at: string | null;
}

export interface Tables {
  clients: ClientRow;
  kits: DocumentRow;
  sessions: SessionRow;
  notebooks: DocumentRow;
  schools: DocumentRow;
  blocks: BlockRow;
  performed_sets: PerformedSetRow;
  client_links: ClientLinkRow;
  removed_sets: RemovedSetRow;
  set_clocks: SetClockRow;
  log_clocks: LogClockRow;
  marks: MarkRow;
}

export type DocumentTable = 'clients' | 'kits' | 'sessions' | 'notebooks' | 'schools' | 'blocks';
