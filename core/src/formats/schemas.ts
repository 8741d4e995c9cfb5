import { z, type ZodType } from 'zod';
import { performedSetSchema } from '../log';
import { houseSchema } from './house';
import { kinds } from '../documents';

const schemaOf = (title: string, schema: ZodType): unknown => ({
  title,
  ...z.toJSONSchema(schema, { target: 'draft-2020-12' }),
});

/** JSON Schema (2020-12) of every document, of a logged set and of what an export says of itself, by file name. */
export const jsonSchemas = (): Record<string, unknown> => ({
  ...Object.fromEntries(
    Object.values(kinds).map(({ kind, version, schema }) => [
      `${kind}.schema.json`,
      schemaOf(`Drimbo ${kind}, version ${version}`, schema),
    ]),
  ),
  'logged-set.schema.json': schemaOf('Drimbo logged set', performedSetSchema),
  'house.schema.json': schemaOf('Drimbo export, version 1', houseSchema),
});
