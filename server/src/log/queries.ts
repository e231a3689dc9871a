import type { LogEntry } from '@sleetcrest/core/learner/log';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import { withConnection } from '../database/connection.js';
import { PAGE } from '../database/pages.js';
import { changed, exactly, rowOf, rowsOf, THERE } from '../database/statement.js';
import {
  jsonOf,
  entryOfRow,
  JSON_COLUMNS,
  logRow,
  placeholders,
  ROW_COLUMNS,
  valuesOf,
  WRITTEN,
} from './rows.js';
import type { Where } from './where.js';

const INSERT = `INSERT INTO log_entries (${WRITTEN.join(', ')})`;
/**
 * Asked for at every timed solve: prepared once on each connection. It makes sure itself that the
 * session it is asked by is one, so that nothing else need be asked.
 */
const INSERT_ONE = {
  name: 'add a record',
  text: `${INSERT} SELECT ${placeholders().join(', ')} WHERE EXISTS (
    SELECT FROM sessions WHERE token_hash = $${WRITTEN.length + 1} AND account_id = $1
      AND expires_at > now()) ON CONFLICT DO NOTHING`,
};

/** Keeps a record, if the session is the account's; gives whether it did. */
export async function addEntry(
  sequelize: Sequelize,
  account: string,
  session: Buffer,
  entry: LogEntry,
): Promise<boolean> {
  const values = [...valuesOf(account, entry), session];
  const { rowCount } = await withConnection(sequelize, (connection) =>
    connection.query({ ...INSERT_ONE, values }),
  );
  return rowCount === 1;
}

/** Keeps records that are not there, and brings deleted ones back; gives how many. */
export const addEntries = (
  sequelize: Sequelize,
  account: string,
  entries: readonly LogEntry[],
  transaction?: Transaction,
): Promise<number> =>
  changed(
    sequelize,
    `${INSERT} SELECT $1::uuid, ${ROW_COLUMNS} FROM json_to_recordset($2::json) AS rows (${JSON_COLUMNS})
     ON CONFLICT (account_id, id) DO UPDATE SET deleted_at = NULL
       WHERE log_entries.deleted_at IS NOT NULL
     RETURNING 1`,
    [account, jsonOf(entries)],
    transaction,
  );

/** A window of the records meant, newest first. */
export async function entriesIn(
  sequelize: Sequelize,
  { sql, bind }: Where,
  offset: number,
  limit: number,
): Promise<LogEntry[]> {
  const rows = await rowsOf(
    sequelize,
    logRow,
    `SELECT ${ROW_COLUMNS} FROM log_entries WHERE ${sql}
     ORDER BY began_at DESC, id DESC OFFSET $${bind.length + 1} LIMIT $${bind.length + 2}`,
    [...bind, offset, limit],
  );
  return rows.map(entryOfRow);
}

export async function countOf(sequelize: Sequelize, { sql, bind }: Where): Promise<number> {
  const row = await rowOf(
    sequelize,
    z.object({ count: z.number() }),
    `SELECT count(*)::int AS count FROM log_entries WHERE ${sql}`,
    bind,
  );
  return row!.count;
}

/** The records meant page by page, oldest first. */
export async function entriesAfter(
  sequelize: Sequelize,
  where: Where,
  last: LogEntry | undefined,
): Promise<LogEntry[]> {
  const [at, id] = [where.bind.length + 1, where.bind.length + 2];
  const rows = await rowsOf(
    sequelize,
    logRow,
    `SELECT ${ROW_COLUMNS} FROM log_entries WHERE ${where.sql}
     ${last ? `AND (began_at, id) > ($${at}::timestamptz, $${id}::uuid)` : ''}
     ORDER BY began_at, id LIMIT ${PAGE}`,
    last ? [...where.bind, last.beganAt, last.id] : where.bind,
  );
  return rows.map(entryOfRow);
}

/** One record; deleted ones too where that is asked, and held where it is to be changed. */
export async function entryIn(
  sequelize: Sequelize,
  account: string,
  id: string,
  { deletedToo = false, held }: { deletedToo?: boolean; held?: Transaction } = {},
): Promise<LogEntry | undefined> {
  const row = await rowOf(
    sequelize,
    logRow,
    `SELECT ${ROW_COLUMNS} FROM log_entries WHERE account_id = $1 AND id = $2
     ${deletedToo ? '' : 'AND deleted_at IS NULL'} ${held ? 'FOR UPDATE' : ''}`,
    [account, id],
    held,
  );
  return row && entryOfRow(row);
}

