import type { DocumentKind, Documents } from '../documents';
import type {
  AccessState,
  BlockBrief,
  ClientBrief,
  ClientLink,
  Deleted,
  FloorFile,
  FloorList,
  FloorNews,
  Found,
  Page,
  Plan,
  SessionListed,
  Unreadable,
} from '../formats';
import type { PerformedSet } from '../log';
import type { Done, FloorChange, Need, Session } from '../session';
import type { BlockFile, ClientFile, Copy, Erased, HouseFacts, Restored, Stored, Underway } from './answers';
import { way } from './asked';

interface Listing {
  page: number;
  sort: string;
  search: string;
}

/** Sets as they were done, and ids of those that were taken away. */
interface Written {
  sets: readonly PerformedSet[];
  removes: readonly string[];
}

interface Finished {
  /** The day it was done. */
  date: string;
  done: Done;
}

/**
 * What can be asked of documents of a kind; of one of which there is only one, to read and to change it.
 *
 * @example documentWays('kit').get({ id: 'hall' })   // { method: 'GET', path: '/kits/hall', body: undefined }
 */
export const documentWays = <K extends DocumentKind>(kind: K) => {
  // To the compiler an address is the names in it: which kind it is of, it need not know.
  const list = `/${kind}s` as '';
  const one = `/${kind}s/:id` as ':id';
  return {
    list: way<Stored<Documents[K]>[]>()('GET', list),
    get: way<Stored<Documents[K]>>()('GET', one),
    /** The same sent again is answered with what became of it. */
    make: way<Stored<Documents[K]>, never, { id: string; document: Documents[K] }>()('POST', list),
    change: way<Stored<Documents[K]>, never, { revision: number; document: Documents[K] }>()('PUT', one),
    /** `along`: what needs it goes along. */
    remove: way<undefined, { revision: number; along?: boolean }>()('DELETE', one),
    bringBack: way<Stored<Documents[K]>, never, object>()('POST', `/${kind}s/:id/bring-back` as ':id'),
  };
};

/** Everything else the server is asked, by what it is for. */
export const ways = {
  clientsListed: way<Page<ClientBrief | Unreadable>, Listing>()('GET', '/clients'),
  clientNames: way<{ id: string; name: string }[]>()('GET', '/clients/names'),
  clientFile: way<ClientFile>()('GET', '/clients/:id/file'),
  needsFromLog: way<Need[]>()('GET', '/clients/:id/from-log'),
  /** The name says that this client is meant. */
  eraseClient: way<Erased, never, { name: string }>()('POST', '/clients/:id/erase'),

  sessionsListed: way<Page<SessionListed | Unreadable>, Listing & { status: Session['status'] | null }>()(
    'GET',
    '/sessions',
  ),
  /** How many sessions go by an own movement, and how many of those are not finished. */
  usesOfOwn: way<{ sessions: number; drafts: number }, { own: string }>()('GET', '/sessions/with'),
  finishSession: way<Stored<Session>, never, Finished>()('POST', '/sessions/:id/finish'),

  blocksListed: way<BlockBrief[]>()('GET', '/blocks'),
  blockFile: way<BlockFile>()('GET', '/blocks/:id/file'),

  setsOfClient: way<PerformedSet[], { client: string; size: number }>()('GET', '/sets'),
  setsOfSession: way<PerformedSet[], { session: string; size: number }>()('GET', '/sets'),
  writeSets: way<Written, never, Written>()('POST', '/sets'),
  removeSet: way<undefined>()('DELETE', '/sets/:id'),

  ownFloor: way<FloorList>()('GET', '/floor'),
  floorFile: way<FloorFile>()('GET', '/floor/:id'),
  /** What changed since the list of this house, at this tick, with this revision of the session. */
  floorNews: way<FloorNews, { house: string; at: number; revision: number }>()('GET', '/floor/:id/news'),
  writeFloorSets: way<{ at: number }, never, Written>()('POST', '/floor/:id/sets'),
  removeFloorSet: way<undefined>()('DELETE', '/floor/:id/sets/:set'),
  changeOnFloor: way<FloorFile['session'], never, { change: FloorChange }>()('POST', '/floor/:id/changes'),
  finishOnFloor: way<FloorFile['session'], never, Finished>()('POST', '/floor/:id/finish'),

  access: way<AccessState>()('GET', '/access'),
  signIn: way<{ who: 'coach' }, never, { passcode: string }>()('POST', '/access/sign-in'),
  signOut: way<undefined, never, object>()('POST', '/access/sign-out'),
  /** `now` is the passcode that is set, where one is. */
  setPasscode: way<undefined, never, { passcode: string; now?: string }>()('PUT', '/access/passcode'),
  links: way<ClientLink[], { client: string }>()('GET', '/access/links'),
  makeLink: way<{ link: ClientLink; path: string }, never, { id: string; sessionId: string; days: number }>()(
    'POST',
    '/access/links',
  ),
  revokeLink: way<undefined>()('DELETE', '/access/links/:id'),

  find: way<Found, { text: string }>()('GET', '/find'),
  unreadable: way<Unreadable[]>()('GET', '/unreadable'),
  health: way<{ ok: boolean }>()('GET', '/health'),
  /** Documented in docs/formats: the request and the answer are for other programs too. */
  appraise: way<unknown, never, unknown>()('POST', '/appraise'),

  house: way<HouseFacts>()('GET', '/data'),
  deleted: way<Deleted[]>()('GET', '/data/deleted'),
  underway: way<{ underway: Underway | null }>()('GET', '/data/work'),
  lookThrough: way<Unreadable[], never, object>()('POST', '/data/look-through'),
  backUp: way<Copy, never, object>()('POST', '/data/backups'),
  downloadBackup: way<Blob>()('GET', '/data/backup'),
  /** A kept copy by its name; a file sent along goes the same way. */
  restore: way<Restored, never, { copy: string }>()('POST', '/data/restore'),
  restoreFile: way<Restored>()('POST', '/data/restore'),
  downloadExport: way<Blob, { client?: string }>()('GET', '/data/export'),
  previewImport: way<Plan, { keep: boolean }>()('POST', '/data/preview'),
  importFile: way<Plan, { expect: string; keep: boolean }>()('POST', '/data/import'),
} as const;
