import type { PlannedDay, TrainingBlock } from '../block';
import type { BlockBrief, Unreadable } from '../formats';
import type { Client, Need, Session, SessionBrief } from '../session';
import type { Logged } from '../strength';

/** A document as the server keeps it; a write names the revision it is based on. */
export interface Stored<T> {
  id: string;
  revision: number;
  /** ISO time. */
  updatedAt: string;
  document: T;
}

/** A client with everything their page and their sessions need. */
export interface ClientFile extends Stored<Client> {
  sessions: SessionBrief[];
  needs: Need[];
  blocks: BlockBrief[];
  planned: PlannedDay[];
  logged: Logged[];
  /** Logged sets among the last that cannot be read. */
  torn: Unreadable[];
}

/** A block with its client, the sessions it names and what was logged. */
export interface BlockFile {
  block: Stored<TrainingBlock>;
  client: Stored<Client>;
  sessions: Stored<Session>[];
  logged: Logged[];
}

/** A copy of the database that was kept. */
export interface Copy {
  name: string;
  bytes: number;
  /** ISO time. */
  made: string;
}

/** What the house holds, and where. */
export interface HouseFacts {
  /** Where the files lie, told to who sits at that machine. */
  folder?: string;
  backups?: string;
  counts: { clients: number; kits: number; sessions: number; sets: number };
  copies: Copy[];
}

/** Long work the server does at this moment. */
export interface Underway {
  does: string;
  /** How far it is, 0 to 1; null where that is not known. */
  share: number | null;
  /** How many wait for it. */
  waiting: number;
}

/** What became of a client that was erased. */
export interface Erased {
  /** Copies of the database that still hold them. */
  copies: string[];
  /** Nothing of them is left in the database itself. */
  isClean: boolean;
}

/** What a copy that was put back holds. */
export interface Restored {
  /** Where what was there before is kept. */
  aside: string;
  clients: number;
  sessions: number;
  sets: number;
}
