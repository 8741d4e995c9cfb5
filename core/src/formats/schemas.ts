import { z, type ZodType } from 'zod';
import { performedSetSchema } from '../log/performed-set';
import { houseSchema } from './house';
import { newestSchemas } from './opening';
import { documentKinds, versionOf } from './steps';

const schemaOf = (title: string, schema: ZodType): unknown => ({
  title,
  ...z.toJSONSchema(schema, { target: 'draft-2020-12' }),
});

/** JSON Schema (2020-12) of every document, of a logged set and of what an export says of itself, by file name. */
export const jsonSchemas = (): Record<string, unknown> => ({
  ...Object.fromEntries(
    documentKinds.map((kind) => [
      `${kind}.schema.json`,
      schemaOf(`Drimbo ${kind}, version ${versionOf(kind)}`, newestSchemas[kind]),
    ]),
  ),
  'logged-set.schema.json': schemaOf('Drimbo logged set', performedSetSchema),
  'house.schema.json': schemaOf('Drimbo export, version 1', houseSchema),
});
