import { Sequelize } from 'sequelize';

/** Opens a pool of connections; nothing is sent until it is first used. */
export function openDatabase(url: string): Sequelize {
  return new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max: 10, acquire: 10_000 },
    // A query that hangs must not hold a request for ever.
    dialectOptions: { statement_timeout: 10_000, application_name: 'sleetcrest' },
  });
}