/** Writes a record as it is now. */
export const rewrite = (
  sequelize: Sequelize,
  account: string,
  entry: LogEntry,
  transaction: Transaction,
): Promise<number> => {
  const values = placeholders().slice(2);
  const set = WRITTEN.slice(2).map((name, k) => `${name} = ${values[k]}`);
  return changed(
    sequelize,
    `UPDATE log_entries SET ${set.join(', ')} WHERE account_id = $1 AND id = $2 RETURNING 1`,
    valuesOf(account, entry),
    transaction,
  );
};

/** A record that was changed, whether it is deleted, and when it was changed with all its digits. */
export interface Changed {
  entry: LogEntry;
  deleted: boolean;
  changed: string;
}

/** What was changed after a moment and the record that was changed then, in the order it was changed. */
export async function entriesSince(
  sequelize: Sequelize,
  account: string,
  since: string,
  after: string,
  limit: number,
): Promise<Changed[]> {
  const rows = await rowsOf(
    sequelize,
    logRow.extend({ changed: z.string(), deleted: z.boolean() }),
    `SELECT ${ROW_COLUMNS}, ${exactly('changed_at')} AS changed, deleted_at IS NOT NULL AS deleted
     FROM log_entries
     WHERE account_id = $1 AND (changed_at, id) > ($2::timestamptz, $3::uuid)
     ORDER BY changed_at, id LIMIT $4`,
    [account, since, after, limit],
  );
  return rows.map(({ changed: at, deleted, ...row }) => {
    return { entry: entryOfRow(row), deleted, changed: at };
  });
}

const OF_THESE = 'account_id = $1 AND id = ANY ($2::uuid[])';

export const markDeleted = (
  sequelize: Sequelize,
  account: string,
  ids: readonly string[],
): Promise<number> =>
  changed(
    sequelize,
    `UPDATE log_entries SET deleted_at = now() WHERE ${OF_THESE} AND deleted_at IS NULL RETURNING 1`,
    [account, ids],
  );

export const markRestored = (
  sequelize: Sequelize,
  account: string,
  ids: readonly string[],
): Promise<number> =>
  changed(
    sequelize,
    `UPDATE log_entries SET deleted_at = NULL
     WHERE ${OF_THESE} AND deleted_at IS NOT NULL RETURNING 1`,
    [account, ids],
  );

/** Adds tags and takes tags off; of more than twenty the first stay. */
export const retag = (
  sequelize: Sequelize,
  account: string,
  ids: readonly string[],
  add: readonly string[],
  remove: readonly string[],
): Promise<number> =>
  changed(
    sequelize,
    `UPDATE log_entries SET tags = (SELECT coalesce(array_agg(tag ORDER BY at), '{}') FROM (
       SELECT tag, min(at) AS at FROM unnest(tags || $3::text[]) WITH ORDINALITY AS all_tags(tag, at)
       WHERE tag <> ALL ($4::text[]) GROUP BY tag ORDER BY at LIMIT 20) kept)
     WHERE ${OF_THESE} AND deleted_at IS NULL RETURNING 1`,
    [account, ids, add, remove],
  );

/** Whether an account has more than so many records, deleted ones too. */
export async function hasMoreThan(
  sequelize: Sequelize,
  account: string,
  count: number,
): Promise<boolean> {
  const rows = await rowsOf(
    sequelize,
    THERE,
    'SELECT FROM log_entries WHERE account_id = $1 OFFSET $2 LIMIT 1',
    [account, count],
  );
  return rows.length > 0;
}

const toldRow = z.object({
  field: z.string(),
  change_id: z.string(),
  value: z.record(z.string(), z.unknown()),
  at: z.date(),
});

/** What was told of a record's fields, newest first. */
export const toldOf = (
  sequelize: Sequelize,
  account: string,
  entry: string,
  transaction?: Transaction,
) =>
  rowsOf(
    sequelize,
    toldRow,
    `SELECT field, change_id, value, at FROM log_told WHERE account_id = $1 AND entry_id = $2
     ORDER BY at DESC, heard_at DESC, change_id`,
    [account, entry],
    transaction,
  );

/** Writes down what was told; what is written already is left. */
export const writeTold = (
  sequelize: Sequelize,
  account: string,
  entry: string,
  rows: readonly object[],
  transaction?: Transaction,
): Promise<number> =>
  changed(
    sequelize,
    `INSERT INTO log_told (account_id, entry_id, field, change_id, value, at)
     SELECT $1, $2, field, change_id, value, at
     FROM jsonb_to_recordset($3::jsonb) AS told (field text, change_id uuid, value jsonb, at timestamptz)
     ON CONFLICT DO NOTHING RETURNING 1`,
    [account, entry, JSON.stringify(rows)],
    transaction,
  );
