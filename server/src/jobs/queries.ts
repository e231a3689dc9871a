import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { rowOf } from '../database/statement.js';

/** Seconds for which the oldest job that could be done has waited. */
export async function oldestJob(sequelize: Sequelize): Promise<number> {
  const row = await rowOf(
    sequelize,
    z.object({ seconds: z.number() }),
    `SELECT coalesce(extract(epoch FROM now() - min(start_after)), 0)::float8 AS seconds
     FROM pgboss.job WHERE state < 'active' AND start_after < now()`,
  );
  return row?.seconds ?? 0;
}

/** Seconds since a kind of job was last done; undefined where it was not in the days that are kept. */
export async function sinceDone(sequelize: Sequelize, kind: string): Promise<number | undefined> {
  const row = await rowOf(
    sequelize,
    z.object({ seconds: z.number().nullable() }),
    `SELECT extract(epoch FROM now() - max(completed_on))::float8 AS seconds FROM (
       SELECT completed_on FROM pgboss.job WHERE name = $1 AND state = 'completed'
       UNION ALL SELECT completed_on FROM pgboss.archive WHERE name = $1 AND state = 'completed') done`,
    [kind],
  );
  return row?.seconds ?? undefined;
}
