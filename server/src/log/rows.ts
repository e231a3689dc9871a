import type { Split, LogEntry } from '@sleetcrest/core/log';
import { hundredthsOf } from '@sleetcrest/core/log';

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

/** A moment with the offset it was told with, as ISO 8601. */
export function momentWith(at: Date, offset: number): string {
  const there = new Date(at.getTime() + offset * 60_000).toISOString().slice(0, -1);
  if (offset === 0) return `${there}Z`;
  const minutes = Math.abs(offset);
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${there}${offset < 0 ? '-' : '+'}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}

/** The offset of an ISO moment, in minutes east of Greenwich. */
export function offsetOf(moment: string): number {
  const read = /([+-])(\d{2}):?(\d{2})$/.exec(moment);
  if (!read) return 0;
  const minutes = Number(read[2]) * 60 + Number(read[3]);
  return read[1] === '-' ? -minutes : minutes;
}

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

/** Array columns need their type said, as an empty array has none. */
const CASTS: Partial<Record<(typeof WRITTEN)[number], string>> = {
  split_stages: '::text[]',
  split_hundredths: '::integer[]',
  split_turns: '::integer[]',
  tags: '::text[]',
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

/** `($1, $2, …), ($19, …)` for so many records. */
export const placeholders = (count: number): string =>
  Array.from({ length: count }, (_, row) => {
    const cells = WRITTEN.map((name, k) => `$${row * WRITTEN.length + k + 1}${CASTS[name] ?? ''}`);
    return `(${cells.join(', ')})`;
  }).join(', ');
