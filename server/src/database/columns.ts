import { endsOn } from '@drimbo/core/block';
import { blockKind, openKept, type DocumentKind } from '@drimbo/core/documents';
import { statuses } from '@drimbo/core/session';
import { refsOf } from './refs';

type Raw = Record<string, unknown>;

const rankOf = (status: string): number => Math.max(0, (statuses as readonly string[]).indexOf(status));

const textIn = (raw: Raw, key: string): string => (typeof raw[key] === 'string' ? raw[key] : '');
const figureIn = (raw: Raw, key: string): number => (typeof raw[key] === 'number' ? raw[key] : 0);

/** A name as it is looked for: small letters without accents. */
export const folded = (text: string): string =>
  text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().trim();

const movementsIn = (raw: Raw): number =>
  (Array.isArray(raw.blocks) ? (raw.blocks as Raw[]) : []).reduce(
    (n, block) => n + (Array.isArray(block?.lines) ? block.lines.length : 0),
    0,
  );

const byKind: Record<DocumentKind, (raw: Raw) => Record<string, string | number>> = {
  client: (raw) => ({
    name: textIn(raw, 'name'),
    name_key: folded(textIn(raw, 'name')),
  }),
  session: (raw) => ({
    client_id: textIn(raw, 'clientId'),
    title: textIn(raw, 'title'),
    title_key: folded(textIn(raw, 'title')),
    status_rank: rankOf(textIn(raw, 'status')),
    day: textIn(raw, 'date'),
    minutes: figureIn(raw, 'minutes'),
    movements: movementsIn(raw),
    emphasis: textIn(raw, 'emphasis'),
  }),
  kit: () => ({}),
  notebook: () => ({}),
  school: () => ({}),
  block: (raw) => {
    const opened = openKept(blockKind, raw);
    const block = 'document' in opened ? opened.document : null;
    return {
      client_id: textIn(raw, 'clientId'),
      title: textIn(raw, 'title'),
      title_key: folded(textIn(raw, 'title')),
      starts_on: textIn(raw, 'startsOn'),
      ends_on: block ? endsOn(block) : '',
    };
  },
};

/**
 * What is kept beside a document so that it is found and put in order without reading it. Takes any JSON: what
 * is no document gives empty columns.
 */
export function columnsOf(kind: DocumentKind, raw: unknown): Record<string, string | number> {
  const found = typeof raw === 'object' && raw !== null ? (raw as Raw) : {};
  return { ...byKind[kind](found), refs: refsOf(kind, found) };
}
