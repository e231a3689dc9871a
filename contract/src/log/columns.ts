import { type Stage, STAGES } from '@sleetcrest/core';
import type { LogEntry, Split } from '@sleetcrest/core/learner/log';
import type { FieldError } from '../issues.js';
import { fieldErrors } from '../issues.js';
import { logEntrySchema } from './entry.js';

/** The columns of a log as CSV, in order, and what each holds. */
export const LOG_COLUMNS = [
  { name: 'id', holds: 'a UUID; left out, one is made from the other cells' },
  { name: 'kind', holds: '“solve” or “stage”; “solve” if left out' },
  { name: 'stage', holds: 'the stage practised, for kind “stage”' },
  { name: 'began_at', holds: 'ISO 8601 with offset, such as 2026-11-25T18:03:00+01:00' },
  { name: 'time', holds: 'seconds with hundredths, or minutes:seconds' },
  { name: 'outcome', holds: '“finished”, “unfinished” or “aside”; “finished” if left out' },
  { name: 'reason', holds: 'why it was set aside' },
  { name: 'note', holds: 'any words' },
  { name: 'method', holds: 'the id of a method' },
  { name: 'cube', holds: 'which cube was used' },
  { name: 'scramble', holds: 'turns from solved' },
  { name: 'turns', holds: 'the turns done after it' },
  { name: 'splits', holds: 'each timed stage as stage=seconds or stage=seconds/turns, by “;”' },
  { name: 'tags', holds: 'tags, by “;”' },
] as const;
export type LogColumn = (typeof LOG_COLUMNS)[number]['name'];

/** The cells of a row by column; a column that is not there is empty. */
export type LogCells = Partial<Record<LogColumn, string>>;

/**
 * What a spreadsheet would take for something to work out. Such a cell leaves with an apostrophe in
 * front, which spreadsheets do not show, and loses it when it is read; so does one that begins with
 * apostrophes and then the like, or it would lose its own.
 */
const RUN_BY_SPREADSHEETS = /^'*[=+\-@\t\r]/;
const asCell = (text: string): string => (RUN_BY_SPREADSHEETS.test(text) ? `'${text}` : text);
const fromCell = (cell: string): string =>
  cell.startsWith("'") && RUN_BY_SPREADSHEETS.test(cell) ? cell.slice(1) : cell;

/** A record as a row of CSV. */
export const rowOf = (entry: LogEntry): Record<LogColumn, string> => ({
  id: entry.id,
  kind: entry.kind,
  stage: entry.stage ?? '',
  began_at: entry.beganAt,
  time: entry.time === null ? '' : entry.time.toFixed(2),
  outcome: entry.outcome,
  reason: asCell(entry.reason),
  note: asCell(entry.note),
  method: entry.method,
  cube: asCell(entry.cube),
  scramble: entry.scramble,
  turns: entry.turns,
  splits: entry.splits
    .map(
      ({ stage, time, turns }) => `${stage}=${time.toFixed(2)}${turns === null ? '' : `/${turns}`}`,
    )
    .join(';'),
  tags: asCell(entry.tags.join(';')),
});

/** A row read, or what is wrong with it, by column. */
export type ReadRow = { ok: true; entry: LogEntry } | { ok: false; errors: FieldError[] };

/**
 * Reads a row. `idFor` makes the id of a row that has none: the same for the same row, so that a
 * file read twice adds nothing.
 */
export function entryOf(row: LogCells, idFor: (row: LogCells) => string): ReadRow {
  const cell = (name: LogColumn): string => fromCell(row[name]?.trim() ?? '');
  const parsed = logEntrySchema.safeParse({
    id: cell('id') || idFor(row),
    kind: cell('kind') || 'solve',
    stage: cell('stage') || null,
    beganAt: momentOf(cell('began_at')),
    time: cell('time') === '' ? null : secondsIn(cell('time')),
    outcome: cell('outcome') || 'finished',
    reason: cell('reason'),
    note: fromCell(row.note ?? ''),
    method: cell('method'),
    cube: cell('cube'),
    scramble: cell('scramble'),
    turns: cell('turns'),
    splits: parts(cell('splits')).map(splitIn),
    tags: parts(cell('tags')),
  });
  if (parsed.success) return { ok: true, entry: parsed.data };
  return {
    ok: false,
    errors: fieldErrors(parsed.error).map(({ path, message }) => ({
      path: COLUMN_OF[path.split('.')[0]!] ?? path.split('.')[0]!,
      message,
    })),
  };
}

const COLUMN_OF: Record<string, LogColumn> = { beganAt: 'began_at' };

const parts = (cell: string): string[] =>
  cell
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '');

/** A space between day and time is common, and so is leaving the seconds out. */
const momentOf = (cell: string): string =>
  cell
    .replace(/^(\d{4}-\d{2}-\d{2}) +/, '$1T')
    .replace(/^(\d{4}-\d{2}-\d{2}T\d{2}:\d{2})(?=[Z+-]|$)/, '$1:00')
    .replace(/([+-]\d{2})$/, (offset) => `${offset}:00`);

/** `83.42`, `1:23.42` or `1:02:03`; a comma may stand for the point. NaN for anything else. */
export function secondsIn(cell: string): number {
  const read = /^(?:(?:(\d+):)?([0-5]?\d):)?(\d+(?:[.,]\d{1,2})?)$/.exec(cell);
  if (!read) return NaN;
  const [, hours = '0', minutes, rest = '0'] = read;
  const seconds = Number(rest.replace(',', '.'));
  if (minutes !== undefined && seconds >= 60) return NaN;
  const total = Number(hours) * 3600 + Number(minutes ?? 0) * 60 + seconds;
  return Math.round(total * 100) / 100;
}

function splitIn(part: string): Split {
  const [stage = '', rest = ''] = part.split('=');
  const [time = '', turns] = rest.split('/');
  return {
    stage: STAGES.find((one) => one === stage.trim()) ?? (stage.trim() as Stage),
    time: secondsIn(time.trim()),
    turns: turns === undefined ? null : Number(turns),
  };
}
