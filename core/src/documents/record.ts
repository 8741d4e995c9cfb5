import type { ZodType } from 'zod';
import type { MassUnit } from '../units';
import type { Splits } from './splitting';

/** A document as it lies in a file: its fields are known only once the schema has seen it. */
export type Raw = Record<string, unknown>;

/** What can be pointed to by an id. */
export type Pointed = 'client' | 'kit' | 'school' | 'session' | 'movement';

/** Something a document points to by its id. */
export interface Reference {
  kind: Pointed;
  id: string;
  /** Where in the document, "life.0.kitId". */
  at: string;
  /** As a person calls it: "gym". */
  what: string;
  /** The document is nothing without it. Otherwise it goes on, and tells that it is gone. */
  isNeeded: boolean;
}

/** From one version to the next. Pure; what it cannot read it leaves for the schema, or throws a `CannotOpen`. */
export interface Step {
  /** What is new in the later version, in words. */
  name: string;
  does: (document: Raw) => Raw;
}

/** A field without its own words: what opens a document and what is told apart in parts. */
type Head = 'format' | 'version';

/** How a field is called; every field has a name, or the compiler says which has none. */
export type FieldNames<T> = Record<Exclude<keyof T & string, Head>, string>;

/** How a field is said, where a plain figure, text or list does not do; of a field told apart, each of its parts. */
export type FieldWords<T> = {
  [F in keyof T & string]?: (value: never, unit: MassUnit) => string;
};

/** Everything the house knows of one kind of document. */
export interface DocumentRecord<K extends string, T extends object> {
  kind: K;
  /** As a person calls one: "gym". */
  name: string;
  /** The schema of the newest version. */
  schema: ZodType<T>;
  /** The steps between versions, that from version 1 first. */
  steps: readonly Step[];
  /** Fields that two people may change in different places; the others are changed as a whole. */
  splits: Splits<T>;
  names: FieldNames<T>;
  words: FieldWords<T>;
  refersTo: (document: T) => Reference[];
  /** There is one in the house, always: it is neither made nor deleted. */
  isSingle: boolean;
  /** The field that says whose it is, where it stays with whom it was made for. */
  owner: (keyof T & string) | null;
}
