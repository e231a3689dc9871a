import { setTimeout as sleep } from 'node:timers/promises';
import { closeApp, createApp } from './app.js';
import { readConfig } from './config.js';
import { openDatabase } from './database/connection.js';
import { migrate, NewerDatabase } from './database/migrate.js';
import { errorFields, openLog } from './http/logging.js';
import { Metrics } from './metrics/metrics.js';
import { finish, listen } from './serve.js';

/** Milliseconds for what is under way to be answered, and for the database to hear that we go: ten seconds in all. */
const UNDER_WAY = 7500;
const LAST_WORDS = 1000;

const config = readConfig(process.env);
const logger = openLog(config.logLevel);

try {
  await migrate(config.databaseUrl);
} catch (error) {
  if (!(error instanceof NewerDatabase)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
const sequelize = openDatabase(config.databaseUrl, { settings: config.database });
const metrics = new Metrics(sequelize);
// The last resort: one request's fault must not end everybody's. `npm run hostile` wants none of them.
process.on('unhandledRejection', (error) => {
  metrics.strays.inc();
  logger.error({ error: errorFields(error) }, 'a promise failed with nobody awaiting it');
});

const app = createApp({
  ...config,
  names: [...config.names, config.host],
  sequelize,
  logger,
  metrics,
});
const server = await listen(app, config.port, config.host);
metrics.of(server);
// A port that is taken, as by a second process, is told and stops nothing.
const told =
  config.metricsPort === 0
    ? undefined
    : await metrics.tell(config.metricsPort).catch((error: unknown) => {
        logger.warn({ port: config.metricsPort, error: errorFields(error) }, 'no figures are told');
        return undefined;
      });
logger.info({ host: config.host, port: config.port }, 'listening');
// Tells a parent process that requests will be answered from now on.
process.send?.({ ready: true });

let stopping = false;
async function stop(signal: string): Promise<void> {
  // Asked again: whoever asks will not wait.
  if (stopping) process.exit(1);
  stopping = true;
  logger.info({ signal }, 'finishing what is under way');
  told?.closeAllConnections();
  told?.close();
  // Pages that follow a session go on following it elsewhere.
  const closed = closeApp(app).catch(() => undefined);
  await finish(server, UNDER_WAY);
  // Every request is answered or cut off: a database that does not answer is not waited for.
  await Promise.race([closed, sleep(LAST_WORDS)]);
  await Promise.race([sequelize.close(), sleep(LAST_WORDS)]);
  logger.info('stopped');
  process.exit();
}
process.on('SIGTERM', () => void stop('SIGTERM'));
process.on('SIGINT', () => void stop('SIGINT'));
// Started by a parent that is gone: nobody is left to stop us later.
process.on('disconnect', () => {
  if (!stopping) void stop('disconnect');
});
