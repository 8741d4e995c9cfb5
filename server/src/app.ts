import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { allowHosts, sameOriginWrites } from './guards';
import { answerProblems, Problem } from './problem';
import { appraiseRoutes } from './routes/appraise';
import { clientRoutes } from './routes/clients';
import { documentRoutes } from './routes/documents';
import type { Store } from './store';

export interface AppOptions {
  store: Store;
  webFolder: string;
  log: (error: unknown) => void;
  /** The day it is, ISO date. */
  today: () => string;
}

const policy = {
  useDefaults: false,
  directives: {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
    workerSrc: ["'self'", 'blob:'],
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", 'data:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    objectSrc: ["'none'"],
    baseUri: ["'self'"],
    formAction: ["'self'"],
    frameAncestors: ["'none'"],
  },
};

/** The web application: API under /api, the built pages for everything else. */
export function makeApp({ store, webFolder, log, today }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(helmet({ contentSecurityPolicy: policy, strictTransportSecurity: false }));
  app.use(allowHosts, sameOriginWrites);
  app.use('/api', express.json({ limit: '1mb' }));
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true });
  });
  app.use('/api/clients', clientRoutes(store, today));
  app.use('/api/kits', documentRoutes(store.kits));
  app.use('/api/notebooks', documentRoutes(store.notebooks));
  app.use('/api/sessions', documentRoutes(store.sessions));
  app.use('/api/appraise', appraiseRoutes(store, today));
  app.use('/api', () => {
    throw new Problem(404, 'not-found', 'There is nothing at this address.');
  });
  if (existsSync(webFolder)) {
    app.use(
      express.static(webFolder, {
        index: false,
        maxAge: '1h',
        setHeaders: (r, path) =>
          path.includes('assets') && r.setHeader('Cache-Control', 'public, max-age=31536000, immutable'),
      }),
    );
    app.get('/{*splat}', (_request, response) => {
      response.setHeader('Cache-Control', 'no-cache');
      response.sendFile(join(webFolder, 'index.html'));
    });
  }
  app.use(answerProblems(log));
  return app;
}
