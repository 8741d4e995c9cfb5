import type { DocumentKind } from '@drimbo/core/documents';
import { Router } from 'express';
import { z } from 'zod';
import type { Documents } from '../../documents/documents';
import { checked, Problem } from '../../problems/problem';

const newId = z.string().regex(/^[a-z0-9][a-z0-9-]{1,58}$/, 'an id of small letters, figures and dashes');

/** GET list, GET one, POST new, PUT with revision, DELETE with revision, bring-back: alike for every kind of document. */
export function documentRoutes<K extends DocumentKind>(documents: Documents<K>): Router {
  const router = Router();
  const creation = z.object({ id: newId, document: z.unknown() }).strict();
  /** In the body or the query: the revision that is meant, and whether what needs the document goes along. */
  const deletion = z
    .object({
      revision: z.coerce.number().int().min(1),
      along: z.union([z.boolean(), z.stringbool()]).optional(),
    })
    .strict();
  const change = z.object({ revision: z.number().int().min(1), document: z.unknown() }).strict();

  router.get('/', async (_request, response) => {
    response.json(await documents.list());
  });
  router.get('/:id', async (request, response) => {
    response.json(await documents.get(request.params.id));
  });
  if (documents.isSingle) {
    router.use((request, _response, next) => {
      const isFine = request.method === 'GET' || request.method === 'HEAD' || request.method === 'PUT';
      next(
        isFine
          ? undefined
          : new Problem(
              409,
              'only-one',
              `There is one ${documents.kind}; it is changed, not made or deleted.`,
            ),
      );
    });
  }
  router.post('/', async (request, response) => {
    const body = checked(creation, request.body);
    response.status(201).json(await documents.create(body.id, body.document));
  });
  router.put('/:id', async (request, response) => {
    const body = checked(change, request.body);
    response.json(await documents.replace(request.params.id, body.revision, body.document));
  });
  router.delete('/:id', async (request, response) => {
    const { revision, along } = checked(deletion, { ...request.query, ...(request.body as object) });
    await documents.remove(request.params.id, revision, along ?? false);
    response.status(204).end();
  });
  router.post('/:id/bring-back', async (request, response) => {
    response.json(await documents.bringBack(request.params.id));
  });
  return router;
}
