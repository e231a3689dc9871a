import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import type { DemoAccount } from '@sleetcrest/contract/accounts';
import { admitted, type Handlers } from './access/admit.js';
import { setCaller } from './access/caller.js';
import { Keeping } from './access/keeping.js';
import { Attempts, type Patience } from './accounts/attempts.js';
import { exportHandler } from './accounts/everything.js';
import { accountHandlers } from './accounts/handlers.js';
import { AccountService } from './accounts/service.js';
import { Sessions } from './accounts/sessions.js';
import { groupHandlers } from './groups/handlers.js';
import { GroupService } from './groups/service.js';
import { handoutHandlers } from './handouts/handlers.js';
import { healthHandlers } from './health/handlers.js';
import { logging } from './http/logging.js';
import { sameOrigin } from './http/origin.js';
import { answerProblems, notFound } from './http/problem.js';
import { security } from './http/security.js';
import { web } from './http/web.js';
import { logHandlers } from './log/handlers.js';
import { LogStatistics } from './log/overview.js';
import { LogService } from './log/service.js';
import { methodHandlers } from './methods/handlers.js';
import { MethodService } from './methods/service.js';
import { solveHandlers } from './solves/handlers.js';
import { SolveService } from './solves/service.js';

export interface AppParts {
  sequelize: Sequelize;
  logger: Logger;
  /** The folder of the built web application, if it is to be served. */
  webRoot?: string | undefined;
  /** Accounts to try things out with, told on the sign-in page. */
  demo?: readonly DemoAccount[];
  /** How often a phrase may be tried wrongly. */
  patience?: Patience;
}

/** The API under `/api`, and the web application everywhere else. */
export function createApp(parts: AppParts): Express {
  const { sequelize, logger, webRoot, demo = [], patience } = parts;
  const app = express();
  app.disable('x-powered-by');
  // Whatever ends TLS before us runs on this machine; it says so in X-Forwarded-Proto.
  app.set('trust proxy', 'loopback');
  app.use(logging(logger), security, compression());

  const sessions = new Sessions(sequelize);
  app.use(
    '/api',
    sameOrigin,
    // A method may have every approach written out, and records come by the hundred.
    express.json({ limit: '512kb' }),
    async (request, response, next) => {
      response.setHeader('cache-control', 'no-store');
      const caller = await sessions.callerOf(request);
      if (caller) setCaller(request, caller);
      next();
    },
  );

  const accounts = new AccountService(sequelize);
  const groups = new GroupService(sequelize);
  const solves = new SolveService(sequelize);
  const methods = new MethodService(sequelize);
  const keeping = new Keeping(sessions);
  const handlers: Handlers = {
    ...healthHandlers(sequelize),
    ...handoutHandlers(),
    ...accountHandlers(accounts, sessions, new Attempts(sequelize, patience), demo),
    ...exportHandler({ sequelize, groups, solves, methods }),
    ...groupHandlers(groups, accounts, sessions),
    ...solveHandlers(solves, keeping),
    ...methodHandlers(methods, keeping),
    ...logHandlers(new LogService(sequelize), new LogStatistics(sequelize), sequelize),
  };
  app.use(admitted(express.Router(), handlers, groups));
  if (webRoot !== undefined) app.use(web(webRoot));
  app.use(notFound, answerProblems);
  return app;
}
