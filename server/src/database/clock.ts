import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { exactly, rowOf } from './statement.js';

/** The moment of the database's clock, so many milliseconds ago. */
export async function momentsAgo(sequelize: Sequelize, milliseconds: number): Promise<string> {
  const row = await rowOf(
    sequelize,
    z.object({ at: z.string() }),
    `SELECT ${exactly(`(now() - make_interval(secs => $1::float8 / 1000))`)} AS at`,
    [milliseconds],
  );
  return row!.at;
}
