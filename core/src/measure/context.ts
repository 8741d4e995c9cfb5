import type { Body } from '../anatomy';
import type { Kit } from '../kit';
import type { Notebook } from '../movements';
import type { School } from '../schools';
import type { Client } from '../session';
import type { Run } from '../set-model';
import type { Logged } from '../strength';

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
  /** The day it is, ISO date: what was done up to it is known. */
  todayIso: string;
  /** What was done on that day itself is not known either: a day that is looked back on. */
  isPast?: true;
  /** The day the session is for, where it lies ahead; today when left out. */
  onIso?: string;
  /** The session is of a lighter week. */
  isLight?: true;
  /** What the sessions of lifts come to by then, where days lie between; those of the log when left out. */
  runs?: ReadonlyMap<string, Run>;
}

/** The client's body as mechanics wants it. */
export function bodyOf(context: Context): Body {
  const { statureM, massKg, biacromialM } = context.client;
  return { statureM, massKg, biacromialM: biacromialM ?? undefined };
}
