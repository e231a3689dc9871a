import type { Client } from 'pg';
import type { Sequelize } from 'sequelize';

/** The part of Sequelize's pool that its types leave out. */
interface Connections {
  getConnection(options: object): Promise<Client>;
  releaseConnection(connection: Client): void;
}

/**
 * Lends a connection of the pool, for what Sequelize cannot say: prepared statements and cursors.
 * It is given back when the work is done, however that ends.
 */
export async function withConnection<T>(
  sequelize: Sequelize,
  work: (connection: Client) => Promise<T>,
): Promise<T> {
  const { pool, connection } = await lent(sequelize);
  try {
    return await work(connection);
  } finally {
    pool.releaseConnection(connection);
  }
}

async function lent(sequelize: Sequelize): Promise<{ pool: Connections; connection: Client }> {
  const pool = sequelize.connectionManager as unknown as Connections;
  return { pool, connection: await pool.getConnection({ type: 'SELECT' }) };
}

/** The same for a stream of values, until it ends or is cut off. */
export async function* throughConnection<T>(
  sequelize: Sequelize,
  work: (connection: Client) => AsyncGenerator<T>,
): AsyncGenerator<T> {
  const { pool, connection } = await lent(sequelize);
  try {
    yield* work(connection);
  } finally {
    pool.releaseConnection(connection);
  }
}
