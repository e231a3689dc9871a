import { pipeline, Readable, type Transform } from 'node:stream';
import { LOG_COLUMNS, rowOf } from '@sleetcrest/contract/log';
import type { LogEntry, LogFilter } from '@sleetcrest/core/log';
import { stringify } from 'csv-stringify';
import QueryStream from 'pg-query-stream';
import type { Sequelize } from 'sequelize';
import { throughConnection } from '../database/connection.js';
import { entryOfRow, ROW_COLUMNS, type LogRow } from './rows.js';
import { whereOf } from './where.js';

const AT_ONCE = 500;

/**
 * The records meant, oldest first, read by a cursor: however many there are, few are in memory. The
 * connection is given back when the stream ends, also when it is cut off.
 */
export function entriesOf(
  sequelize: Sequelize,
  account: string,
  filter: LogFilter,
): AsyncGenerator<LogEntry> {
  const { sql, bind } = whereOf(account, filter);
  const text = `SELECT ${ROW_COLUMNS} FROM log_entries WHERE ${sql} ORDER BY began_at, id`;
  return throughConnection(sequelize, async function* (connection) {
    const rows = connection.query(new QueryStream(text, bind, { batchSize: AT_ONCE }));
    try {
      for await (const row of rows) yield entryOfRow(row as LogRow);
    } finally {
      rows.destroy();
    }
  });
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
