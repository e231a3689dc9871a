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
import { packing } from './http/packing.js';
import { answerProblems, notFound } from './http/problem.js';
import { security } from './http/security.js';
import { web } from './http/web.js';
import { logHandlers } from './log/handlers.js';
import { Jobs, type Sending } from './jobs/jobs.js';
import { PrintMaking } from './prints/making.js';
import { upkeep } from './upkeep/upkeep.js';
import { LogStatistics } from './statistics/overview.js';
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
import { LiveService } from './live/service.js';
import { Streams } from './live/streams.js';
import { turns } from './live/turns.js';
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
  /** Whether anybody may sign up as a coach, or who was invited. */
  coaches?: 'open' | 'invited';
  /** Whether this process does jobs; asked for they are in any case, where it does. */
  works?: boolean;
}

/** Where no process does jobs, as in most specs, none are asked for. */
const NOBODY_WORKS: Sending = { send: () => Promise.resolve() };

const closing = new WeakMap<Express, () => Promise<void>>();
const onClose = (app: Express, close: () => Promise<void>): void => void closing.set(app, close);

/** Ends what an application holds open beside requests; its server is finished after. */
export const closeApp = (app: Express): Promise<void> => closing.get(app)?.() ?? Promise.resolve();

const following = new WeakMap<Express, Streams>();
/** How many pages follow a session through an application. */
export const streamsOf = (app: Express): number => following.get(app)?.figures.streams ?? 0;

/** The API under `/api`, and the web application everywhere else. */
export function createApp(parts: AppParts): Express {
  const { sequelize, logger, webRoot, demo = [], patience, metrics } = parts;
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', [...(parts.proxies ?? [])]);
  // No answer of the API is stored, so none is asked for again by its ETag.
  app.disable('etag');
  if (metrics) app.use(metrics.measuring);
  // Before anything else: what a page costs that waits is next to nothing.
  app.use('/api/live', turns());
  app.use(logging(logger), security, ownHosts(parts.names ?? []), packing, sameOrigin);

  const sessions = new Sessions(sequelize);
  const tries = new Tries(sequelize, patience);
  const accounts = new AccountService(sequelize, parts.coaches);
  const groups = new GroupService(sequelize);
  const solves = new SolveService(sequelize);
  const methods = new MethodService(sequelize);
  const settings = new SettingsService(sequelize);
  const practice = new PracticeService(sequelize);
  const keeping = new Keeping(sessions, tries);
  const log = new LogService(sequelize);
  const rights = new GroupRights(sequelize);
  const plans = new PlanService(sequelize);
  const matrix = new MatrixService(sequelize, practice.facts);
  const assignments = new AssignmentService(sequelize);
  const work = new WorkService(sequelize, log);
  const streams = new Streams(sequelize);
  following.set(app, streams);
  const secrets = new Secrets(sequelize);
  const { works = true } = parts;
  const jobs = works ? new Jobs(sequelize, logger) : undefined;
  const sending: Sending = jobs ?? NOBODY_WORKS;
  metrics?.follow(streams, jobs);
  let making: PrintMaking | undefined;
  if (jobs) {
    making = new PrintMaking(sequelize, jobs, groups, matrix, assignments);
    upkeep(sequelize, jobs, logger);
    making.begin();
    void jobs.begin();
  }
  onClose(app, async () => {
    making?.close();
    await Promise.all([streams.close(), jobs?.close()]);
  });
  const handlers: Handlers = {
    ...healthHandlers(sequelize),
    ...handoutHandlers(tries),
    ...accountHandlers(accounts, sessions, tries, sending, demo),
    ...exportHandler({ sequelize, groups, solves, methods, settings, practice, assignments, work }),
    ...groupExportHandler({ groups, matrix, plans, assignments, work }),
    ...rosterHandlers(new RosterService(sequelize, secrets), tries),
    ...matrixHandlers(matrix, groups),
    ...planHandlers(plans, new CalendarService(sequelize, secrets, plans)),
    ...assignmentHandlers(assignments),
    ...workHandlers(work),
    ...printHandlers(new PrintService(sequelize, sending)),
    ...liveHandlers(new LiveService(sequelize), streams, sessions, keeping, tries),
    ...groupHandlers(groups, accounts, sessions, tries),
    ...solveHandlers(solves, keeping),
    ...methodHandlers(methods, keeping),
    ...settingsHandlers(settings),
    ...practiceHandlers(practice, sending),
    ...logHandlers(log, new LogStatistics(sequelize), sequelize, sessions),
  };
  app.use(admitted(handlers, rights, sessions));
  if (webRoot !== undefined) app.use(web(webRoot));
  app.use(notFound, answerProblems(logger));
  return app;
}
