import type { QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as savedSolves from './migrations/0001-saved-solves.js';
import * as loadedData from './migrations/0002-loaded-data.js';
import * as ownMethods from './migrations/0003-own-methods.js';
import * as accounts from './migrations/0004-accounts.js';
import * as log from './migrations/0005-log.js';

/** One numbered change of the database, made and unmade in a transaction. */
export interface Migration {
  up(queryInterface: QueryInterface): Promise<void>;
  down(queryInterface: QueryInterface): Promise<void>;
}

const MIGRATIONS: Record<string, Migration> = {
  '0001-saved-solves': savedSolves,
  '0002-loaded-data': loadedData,
  '0003-own-methods': ownMethods,
  '0004-accounts': accounts,
  '0005-log': log,
};

/** The migrations of this database, by umzug: `up()` brings it up to date. */
export const migrations = (sequelize: Sequelize): Umzug<QueryInterface> =>
  new Umzug({
    migrations: Object.entries(MIGRATIONS).map(([name, { up, down }]) => ({
      name,
      up: ({ context }) => up(context),
      down: ({ context }) => down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
