import type { DocumentKind } from '@drimbo/core/formats/steps';
import { Router } from 'express';
import { z } from 'zod';
import type { Documents } from '../documents';
import { checked } from '../problem';

const newId = z.string().regex(/^[a-z0-9][a-z0-9-]{1,58}$/, 'an id of small letters, figures and dashes');

/** GET list, GET one, POST new, PUT with revision, DELETE: the same for every kind of document. */
export function documentRoutes<K extends DocumentKind>(documents: Documents<K>): Router {
  const router = Router();
  const creation = z.object({ id: newId, document: z.unknown() }).strict();
  const change = z.object({ revision: z.number().int().min(1), document: z.unknown() }).strict();

  router.get('/', async (_request, response) => {
    response.json(await documents.list());
  });
  router.get('/:id', async (request, response) => {
    response.json(await documents.get(request.params.id));
  });
  router.post('/', async (request, response) => {
    const body = checked(creation, request.body);
    response.status(201).json(await documents.create(body.id, body.document));
  });
  router.put('/:id', async (request, response) => {
    const body = checked(change, request.body);
    response.json(await documents.replace(request.params.id, body.revision, body.document));
  });
  router.delete('/:id', async (request, response) => {
    await documents.remove(request.params.id);
    response.status(204).end();
  });
  return router;
}
