/** A document with its revision; a write must name the revision it is based on. */
export interface DocumentRow {
  id: string;
  revision: number;
  /** Zod-validated JSON. */
  document: string;
  updated_at: string;
  /** When it was deleted; the row is gone for good thirty days later. */
  deleted_at: string | null;
}

export interface SessionRow extends DocumentRow {
  client_id: string;
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
  reserve: number;
  /** Share of the fresh max lost to the sets before. */
  tired: number;
  /** Seconds a repetition took; 0 where nobody said. */
  rep_s: number;
}

export interface Tables {
  clients: DocumentRow;
  kits: DocumentRow;
  sessions: SessionRow;
  notebooks: DocumentRow;
  performed_sets: PerformedSetRow;
}

export type DocumentTable = 'clients' | 'kits' | 'sessions' | 'notebooks';
