import type { Client } from 'pg';
import type { Sequelize } from 'sequelize';

/** The part of Sequelize's pool that its types leave out. */
interface Connections {
  pool: { using: number; waiting: number };
  getConnection(options: object): Promise<Client>;
  releaseConnection(connection: Client): void;
}

const connectionsOf = (sequelize: Sequelize): Connections =>
  sequelize.connectionManager as unknown as Connections;

/**
 * Lends a connection of the pool for a single query that Sequelize cannot say, such as a prepared
 * one. It is given back when that is answered. Nothing that waits for a client may hold one.
 */
export async function withConnection<T>(
  sequelize: Sequelize,
  work: (connection: Client) => Promise<T>,
): Promise<T> {
  const connections = connectionsOf(sequelize);
  const connection = await connections.getConnection({ type: 'SELECT' });
  try {
    return await work(connection);
  } finally {
    connections.releaseConnection(connection);
  }
}

/** How many connections are lent, and how many requests wait for one. */
export function poolUse(sequelize: Sequelize): { lent: number; waiting: number } {
  const { using, waiting } = connectionsOf(sequelize).pool;
  return { lent: using, waiting };
}
