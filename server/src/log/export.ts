import { pipeline, Readable, type Transform } from 'node:stream';
import { LOG_COLUMNS, rowOf } from '@sleetcrest/contract/log';
import type { LogEntry, LogFilter } from '@sleetcrest/core/log';
import { stringify } from 'csv-stringify';
import { QueryTypes, type Sequelize } from 'sequelize';
import { PAGE, paged } from '../database/paged.js';
import { entryOfRow, ROW_COLUMNS, type LogRow } from './rows.js';
import { whereOf, type Where } from './where.js';

/** The records meant, oldest first: however many there are, few are in memory. */
export const entriesOf = (
  sequelize: Sequelize,
  account: string,
  filter: LogFilter,
): AsyncGenerator<LogEntry> => inPages(sequelize, whereOf(account, filter));

/** The records that were deleted and can still be brought back, oldest first. */
export const deletedEntriesOf = (sequelize: Sequelize, account: string): AsyncGenerator<LogEntry> =>
  inPages(sequelize, whereOf(account, {}, true));

async function* inPages(sequelize: Sequelize, where: Where): AsyncGenerator<LogEntry> {
  const [at, id] = [where.bind.length + 1, where.bind.length + 2];
  const rows = paged<LogRow>((last) =>
    sequelize.query<LogRow>(
      `SELECT ${ROW_COLUMNS} FROM log_entries WHERE ${where.sql}
       ${last ? `AND (began_at, id) > ($${at}::timestamptz, $${id}::uuid)` : ''}
       ORDER BY began_at, id LIMIT ${PAGE}`,
      {
        bind: last ? [...where.bind, last.began_at, last.id] : where.bind,
        type: QueryTypes.SELECT,
      },
    ),
  );
  for await (const row of rows) yield entryOfRow(row);
}

async function* rowsOf(entries: AsyncIterable<LogEntry>): AsyncGenerator<Record<string, string>> {
  for await (const entry of entries) yield rowOf(entry);
}

/** Records as CSV (RFC 4180), with a first line of column names. */
export const asCsv = (entries: AsyncIterable<LogEntry>): Readable =>
  compose(
    Readable.from(rowsOf(entries)),
    stringify({
      header: true,
      columns: LOG_COLUMNS.map(({ name }) => name),
      record_delimiter: 'windows',
    }),
  );

async function* piecesOf(entries: AsyncIterable<LogEntry>): AsyncGenerator<string> {
  yield '{"format":"sleetcrest/log@1","entries":[';
  let between = '\n';
  for await (const entry of entries) {
    yield between + JSON.stringify(entry);
    between = ',\n';
  }
  yield '\n]}\n';
}

/** Records as a Log document. */
export const asJson = (entries: AsyncIterable<LogEntry>): Readable =>
  Readable.from(piecesOf(entries), { objectMode: false });

/** One stream after the other: when either fails or is cut off, both end. */
function compose(from: Readable, to: Transform): Readable {
  pipeline(from, to, () => undefined);
  return to;
}
