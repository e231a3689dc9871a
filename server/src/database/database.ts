import pg from 'pg';
import { Sequelize } from 'sequelize';

/** What the driver says when a query is not answered within `query_timeout`. */
export const NO_ANSWER = 'Query read timeout';

type Callback = (error: Error | null, ...rest: unknown[]) => void;

/**
 * A connection that outlives its server: when that is gone, or answers no more, the error is met
 * here and the connection is not used again. Without it, one that is lost in the moment between
 * being opened and being handed over would end the whole process, and one whose query was given up
 * would be lent to the next with that query still on it.
 */
class SteadyClient extends pg.Client {
  /** Read by Sequelize's pool before a connection is used again. */
  _invalid?: boolean;

  constructor(config?: string | pg.ClientConfig) {
    super(config);
    this.on('error', () => {
      this._invalid = true;
    });
    const query = this.query.bind(this) as (...asked: unknown[]) => unknown;
    this.query = ((...asked: unknown[]) => {
      const told = asked.at(-1);
      if (typeof told !== 'function') {
        const answer = query(...asked);
        if (answer instanceof Promise) answer.catch((error: Error) => this.met(error));
        return answer;
      }
      const callback: Callback = (error, ...rest) => {
        this.met(error);
        (told as Callback)(error, ...rest);
      };
      return query(...asked.slice(0, -1), callback);
    }) as pg.Client['query'];
  }

  private met(error: Error | null): void {
    if (error?.message !== NO_ANSWER) return;
    this._invalid = true;
    (
      this as unknown as { connection: { stream: { destroy(): void } } }
    ).connection.stream.destroy();
  }
}

/** Milliseconds: how long a request may wait for each thing, so that none waits for ever. */
const PATIENCE = { connection: 5000, poolPlace: 6000, query: 8000, answer: 10_000, idle: 15_000 };

const IMPATIENT = {
  connectionTimeoutMillis: PATIENCE.connection,
  // The database gives a query up first, if it can; then we do.
  statement_timeout: PATIENCE.query,
  query_timeout: PATIENCE.answer,
  // A process that was stopped in the middle of a transaction must not hold up the others.
  idle_in_transaction_session_timeout: PATIENCE.idle,
};

/**
 * Opens a pool of connections; nothing is sent until it is first used. A patient one is for work
 * that nobody waits for, such as changing the schema.
 */
export function openDatabase(url: string, { patient = false } = {}): Sequelize {
  return new Sequelize(url, {
    dialect: 'postgres',
    dialectModule: { ...pg, Client: SteadyClient },
    logging: false,
    pool: { max: 10, acquire: PATIENCE.poolPlace },
    dialectOptions: {
      application_name: 'sleetcrest',
      ...(patient ? {} : IMPATIENT),
      // Compiling a query takes longer than any of ours runs.
      options: '-c jit=off',
    },
  });
}
