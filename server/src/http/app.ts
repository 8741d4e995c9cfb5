import { existsSync } from 'node:fs';
import express, { type Express } from 'express';
import helmet from 'helmet';
import sirv from 'sirv';
import { z } from 'zod';
import { gate, type Access } from '../access/gate';
import { Links } from '../access/links';
import { SignIns } from '../access/sign-ins';
import { answeredOnce } from './answered-once';
import { answerProblems } from './answering';
import { allowHosts, notKept, onlyByTls, onlyUtf8, onlyWhile, sameOriginWrites } from './guards';
import { noNul, notTooDeep, wholeTexts } from '../documents/well-formed';
import { found } from '../queries/lists';
import { checked, Problem } from '../problems/problem';
import type { Appraising } from '../appraising/pool';
import { accessRoutes } from './routes/access';
import { joinRoute } from './routes/join';
import { appraiseRoutes } from './routes/appraise';
import { blockRoutes } from './routes/blocks';
import { clientRoutes } from './routes/clients';
import type { LongWork } from '../house/long-work';
import { dataRoutes } from './routes/data';
import { documentRoutes } from './routes/documents';
import { floorRoutes } from './routes/floor';
import { sessionRoutes } from './routes/sessions';
import { setRoutes } from './routes/sets';
import type { Store } from '../store/store';

export interface AppOptions {
  store: Store;
  webFolder: string;
  /** Appraises off the event loop. */
  appraising: Appraising;
  /** Who does long work on the database; left out, nothing of that is served. */
  work?: LongWork;
  /** Throws while the database file is not where it was opened. */
  there?: () => void;
  /** Who is let in where; left out, whoever asks is the coach at this machine. */
  access?: Access;
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
export function makeApp({
  store,
  appraising,
  webFolder,
  work,
  there,
  access = { isShared: false, addresses: [], folder: '', links: new Links(store.db), signIns: new SignIns() },
  log,
  today,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  // Nobody keeps an answer of the API, so nothing has to be told from what it was.
  app.disable('etag');
  app.use(helmet({ contentSecurityPolicy: policy, strictTransportSecurity: false }));
  app.use(
    allowHosts(access.isShared ? [...access.addresses, ...(access.names ?? [])] : []),
    sameOriginWrites,
    onlyByTls,
  );
  app.use('/join', joinRoute(access));
  app.use('/api', notKept, onlyUtf8, noNul, express.json({ limit: '1mb', verify: notTooDeep }), wholeTexts);
  if (there) app.use('/api', onlyWhile(there));
  app.use('/api', gate(access), answeredOnce());
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true });
  });
  app.use('/api/clients', clientRoutes(store, today, work));
  app.use('/api/kits', documentRoutes(store.kits));
  app.use('/api/schools', documentRoutes(store.schools));
  app.use('/api/notebooks', documentRoutes(store.notebooks));
  app.use('/api/sessions', sessionRoutes(store));
  app.use('/api/blocks', blockRoutes(store));
  app.use('/api/sets', setRoutes(store.sets));
  app.use('/api/floor', floorRoutes(store, today));
  app.use('/api/access', accessRoutes(access, store));
  app.get('/api/find', async (request, response) => {
    response.json(await found(store.db, checked(z.string().max(100), request.query.text, 'text')));
  });
  app.use('/api/appraise', appraiseRoutes(store, appraising, today));
  app.get('/api/unreadable', async (_request, response) => {
    response.json(await store.unreadable());
  });
  if (work) app.use('/api/data', dataRoutes({ store, today, work }));
  app.use('/api', () => {
    throw new Problem(404, 'not-found', 'There is nothing at this address.');
  });
  if (existsSync(webFolder)) {
    app.use(
      sirv(webFolder, {
        // The folder is looked at anew each time: a build beside a running server changes what lies in it.
        dev: true,
        etag: true,
        gzip: true,
        brotli: true,
        extensions: [],
        setHeaders: (response, path) => {
          if (path.startsWith('/assets/'))
            response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
        },
      }),
    );
    app.get(/\.[a-z0-9]+$/i, () => {
      throw new Problem(404, 'not-found', 'There is nothing at this address.');
    });
    app.get('/{*splat}', (_request, response) => {
      response.setHeader('Cache-Control', 'no-cache');
      response.sendFile('index.html', { root: webFolder, dotfiles: 'allow' });
    });
  }
  app.use(answerProblems(log));
  return app;
}
