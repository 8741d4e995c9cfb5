/** Documents of older versions, brought to the newest one step at a time. A new field is a step and a fixture. */
export const sessionVersion = 2;

type Raw = Record<string, unknown>;

/** From version n to n + 1, at n − 1. */
const steps: readonly ((document: Raw) => Raw)[] = [
  // 2: a drop set may give each stage its own repetitions. Older ones have the same in every stage.
  (document) => ({ ...document, version: 2 }),
];

/** A session document of any version as one of the newest; what is none is given back as it is. */
export function latestSession(document: unknown): unknown {
  if (typeof document !== 'object' || document === null || !('version' in document)) return document;
  let found = document as Raw;
  for (let v = Number(found.version); v >= 1 && v < sessionVersion; v++) found = steps[v - 1]!(found);
  return found;
}
