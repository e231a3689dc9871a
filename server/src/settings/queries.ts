import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { rowOf, rowsOf } from '../database/statement.js';

/** The methods that the coaches of a learner's groups use, as they are kept. */
export const taughtBy = (sequelize: Sequelize, learner: string) =>
  rowsOf(
    sequelize,
    z.object({ method: z.unknown() }),
    `SELECT told #> '{method,value}' AS method FROM settings WHERE account_id IN (
       SELECT coach_id FROM groups JOIN group_members ON group_id = groups.id
       WHERE learner_id = $1)
     ORDER BY account_id`,
    [learner],
  );

/** Keeps of some settings those that were told later than what is kept; gives all of them. */
export async function toldLater(
  sequelize: Sequelize,
  account: string,
  given: object,
): Promise<unknown> {
  const row = await rowOf(
    sequelize,
    z.object({ told: z.unknown() }),
    `INSERT INTO settings AS kept (account_id, told) VALUES ($1, $2::jsonb)
     ON CONFLICT (account_id) DO UPDATE SET told = kept.told || (
       SELECT coalesce(jsonb_object_agg(name, setting), '{}')
       FROM jsonb_each($2::jsonb) AS given (name, setting)
       WHERE coalesce(kept.told #>> ARRAY[name, 'at'], '') <= setting ->> 'at')
     RETURNING told`,
    [account, JSON.stringify(given)],
  );
  return row!.told;
}
