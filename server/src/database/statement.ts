import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import * as z from 'zod';
import { inside } from './transaction.js';

/**
 * Asks what only SQL says well, and checks each row: a column that is missing, or of another kind than the
 * code believes, is an error here and not a wrong number on a page. Called by a resource's `queries.ts` alone
 * (the linter holds it).
 */
export async function rowsOf<Row>(
  sequelize: Sequelize,
  row: z.ZodType<Row>,
  sql: string,
  bind: unknown[] = [],
  transaction?: Transaction,
): Promise<Row[]> {
  const rows = await sequelize.query(sql, {
    bind,
    type: QueryTypes.SELECT,
    ...inside(transaction),
  });
  return z.array(row).parse(rows);
}

/** The same, of the one row there is, if any. */
export async function rowOf<Row>(
  ...asked: Parameters<typeof rowsOf<Row>>
): Promise<Row | undefined> {
  const [row] = await rowsOf(...asked);
  return row;
}

/** Changes what only SQL says well; gives how many rows were changed. The statement ends with `RETURNING 1`. */
export async function changed(
  sequelize: Sequelize,
  sql: string,
  bind: unknown[] = [],
  transaction?: Transaction,
): Promise<number> {
  const rows = await sequelize.query(sql, {
    bind,
    type: QueryTypes.SELECT,
    ...inside(transaction),
  });
  return rows.length;
}

/** A row that only says that it is there. */
export const THERE = z.object({});

/** A moment with all that the database knows of it, so that a page can go on after exactly this row. */
export const exactly = (column: string): string =>
  `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"')`;

/** A moment as JavaScript writes it. */
export const moment = (column: string): string =>
  `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
