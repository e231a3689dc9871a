import { askPrintSchema } from '@sleetcrest/contract/table';
import { FOR_ONESELF } from '@sleetcrest/core/learner/log';
import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { changed, rowOf, rowsOf } from '../database/statement.js';
import { SEASON_DAYS } from './letter.js';

const takenRow = z.object({
  id: z.string(),
  group_id: z.string(),
  asked_by: z.string(),
  coach_name: z.string().nullable(),
  asked: askPrintSchema,
  attempt: z.number(),
});
/** Paper that a process has taken to make: with a number by which nobody else is taken for it. */
export type Taken = z.infer<typeof takenRow>;

/** Takes paper to make, whoever had it before; undefined where it is made, given up or thrown away. */
export const takePrint = (sequelize: Sequelize, id: string): Promise<Taken | undefined> =>
  rowOf(
    sequelize,
    takenRow,
    `UPDATE print_jobs SET state = 'working', attempt = attempt + 1, done = 0, seen_at = now()
     FROM accounts WHERE accounts.id = asked_by AND print_jobs.id = $1
       AND state IN ('waiting', 'working')
     RETURNING print_jobs.id, group_id, asked_by, accounts.name AS coach_name, asked, attempt`,
    [id],
  );

/** Tells how far it is; gives whether it is still to be made, and by whoever asks. */
export const tellPrint = async (
  sequelize: Sequelize,
  { id, attempt }: Taken,
  done: number,
  of: number,
): Promise<boolean> =>
  (await changed(
    sequelize,
    `UPDATE print_jobs SET done = $3, of = $4, seen_at = now()
     WHERE id = $1 AND attempt = $2 RETURNING 1`,
    [id, attempt, done, of],
  )) > 0;

/** Keeps what was made, unless another has taken it since. */
export const keepPrint = (
  sequelize: Sequelize,
  { id, attempt }: Taken,
  pdf: Buffer,
): Promise<number> =>
  changed(
    sequelize,
    `UPDATE print_jobs SET state = 'done', pdf = $3, seen_at = now()
     WHERE id = $1 AND attempt = $2 RETURNING 1`,
    [id, attempt, pdf],
  );

/** Paper that nobody works at, although it is to be made: its process has ended, or it was never told. */
export const abandonedPrints = (sequelize: Sequelize, seconds: number) =>
  rowsOf(
    sequelize,
    z.object({ id: z.string(), state: z.enum(['waiting', 'working']) }),
    `SELECT id, state FROM print_jobs WHERE state IN ('waiting', 'working')
       AND seen_at < now() - make_interval(secs => $1) ORDER BY asked_at LIMIT 20`,
    [seconds],
  );

/** Notes that somebody has looked after it. */
export const lookedAfter = (sequelize: Sequelize, id: string): Promise<number> =>
  changed(sequelize, 'UPDATE print_jobs SET seen_at = now() WHERE id = $1 RETURNING 1', [id]);

/** By learner, the different days of the season on which they practised or recorded anything. */
export async function seasonDays(
  sequelize: Sequelize,
  ids: readonly string[],
  day: string,
): Promise<Map<string, number>> {
  const rows = await rowsOf(
    sequelize,
    z.object({ id: z.string(), days: z.number() }),
    `SELECT account_id AS id, count(DISTINCT day)::int AS days FROM (
       SELECT account_id, (at AT TIME ZONE 'UTC' + make_interval(mins => utc_offset))::date AS day
       FROM practice_reviews WHERE account_id = ANY ($1::uuid[])
         AND at > $2::date - ${SEASON_DAYS + 2}
       UNION ALL
       SELECT account_id, day FROM log_entries WHERE account_id = ANY ($1::uuid[])
         AND deleted_at IS NULL AND NOT tags @> ARRAY['${FOR_ONESELF}']::text[]) all_days
     WHERE day <= $2::date AND day > $2::date - ${SEASON_DAYS} GROUP BY account_id`,
    [ids, day],
  );
  return new Map(rows.map(({ id, days }) => [id, days]));
}
