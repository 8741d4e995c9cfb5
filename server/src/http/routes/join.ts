import { rateLimit } from 'express-rate-limit';
import { Router } from 'express';
import { CLIENT, cookieFor, type Access } from '../../access/gate';
import { tooOften } from '../../access/too-often';

const DAY_MS = 86_400_000;
/** Links nobody made, from one address, in a minute. */
const WRONG_LINKS = 30;
const OVER = '/link-over';

/** A client opens their link: the browser keeps it, and the session it leads to opens. */
export function joinRoute({ links }: Access): Router {
  const router = Router();
  router.get(
    '/:token',
    rateLimit({
      windowMs: 60_000,
      limit: WRONG_LINKS,
      legacyHeaders: false,
      skipSuccessfulRequests: true,
      requestWasSuccessful: (_request, response) => response.getHeader('Location') !== OVER,
      handler: tooOften('Too many links that lead nowhere. Wait a minute and open yours again.'),
    }),
    async (request, response) => {
      const token = String(request.params.token);
      const whose = await links.whose(token);
      if (!whose) {
        response.redirect(303, OVER);
        return;
      }
      const left = Math.min(Date.parse(whose.expiresAt) - Date.now(), 90 * DAY_MS);
      response.cookie(CLIENT, token, cookieFor(request, left));
      response.setHeader('Cache-Control', 'no-store');
      response.redirect(303, `/floor/${encodeURIComponent(whose.sessionId)}`);
    },
  );
  return router;
}
