import { pino } from 'pino';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { openDatabase } from './database/database.js';
import { migrations } from './database/migrate.js';
import { finish, listen } from './serve.js';

const config = readConfig(process.env);
const logger = pino({ level: config.logLevel }, pino.destination({ fd: 2, sync: true }));
const sequelize = openDatabase(config.databaseUrl);
await migrations(sequelize).up();

const app = createApp({ sequelize, logger, webRoot: config.webRoot, demo: config.demo });
const server = await listen(app, config.port, config.host);
logger.info({ host: config.host, port: config.port }, 'listening');
// Tells a parent process that requests will be answered from now on.
process.send?.({ ready: true });

let stopping = false;
async function stop(signal: string): Promise<void> {
  if (stopping) return;
  stopping = true;
  logger.info({ signal }, 'finishing what is under way');
  await finish(server);
  await sequelize.close();
  logger.info('stopped');
  if (process.connected) process.disconnect();
}
process.on('SIGTERM', () => void stop('SIGTERM'));
process.on('SIGINT', () => void stop('SIGINT'));
// Started by a parent that is gone: nobody is left to stop us later.
process.on('disconnect', () => void stop('disconnect'));
