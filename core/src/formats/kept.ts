import type { ZodType } from 'zod';
import { keptBy, keptFrom, replacing, type Kept } from './any-version';
import { newestSchemas, type Documents } from './opening';
import type { DocumentKind } from './steps';

/** `keptBy` for any kind. */
export const openKept = <K extends DocumentKind>(kind: K, raw: unknown): Kept<Documents[K]> =>
  keptBy(kind, newestSchemas[kind], raw);

/** `replacing` for any kind. */
export const mayReplace = <K extends DocumentKind>(
  kind: K,
  next: unknown,
  here: unknown,
): Kept<Documents[K]> => replacing(kind, newestSchemas[kind], next, here);

/** Schemas that take what is kept, bounds or not. */
export const keptSchemas: { [K in DocumentKind]: ZodType<Documents[K]> } = {
  session: keptFrom('session', newestSchemas.session),
  client: keptFrom('client', newestSchemas.client),
  kit: keptFrom('kit', newestSchemas.kit),
  notebook: keptFrom('notebook', newestSchemas.notebook),
  school: keptFrom('school', newestSchemas.school),
  block: keptFrom('block', newestSchemas.block),
};
