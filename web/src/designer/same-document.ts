import type { ZodType } from 'zod';

/** Whether two documents of a kind say the same, whatever the order of their keys. */
export const sameBy =
  <T>(schema: ZodType<T>) =>
  (a: T, b: T): boolean =>
    JSON.stringify(schema.parse(a)) === JSON.stringify(schema.parse(b));
