import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import { AccountService } from '../accounts/service.js';
import type { Jobs } from '../jobs/jobs.js';
import { PracticeFacts } from '../practice/facts.js';
import { recount } from '../practice/queries.js';
import { purge } from './purge.js';

/** What is looked after beside requests, each as a job of its kind. */
export function upkeep(sequelize: Sequelize, jobs: Jobs, logger: Logger): void {
  const accounts = new AccountService(sequelize);
  const facts = new PracticeFacts(sequelize);
  jobs.on('purge', async (_, signal) => {
    const gone = await purge(sequelize, signal);
    const count = Object.values(gone).reduce((sum, some) => sum + some, 0);
    logger.info({ work: 'purge', count }, 'removed what is kept no longer');
  });
  jobs.on('upkeep', async () => {
    const count = await recount(sequelize);
    logger.info({ work: 'upkeep', count }, 'counted answers that were not counted as they came');
  });
  jobs.on('remove-account', async ({ account }) => void (await accounts.removeRest(account)));
  jobs.on('practice-facts', ({ account }, signal) => facts.keep(account, signal));
}
