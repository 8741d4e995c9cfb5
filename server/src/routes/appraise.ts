import { appraise } from '@drimbo/core';
import { makeReport } from '@drimbo/core/formats/report';
import { kitSchema } from '@drimbo/core/kit/kit';
import { notebookSchema } from '@drimbo/core/movements/notebook';
import { clientSchema } from '@drimbo/core/session/client';
import { sessionSchema } from '@drimbo/core/session/document';
import { liftRecordSchema } from '@drimbo/core/strength/evidence';
import { Router } from 'express';
import { z } from 'zod';
import { COACH } from '../database/migrations';
import { checked, Problem } from '../problem';
import type { Store } from '../store';

const stored = z.string().min(1).max(60);

/** What `POST /api/appraise` takes. Without `client` or `kit` those the session names are used. */
export const appraiseRequestSchema = z
  .object({
    session: sessionSchema,
    client: z.union([stored, clientSchema]).optional(),
    kit: z.union([stored, kitSchema]).optional(),
    /** The coach's own movements and cues; left out, the stored ones. */
    notebook: notebookSchema.optional(),
    /** Logged sets for an inline client; a stored client brings its own. */
    logged: z.array(liftRecordSchema).max(500).optional(),
    today: z
      .string()
      .regex(/^\d{4}-\d{2}-\d{2}$/)
      .optional(),
  })
  .strict();

/** The machine-readable front door. */
export function appraiseRoutes(store: Store, today: () => string): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    const body = checked(appraiseRequestSchema, request.body);
    const clientRef = body.client ?? body.session.clientId;
    const kitRef = body.kit ?? body.session.kitId;
    const client =
      typeof clientRef === 'string' ? (await store.clients.find(clientRef))?.document : clientRef;
    if (!client)
      throw new Problem(
        404,
        'not-found',
        'There is no client with this id; send the client inline.',
        'client',
      );
    const kit = typeof kitRef === 'string' ? (await store.kits.find(kitRef))?.document : kitRef;
    if (!kit)
      throw new Problem(404, 'not-found', 'There is no kit with this id; send the kit inline.', 'kit');
    const logged = body.logged ?? (typeof clientRef === 'string' ? await store.logged(clientRef) : []);
    const notebook = body.notebook ?? (await store.notebooks.get(COACH)).document;
    const context = { client, kit, logged, notebook, todayIso: body.today ?? today() };
    response.json(makeReport(appraise(body.session, context), context));
  });
  return router;
}
