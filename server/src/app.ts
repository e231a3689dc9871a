import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import { healthRouter } from './health/router.js';
import { logging } from './http/logging.js';
import { answerProblems, notFound } from './http/problem.js';
import { security } from './http/security.js';
import { web } from './http/web.js';
import { handoutsRouter } from './handouts/router.js';
import { methodsRouter } from './methods/router.js';
import { MethodService } from './methods/service.js';
import { openApiDocument } from './openapi/document.js';
import { solvesRouter } from './solves/router.js';
import { SolveService } from './solves/service.js';

export interface AppParts {
  sequelize: Sequelize;
  logger: Logger;
  /** The folder of the built web application, if it is to be served. */
  webRoot?: string | undefined;
}

/** The API under `/api`, and the web application everywhere else. */
export function createApp({ sequelize, logger, webRoot }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(logging(logger), security, compression());
  // A method may have every approach written out.
  app.use('/api', express.json({ limit: '512kb' }), (_, response, next) => {
    response.setHeader('cache-control', 'no-store');
    next();
  });
  app.use('/api/health', healthRouter(sequelize));
  app.use('/api/solves', solvesRouter(new SolveService(sequelize)));
  app.use('/api/methods', methodsRouter(new MethodService(sequelize)));
  app.use('/api/handouts', handoutsRouter());
  app.get('/api/openapi.json', (_, response) => {
    response.json(openApiDocument);
  });
  if (webRoot !== undefined) app.use(web(webRoot));
  app.use(notFound, answerProblems);
  return app;
}
