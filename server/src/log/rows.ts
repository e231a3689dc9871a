import type { Split, LogEntry } from '@sleetcrest/core/log';
import { hundredthsOf, momentWith, offsetOf } from '@sleetcrest/core/log';

/** A row of `log_entries`, as SQL gives it. */
export interface LogRow {
  id: string;
  kind: LogEntry['kind'];
  stage: LogEntry['stage'];
  began_at: Date;
  utc_offset: number;
  hundredths: number | null;
  outcome: LogEntry['outcome'];
  reason: string;
  note: string;
  method: string;
  cube: string;
  scramble: string;
  turns: string;
  split_stages: Split['stage'][];
  split_hundredths: number[];
  split_turns: (number | null)[];
  tags: string[];
}

/** The columns a record is read from. */
export const ROW_COLUMNS = `id, kind, stage, began_at, utc_offset, hundredths, outcome, reason, note,
  method, cube, scramble, turns, split_stages, split_hundredths, split_turns, tags`;

export const entryOfRow = (row: LogRow): LogEntry => ({
  id: row.id,
  kind: row.kind,
  stage: row.stage,
  beganAt: momentWith(row.began_at, row.utc_offset),
  time: row.hundredths === null ? null : row.hundredths / 100,
  outcome: row.outcome,
  reason: row.reason,
  note: row.note,
  method: row.method,
  cube: row.cube,
  scramble: row.scramble,
  turns: row.turns,
  splits: row.split_stages.map((stage, k) => ({
    stage,
    time: row.split_hundredths[k]! / 100,
    turns: row.split_turns[k] ?? null,
  })),
  tags: row.tags,
});

/** The columns written for a record, in the order of `valuesOf`. */
export const WRITTEN = [
  ...['account_id', 'id', 'kind', 'stage', 'began_at', 'utc_offset', 'hundredths', 'outcome'],
  ...['reason', 'note', 'method', 'cube', 'scramble', 'turns'],
  ...['split_stages', 'split_hundredths', 'split_turns', 'tags'],
] as const;

/** The type of each value: an empty array has none, and one that is selected is else taken for text. */
const TYPES: Record<(typeof WRITTEN)[number], string> = {
  ...{ account_id: 'uuid', id: 'uuid', kind: 'text', stage: 'text', began_at: 'timestamptz' },
  ...{
    utc_offset: 'smallint',
    hundredths: 'integer',
    outcome: 'text',
    reason: 'text',
    note: 'text',
  },
  ...{ method: 'text', cube: 'text', scramble: 'text', turns: 'text', split_stages: 'text[]' },
  ...{ split_hundredths: 'integer[]', split_turns: 'integer[]', tags: 'text[]' },
};

export const valuesOf = (account: string, entry: LogEntry): unknown[] => [
  ...[account, entry.id, entry.kind, entry.stage, entry.beganAt, offsetOf(entry.beganAt)],
  ...[entry.time === null ? null : hundredthsOf(entry.time), entry.outcome, entry.reason],
  ...[entry.note, entry.method, entry.cube, entry.scramble, entry.turns],
  entry.splits.map(({ stage }) => stage),
  entry.splits.map(({ time }) => hundredthsOf(time)),
  entry.splits.map(({ turns }) => turns),
  entry.tags,
];

/** `$1::uuid`, `$2::uuid` … for the values of a record, which is the so-many-th from 0 on. */
export const placeholders = (row = 0): string[] =>
  WRITTEN.map((name, k) => `$${row * WRITTEN.length + k + 1}::${TYPES[name]}`);
