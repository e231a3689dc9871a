import pg from 'pg';
import { parseIntoClientConfig } from 'pg-connection-string';
import { Sequelize } from 'sequelize';

/** What the driver says when a query is not answered within `query_timeout`. */
export const NO_ANSWER = 'Query read timeout';

/** What whoever runs it may set of the database; README and docs/running.md say how they fit each other. */
export interface DatabaseSettings {
  /** The most connections that one process holds for requests; it has two more, for hearing and for jobs. */
  connections: number;
  /** Seconds after which the database gives a statement up. */
  statementSeconds: number;
}
export const USUAL_SETTINGS: DatabaseSettings = { connections: 10, statementSeconds: 8 };

/** Milliseconds: how long a request may wait for each thing, so that none waits for ever. */
const PATIENCE = { connection: 5000, poolPlace: 6000, answer: 2000, idle: 15_000 };

/**
 * A connection that outlives its server: one that is lost, or whose query was given up, is ended, and so
 * never lent again. Without it, one that is lost in the moment between being opened and being handed over
 * would end the whole process.
 */
class SteadyClient extends pg.Client {
  constructor(config?: string | pg.ClientConfig) {
    super(config);
    this.on('error', () => void this.end().catch(() => undefined));
  }
}

/** How a process connects, wherever it does: to ask, to hear notices, and for jobs. */
export function connectionOptions(
  url: string,
  { statementSeconds }: DatabaseSettings = USUAL_SETTINGS,
  { patient = false } = {},
): pg.ClientConfig {
  const statement = statementSeconds * 1000;
  return {
    ...parseIntoClientConfig(url),
    application_name: 'sleetcrest',
    keepAlive: true,
    // Compiling a query takes longer than any of ours runs.
    options: '-c jit=off',
    connectionTimeoutMillis: PATIENCE.connection,
    ...(patient
      ? {}
      : {
          // The database gives a query up first, if it can; then we do.
          statement_timeout: statement,
          query_timeout: statement + PATIENCE.answer,
          // A process that was stopped in the middle of a transaction must not hold up the others.
          idle_in_transaction_session_timeout: PATIENCE.idle,
        }),
  };
}

const urls = new WeakMap<Sequelize, { url: string; settings: DatabaseSettings }>();

/**
 * Opens a pool of connections; nothing is sent until it is first used. A patient one is for work
 * that nobody waits for, such as changing the schema.
 */
export function openDatabase(
  url: string,
  {
    patient = false,
    settings = USUAL_SETTINGS,
  }: { patient?: boolean; settings?: DatabaseSettings } = {},
): Sequelize {
  const sequelize = new Sequelize(url, {
    dialect: 'postgres',
    dialectModule: { ...pg, Client: SteadyClient },
    logging: false,
    pool: { max: settings.connections, acquire: PATIENCE.poolPlace },
    dialectOptions: connectionOptions(url, settings, { patient }),
  });
  urls.set(sequelize, { url, settings });
  return sequelize;
}

/** How a pool connects, for what must have a connection of its own. */
export function optionsOf(sequelize: Sequelize): pg.ClientConfig {
  const { url, settings } = urls.get(sequelize)!;
  return connectionOptions(url, settings);
}

/** Whether it was the database that said no: it has answered, and takes the next query. */
export const wasRefused = (error: unknown): boolean =>
  (error as { severity?: unknown }).severity !== undefined;

/**
 * Lends a connection of the pool for a single query that Sequelize cannot say, such as a prepared
 * one. It is given back when that is answered. Nothing that waits for a client may hold one.
 */
export async function withConnection<T>(
  sequelize: Sequelize,
  work: (connection: pg.Client) => Promise<T>,
): Promise<T> {
  const { connectionManager } = sequelize;
  const connection = (await connectionManager.getConnection({ type: 'read' })) as pg.Client;
  try {
    const done = await work(connection);
    connectionManager.releaseConnection(connection);
    return done;
  } catch (error) {
    // A query that was given up is still on it: it is not lent again.
    if (wasRefused(error)) connectionManager.releaseConnection(connection);
    else await connectionManager.destroyConnection(connection);
    throw error;
  }
}

/** The part of Sequelize's pool that its types leave out. */
interface Pool {
  using: number;
  waiting: number;
}

/** How many connections are lent, and how many requests wait for one. */
export function poolUse(sequelize: Sequelize): { lent: number; waiting: number } {
  const { using, waiting } = (sequelize.connectionManager as unknown as { pool: Pool }).pool;
  return { lent: using, waiting };
}
