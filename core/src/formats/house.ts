import { z } from 'zod';
import { documentKinds, type DocumentKind } from '../documents';

/** What an export says of itself, in `house.json`. */
export const houseSchema = z.object({
  format: z.literal('drimbo.house'),
  version: z.literal(1),
  /** When it was written, ISO time. */
  written: z.string(),
  /** The only client in it, by id; null for the whole house. */
  client: z.string().nullable(),
  counts: z.object({
    clients: z.number().int().min(0),
    kits: z.number().int().min(0),
    sessions: z.number().int().min(0),
    notebooks: z.number().int().min(0),
    /** Left out by exports from before there were any. */
    schools: z.number().int().min(0).default(0),
    blocks: z.number().int().min(0).default(0),
    sets: z.number().int().min(0),
  }),
});

export type House = z.infer<typeof houseSchema>;

export const HOUSE_FILE = 'house.json';

/** What a file of an export holds. */
export type HouseEntry =
  | { is: 'house' }
  | { is: 'document'; kind: DocumentKind; id: string }
  | { is: 'sets' }
  /** Schemas, sessions as text, and whatever else lies there: for people and other programs. */
  | { is: 'other' };

const documentPath = new RegExp(`^(${documentKinds.join('|')})s/([a-z0-9][a-z0-9-]{0,99})\\.json$`);

/** @example entryAt('clients/ada.json') // { is: 'document', kind: 'client', id: 'ada' } */
export function entryAt(path: string): HouseEntry {
  if (path === HOUSE_FILE) return { is: 'house' };
  if (/^sets\/[a-z0-9-]+\.csv$/.test(path)) return { is: 'sets' };
  const found = documentPath.exec(path);
  return found ? { is: 'document', kind: found[1] as DocumentKind, id: found[2]! } : { is: 'other' };
}

export const pathOf = (kind: DocumentKind, id: string): string => `${kind}s/${id}.json`;
export const sessionTextPath = (id: string): string => `sessions/${id}.txt`;
export const setsPath = (clientId: string): string => `sets/${clientId}.csv`;
