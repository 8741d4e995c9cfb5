/** One list or table of a document in parts and back. A part without an id is what is left: the order of a list. */
export interface Split<V> {
  apart: (value: V) => (readonly [id: string, part: unknown])[];
  together: (parts: readonly (readonly [id: string, part: unknown])[]) => V;
  /** What a part is called, by its id and what either side has of it. */
  name: (id: string, part: never) => string;
  /** Things of a list stand in an order that is a part of its own, and are taken from whoever has them. */
  isOrdered?: boolean;
}

/** The fields of a document that are told apart in parts. */
export type Splits<T> = { [F in keyof T & string]?: Split<NonNullable<T[F]>> };

const SEPARATOR = ':';

/** The name of a part: "minutes", "own:my-press". */
const partKey = (field: string, id = ''): string => (id === '' ? field : `${field}${SEPARATOR}${id}`);

/** The field a part belongs to, and its id in that field; empty where it is the field itself. */
export function partOf(key: string): { field: string; id: string } {
  const at = key.indexOf(SEPARATOR);
  return at === -1 ? { field: key, id: '' } : { field: key.slice(0, at), id: key.slice(at + 1) };
}

/** A list of things that have a key of their own and may stand in any order. */
export const listBy = <V>(keyOf: (item: V) => string, name: (id: string, part: V) => string): Split<V[]> => ({
  apart: (list) => list.map((item) => [keyOf(item), item]),
  together: (parts) => parts.map(([, item]) => item as V),
  name,
});

/** A table by id. */
export const tableBy = <V>(name: (id: string, part: V) => string): Split<Record<string, V>> => ({
  apart: (table) => Object.entries(table),
  together: (parts) => Object.fromEntries(parts) as Record<string, V>,
  name,
});

/** Ways to take a document apart and to put it together again, by its splits. */
export function apartBy<T extends object>(
  splits: Splits<T>,
): {
  apart: (document: T) => Map<string, unknown>;
  together: (parts: ReadonlyMap<string, unknown>) => T;
} {
  const table = splits as Record<string, Split<unknown> | undefined>;
  return {
    apart: (document) => {
      const parts = new Map<string, unknown>();
      for (const [field, value] of Object.entries(document)) {
        const split = table[field];
        if (!split || value === undefined) parts.set(field, value);
        else for (const [id, part] of split.apart(value)) parts.set(partKey(field, id), part);
      }
      return parts;
    },
    together: (parts) => {
      const fields = new Map<string, [string, unknown][]>();
      for (const field of Object.keys(table)) fields.set(field, []);
      const whole: Record<string, unknown> = {};
      for (const [key, value] of parts) {
        const { field, id } = partOf(key);
        if (value === undefined) continue;
        if (table[field]) fields.get(field)!.push([id, value]);
        else whole[field] = value;
      }
      for (const [field, split] of Object.entries(table))
        if (split) whole[field] = split.together(fields.get(field)!);
      return whole as T;
    },
  };
}
