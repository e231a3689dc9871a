import { pino } from 'pino';
import { migratedDatabase, type TestDatabase } from '../app.spec-support.js';
import { USUAL_SETTINGS } from '../database/connection.js';
import { Jobs } from './jobs.js';

describe('jobs', () => {
  let database: TestDatabase;
  beforeEach(async () => (database = await migratedDatabase()));
  afterEach(() => database.drop());

  it('leave no connection in a transaction that was refused half-way', async () => {
    const { sequelize } = database;
    // As when another process makes the same tables at this moment.
    await sequelize.query('DROP SCHEMA pgboss CASCADE; CREATE SCHEMA pgboss');
    await sequelize.query("CREATE TYPE pgboss.job_state AS ENUM ('created')");
    const jobs = new Jobs(sequelize, pino({ enabled: false }));
    await expectAsync(jobs.start()).toBeRejected();
    await jobs.close();
    // Every connection of the pool is lent, since none answers at once.
    const asked = Array.from({ length: USUAL_SETTINGS.connections }, () =>
      sequelize.query('SELECT pg_sleep(0.2)'),
    );
    await expectAsync(Promise.all(asked)).toBeResolved();
  });
});
