import type { Body } from '../anatomy';
import type { Kit } from '../kit';
import type { Movement, Notebook, Rig } from '../movements';
import type { School } from '../schools';
import type { Client } from '../session';
import type { Ahead, Logged } from '../strength';

/** Everything a session is judged against. Nothing here is looked up: the caller passes it in. */
export interface Context {
  client: Client;
  kit: Kit;
  /** The coach's own movements and cues; none when left out. */
  notebook?: Notebook;
  /** The coach's own schools; none when left out. */
  schools?: readonly School[];
  /** Logged sets of this client, beside the tests in the client document. */
  logged: readonly Logged[];
  /** The day it is, ISO date. */
  todayIso: string;
  /** Where the session lies ahead: how much of today's max there is then. Nothing when left out. */
  ahead?: (movement: Movement, rig: Rig) => Ahead;
}

/** The client's body as mechanics wants it. */
export function bodyOf(context: Context): Body {
  const { statureM, massKg, biacromialM } = context.client;
  return { statureM, massKg, biacromialM: biacromialM ?? undefined };
}
