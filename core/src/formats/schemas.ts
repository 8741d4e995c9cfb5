import { z } from 'zod';
import { newestSchemas } from './opening';
import { documentKinds, versionOf } from './steps';

/** JSON Schema (2020-12) of every document, by file name. */
export const jsonSchemas = (): Record<string, unknown> =>
  Object.fromEntries(
    documentKinds.map((kind) => [
      `${kind}.schema.json`,
      {
        title: `Drimbo ${kind}, version ${versionOf(kind)}`,
        ...z.toJSONSchema(newestSchemas[kind], { target: 'draft-2020-12' }),
      },
    ]),
  );
