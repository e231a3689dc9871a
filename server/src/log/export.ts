import { Readable } from 'node:stream';
import { LOG_COLUMNS, rowOf } from '@sleetcrest/contract/log';
import type { LogEntry, LogFilter } from '@sleetcrest/core/learner/log';
import { stringify } from 'csv-stringify/sync';
import type { Sequelize } from 'sequelize';
import { asList, pages } from '../database/pages.js';
import { entriesAfter } from './queries.js';
import { whereOf, type Where } from './where.js';

/** Records page by page, oldest first: however many there are, few are in memory. */
export type EntryPages = AsyncGenerator<LogEntry[]>;

/** The records meant. */
export const entriesOf = (sequelize: Sequelize, account: string, filter: LogFilter): EntryPages =>
  inPages(sequelize, whereOf(account, filter));

/** The records that were deleted and can still be brought back. */
export const deletedEntriesOf = (sequelize: Sequelize, account: string): EntryPages =>
  inPages(sequelize, whereOf(account, {}, true));

const inPages = (sequelize: Sequelize, where: Where): EntryPages =>
  pages<LogEntry>((last) => entriesAfter(sequelize, where, last));

const columns = LOG_COLUMNS.map(({ name }) => name);
const csv = { columns, record_delimiter: 'windows' } as const;

async function* linesOf(entries: EntryPages): AsyncGenerator<string> {
  yield stringify([], { ...csv, header: true });
  for await (const page of entries) yield stringify(page.map(rowOf), csv);
}

/** Records as CSV (RFC 4180), with a first line of column names. */
export const asCsv = (entries: EntryPages): Readable =>
  Readable.from(linesOf(entries), { objectMode: false });

/** Records as a Log document. */
export const asJson = (entries: EntryPages): Readable =>
  Readable.from(asList(entries, '{"format":"sleetcrest/log@1","entries":[', '\n]}\n'), {
    objectMode: false,
  });
