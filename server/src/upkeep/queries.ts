import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import { changed, rowOf } from '../database/statement.js';

/** Rows removed by one statement: few enough to hold nobody up. */
const AT_ONCE = 500;

/** Removes rows of a table, some at a time; gives how many went. */
export async function removeSomeOf(
  sequelize: Sequelize,
  table: string,
  where: string,
): Promise<number> {
  let gone = 0;
  for (;;) {
    const count = await changed(
      sequelize,
      `DELETE FROM ${table} WHERE ctid IN (
         SELECT ctid FROM ${table} WHERE ${where} LIMIT ${AT_ONCE} FOR UPDATE SKIP LOCKED)
       RETURNING 1`,
    );
    gone += count;
    if (count < AT_ONCE) return gone;
  }
}

/** How much of something an account keeps: `table` is one of those whose rows are marked when they are deleted. */
export const keptOf = (
  sequelize: Sequelize,
  table: 'saved_solves' | 'own_methods',
  owner: string,
  id: string,
  transaction?: Transaction,
) =>
  rowOf(
    sequelize,
    z.object({
      role: z.string(),
      kept: z.number(),
      deleted: z.number(),
      known: z.boolean().nullable(),
    }),
    `SELECT role, bool_or(own.id::text = $2) AS known,
       count(own.id) FILTER (WHERE deleted_at IS NULL)::int AS kept,
       count(own.id) FILTER (WHERE deleted_at IS NOT NULL)::int AS deleted
     FROM accounts LEFT JOIN ${table} own ON owner_id = accounts.id
     WHERE accounts.id = $1 GROUP BY role`,
    [owner, id],
    transaction,
  );

/** Removes the deleted ones but the newest so many. */
export const forgetOldest = (
  sequelize: Sequelize,
  table: 'saved_solves' | 'own_methods',
  owner: string,
  but: number,
  transaction?: Transaction,
): Promise<number> =>
  changed(
    sequelize,
    `DELETE FROM ${table} WHERE owner_id = $1 AND id IN (
       SELECT id FROM ${table} WHERE owner_id = $1 AND deleted_at IS NOT NULL
       ORDER BY deleted_at DESC OFFSET $2) RETURNING 1`,
    [owner, but],
    transaction,
  );
