import type { Due } from '../block';
import type { Client, Need, Session } from '../session';
import type { DocumentKind } from '../documents';

/** Part of a list, with how many rows the whole has. */
export interface Page<T> {
  total: number;
  page: number;
  size: number;
  rows: T[];
}

/** A row that is no document or no logged set any more, as it lies in the file. */
export interface Unreadable {
  kind: DocumentKind | 'set';
  id: string;
  why: string;
  text: string;
}

/** What the roster says of a client. */
export interface ClientBrief extends Pick<
  Client,
  'name' | 'about' | 'lagging' | 'limits' | 'minutes' | 'daysAWeek'
> {
  id: string;
  revision: number;
  updatedAt: string;
  needs: Need[];
  /** What a block has for today; null without one under way. */
  due: Due | null;
}

/** What lists say of a block. */
export interface BlockBrief {
  id: string;
  title: string;
  startsOn: string;
  endsOn: string;
  client: { id: string; name: string };
}

/** What the list of sessions says of one. */
export interface SessionListed extends Pick<Session, 'title' | 'status' | 'date' | 'emphasis' | 'minutes'> {
  id: string;
  revision: number;
  movements: number;
  client: { id: string; name: string };
}

/** What goes by a name. */
export interface Found {
  clients: { id: string; name: string }[];
  sessions: (Pick<Session, 'title' | 'status' | 'date'> & { id: string; client: string })[];
  blocks: Pick<BlockBrief, 'id' | 'title' | 'client' | 'endsOn'>[];
}

/** A link by which a client reaches their own sessions; its token is told when it is made, and kept nowhere. */
export interface ClientLink {
  id: string;
  clientId: string;
  /** The session it opens. */
  sessionId: string;
  madeAt: string;
  expiresAt: string;
}

/** Who asks, as the server sees it. */
export interface AccessState {
  who: 'coach' | 'client' | null;
  /** Served to the local network. */
  isShared: boolean;
  /** To the coach: by which addresses, and whether a passcode is set. */
  addresses?: string[];
  hasPasscode?: boolean;
  /** To a client: until when their link holds, and where it leads. */
  expiresAt?: string;
  sessionId?: string;
}

/** A session as its client sees it listed. */
export interface FloorBrief {
  id: string;
  title: string;
  date: string | null;
  isDone: boolean;
}

/** A client's own sessions. */
export interface FloorList {
  name: string;
  today: string;
  expiresAt: string;
  sessions: FloorBrief[];
}

/** A document that can be brought back until the day it is gone for good. */
export interface Deleted {
  kind: 'client' | 'session' | 'kit' | 'school' | 'block';
  id: string;
  name: string;
  /** What went with a client and comes back with them; none for the other kinds. */
  sessions: number;
  blocks: number;
  deletedAt: string;
  goneOn: string;
}
