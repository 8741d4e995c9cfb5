import { schoolIds, type Session } from '../session/document';
import type { TrainingBlock } from '../block/document';
import type { Documents } from './opening';
import type { DocumentKind } from './steps';

/** Something a document points to by its id. */
export interface Reference {
  kind: 'client' | 'kit' | 'school';
  id: string;
  /** Where in the document, "life.0.kitId". */
  at: string;
  /** As a person calls it: "gym". */
  what: string;
}

const gym = (id: string, at = 'kitId'): Reference => ({ kind: 'kit', id, at, what: 'gym' });

/** Whose a session or a block is and what judges it; schools that ship are always there. */
const headOf = ({ clientId, school }: Pick<Session | TrainingBlock, 'clientId' | 'school'>): Reference[] => [
  { kind: 'client', id: clientId, at: 'clientId', what: 'client' },
  ...((schoolIds as readonly string[]).includes(school)
    ? []
    : [{ kind: 'school' as const, id: school, at: 'school', what: 'school' }]),
];

const byKind: { [K in DocumentKind]: (document: Documents[K]) => Reference[] } = {
  client: ({ kitId }) => [gym(kitId)],
  session: (session) => [...headOf(session), gym(session.kitId)],
  block: (block) => [
    ...headOf(block),
    ...block.life.flatMap(({ kitId }, i) => (kitId === undefined ? [] : [gym(kitId, `life.${i}.kitId`)])),
  ],
  kit: () => [],
  school: () => [],
  notebook: () => [],
};

/** What a document points to, in the order it is looked for: a session with a client, a gym, and a school of the coach's own. */
export const referencesOf = <K extends DocumentKind>(kind: K, document: Documents[K]): Reference[] =>
  byKind[kind](document);
