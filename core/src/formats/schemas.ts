import { z } from 'zod';
import { kitSchema } from '../kit/kit';
import { notebookSchema } from '../movements/notebook';
import { clientSchema } from '../session/client';
import { newestSessionSchema } from '../session/document';
import { sessionVersion } from '../session/versions';

/** JSON Schema (2020-12) of every document, by file name. */
export const documentSchemas = (): Record<string, unknown> => ({
  'session.schema.json': {
    title: `Drimbo session, version ${sessionVersion}`,
    ...z.toJSONSchema(newestSessionSchema, { target: 'draft-2020-12' }),
  },
  'client.schema.json': {
    title: 'Drimbo client, version 1',
    ...z.toJSONSchema(clientSchema, { target: 'draft-2020-12' }),
  },
  'kit.schema.json': {
    title: 'Drimbo kit, version 1',
    ...z.toJSONSchema(kitSchema, { target: 'draft-2020-12' }),
  },
  'notebook.schema.json': {
    title: 'Drimbo notebook, version 1',
    ...z.toJSONSchema(notebookSchema, { target: 'draft-2020-12' }),
  },
});
