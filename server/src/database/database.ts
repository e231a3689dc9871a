import pg from 'pg';
import { Sequelize } from 'sequelize';

/**
 * A connection that outlives its server: when that is gone, the error is met here and the
 * connection is not used again. Without it, one that is lost in the moment between being opened and
 * being handed over would end the whole process.
 */
class SteadyClient extends pg.Client {
  /** Read by Sequelize's pool before a connection is used again. */
  _invalid?: boolean;

  constructor(config?: string | pg.ClientConfig) {
    super(config);
    this.on('error', () => {
      this._invalid = true;
    });
  }
}

/** Opens a pool of connections; nothing is sent until it is first used. */
export function openDatabase(url: string): Sequelize {
  return new Sequelize(url, {
    dialect: 'postgres',
    dialectModule: { ...pg, Client: SteadyClient },
    logging: false,
    pool: { max: 10, acquire: 10_000 },
    dialectOptions: {
      application_name: 'sleetcrest',
      // A query that hangs must not hold a request for ever.
      statement_timeout: 10_000,
      // Compiling a query takes longer than any of ours runs.
      options: '-c jit=off',
    },
  });
}
