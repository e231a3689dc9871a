import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import type { DemoAccount } from '@sleetcrest/contract/accounts';
import { admitted, type Handlers } from './access/admit.js';
import { Keeping } from './access/keeping.js';
import { exportHandler } from './accounts/everything.js';
import { accountHandlers } from './accounts/handlers.js';
import { AccountService } from './accounts/service.js';
import { Sessions } from './accounts/sessions.js';
import { Tries, type Patience } from './accounts/tries.js';
import { groupHandlers } from './groups/handlers.js';
import { GroupService } from './groups/service.js';
import { handoutHandlers } from './handouts/handlers.js';
import { healthHandlers } from './health/handlers.js';
import { ownHosts } from './http/hosts.js';
import { logging } from './http/logging.js';
import { sameOrigin } from './http/origin.js';
import { answerProblems, notFound } from './http/problem.js';
import { security } from './http/security.js';
import { web } from './http/web.js';
import { logHandlers } from './log/handlers.js';
import { LogStatistics } from './log/overview.js';
import { LogService } from './log/service.js';
import type { Metrics } from './metrics/metrics.js';
import { methodHandlers } from './methods/handlers.js';
import { MethodService } from './methods/service.js';
import { settingsHandlers } from './settings/handlers.js';
import { practiceHandlers } from './practice/handlers.js';
import { PracticeService } from './practice/service.js';
import { SettingsService } from './settings/service.js';
import { solveHandlers } from './solves/handlers.js';
import { SolveService } from './solves/service.js';
import { Secrets } from './accounts/secrets.js';
import { groupExportHandler } from './groups/export.js';
import { GroupRights } from './groups/rights.js';
import { assignmentHandlers } from './assignments/handlers.js';
import { AssignmentService } from './assignments/service.js';
import { liveHandlers } from './live/handlers.js';
import { LiveNews } from './live/news.js';
import { LiveService } from './live/service.js';
import { Streams } from './live/streams.js';
import { matrixHandlers } from './matrix/handlers.js';
import { MatrixService } from './matrix/service.js';
import { CalendarService } from './plans/calendar.js';
import { planHandlers } from './plans/handlers.js';
import { PlanService } from './plans/service.js';
import { printHandlers } from './prints/handlers.js';
import { PrintService } from './prints/service.js';
import { rosterHandlers } from './roster/handlers.js';
import { RosterService } from './roster/service.js';
import { workHandlers } from './work/handlers.js';
import { WorkService } from './work/service.js';

export interface AppParts {
  sequelize: Sequelize;
  logger: Logger;
  /** The folder of the built web application, if it is to be served. */
  webRoot?: string | undefined;
  /** Accounts to try things out with, told on the sign-in page. */
  demo?: readonly DemoAccount[];
  /** How often phrases and codes may be tried. */
  patience?: Patience;
  /** The names it goes by, and the addresses of proxies whose word is believed (config.ts). */
  names?: readonly string[];
  proxies?: readonly string[];
  metrics?: Metrics;
}

const closing = new WeakMap<Express, () => Promise<void>>();
const onClose = (app: Express, close: () => Promise<void>): void => void closing.set(app, close);

/** Ends what an application holds open beside requests; its server is finished after. */
export const closeApp = (app: Express): Promise<void> => closing.get(app)?.() ?? Promise.resolve();

/** The API under `/api`, and the web application everywhere else. */
export function createApp(parts: AppParts): Express {
  const { sequelize, logger, webRoot, demo = [], patience, metrics } = parts;
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', [...(parts.proxies ?? [])]);
  // No answer of the API is stored, so none is asked for again by its ETag.
  app.disable('etag');
  if (metrics) app.use(metrics.measuring);
  app.use(logging(logger), security, ownHosts(parts.names ?? []), compression());
  app.use('/api', sameOrigin);

  const sessions = new Sessions(sequelize);
  const tries = new Tries(sequelize, patience);
  const accounts = new AccountService(sequelize);
  const groups = new GroupService(sequelize);
  const solves = new SolveService(sequelize);
  const methods = new MethodService(sequelize);
  const settings = new SettingsService(sequelize);
  const practice = new PracticeService(sequelize);
  const keeping = new Keeping(sessions, tries);
  const log = new LogService(sequelize);
  const rights = new GroupRights(sequelize);
  const plans = new PlanService(sequelize);
  const matrix = new MatrixService(sequelize, practice);
  const assignments = new AssignmentService(sequelize);
  const work = new WorkService(sequelize, log, rights);
  const live = { news: new LiveNews(sequelize), streams: new Streams() };
  const prints = new PrintService(sequelize, logger, groups, matrix, assignments);
  prints.begin();
  onClose(app, async () => {
    prints.close();
    live.streams.close();
    await live.news.close();
  });
  const handlers: Handlers = {
    ...healthHandlers(sequelize),
    ...handoutHandlers(),
    ...accountHandlers(accounts, sessions, tries, demo),
    ...exportHandler({ sequelize, groups, solves, methods, settings, practice, assignments, work }),
    ...groupExportHandler({ groups, matrix, plans, assignments, work }),
    ...rosterHandlers(new RosterService(sequelize), groups, rights, tries),
    ...matrixHandlers(matrix, groups),
    ...planHandlers(plans, new CalendarService(sequelize, new Secrets(sequelize), plans)),
    ...assignmentHandlers(assignments),
    ...workHandlers(work),
    ...printHandlers(prints),
    ...liveHandlers(new LiveService(sequelize), live.news, live.streams, sessions, keeping, tries),
    ...groupHandlers(groups, accounts, sessions, tries),
    ...solveHandlers(solves, keeping),
    ...methodHandlers(methods, keeping),
    ...settingsHandlers(settings),
    ...practiceHandlers(practice),
    ...logHandlers(log, new LogStatistics(sequelize), sequelize, sessions),
  };
  app.use(admitted(express.Router(), handlers, rights, sessions));
  if (webRoot !== undefined) app.use(web(webRoot));
  app.use(notFound, answerProblems);
  return app;
}
