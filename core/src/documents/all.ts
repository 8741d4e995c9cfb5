import type { Kind } from './kind';
import { blockKind } from './kinds/block';
import { clientKind } from './kinds/client';
import { kitKind } from './kinds/kit';
import { notebookKind } from './kinds/notebook';
import { schoolKind } from './kinds/school';
import { sessionKind } from './kinds/session';

/** Every kind of document there is. A new one is its file in `kinds` and a line here. */
export const kinds = {
  client: clientKind,
  session: sessionKind,
  block: blockKind,
  kit: kitKind,
  school: schoolKind,
  notebook: notebookKind,
} as const;

export type DocumentKind = keyof typeof kinds;

/** The document of each kind. */
export type Documents = {
  [K in DocumentKind]: (typeof kinds)[K] extends Kind<string, infer T> ? T : never;
};

export const documentKinds = Object.keys(kinds) as DocumentKind[];

/** The record of a kind that is known by its name only. */
export const kindOfDocument = <K extends DocumentKind>(kind: K): Kind<K, Documents[K]> =>
  kinds[kind] as unknown as Kind<K, Documents[K]>;
