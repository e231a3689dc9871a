import { STAGES } from '@sleetcrest/core';
import {
  ENTRY_KINDS,
  hundredthsOf,
  type LogEntry,
  momentWith,
  offsetOf,
  OUTCOMES,
} from '@sleetcrest/core/learner/log';
import * as z from 'zod';

/** The fields of a record that are a column of the same name, and what such a column gives. */
const plainRow = z.object({
  id: z.string(),
  kind: z.enum(ENTRY_KINDS),
  stage: z.enum(STAGES).nullable(),
  outcome: z.enum(OUTCOMES),
  reason: z.string(),
  note: z.string(),
  method: z.string(),
  cube: z.string(),
  scramble: z.string(),
  turns: z.string(),
  tags: z.array(z.string()),
}) satisfies z.ZodType<Partial<LogEntry>>;
type Plain = keyof typeof plainRow.shape;

/** The types of those columns that are not `text`. */
const TYPES: Partial<Record<Plain, string>> = { id: 'uuid', tags: 'text[]' };

/** The columns made of the other fields: their types, and what each holds of a record. */
const MADE = {
  began_at: ['timestamptz', ({ beganAt }) => beganAt],
  utc_offset: ['smallint', ({ beganAt }) => offsetOf(beganAt)],
  hundredths: ['integer', ({ time }) => (time === null ? null : hundredthsOf(time))],
  split_stages: ['text[]', ({ splits }) => splits.map(({ stage }) => stage)],
  split_hundredths: ['integer[]', ({ splits }) => splits.map(({ time }) => hundredthsOf(time))],
  split_turns: ['integer[]', ({ splits }) => splits.map(({ turns }) => turns)],
} as const satisfies Record<string, readonly [string, (entry: LogEntry) => unknown]>;

/** A row of `log_entries`, as SQL gives it. */
export const logRow = plainRow.extend({
  began_at: z.date(),
  utc_offset: z.number(),
  hundredths: z.number().nullable(),
  split_stages: z.array(z.enum(STAGES)),
  split_hundredths: z.array(z.number()),
  split_turns: z.array(z.number().nullable()),
});
export type LogRow = z.infer<typeof logRow>;

const PLAIN_NAMES = Object.keys(plainRow.shape) as Plain[];

/** The columns a record is read from, and written to after the account. */
const COLUMNS: readonly { name: string; type: string; of: (entry: LogEntry) => unknown }[] = [
  ...PLAIN_NAMES.map((name) => ({
    name,
    type: TYPES[name] ?? 'text',
    of: (entry: LogEntry) => entry[name],
  })),
  ...Object.entries(MADE).map(([name, [type, of]]) => ({ name, type, of })),
];

export const ROW_COLUMNS = COLUMNS.map(({ name }) => name).join(', ');

export const entryOfRow = (row: LogRow): LogEntry => ({
  ...(Object.fromEntries(PLAIN_NAMES.map((name) => [name, row[name]])) as Pick<LogEntry, Plain>),
  beganAt: momentWith(row.began_at, row.utc_offset),
  time: row.hundredths === null ? null : row.hundredths / 100,
  splits: row.split_stages.map((stage, k) => ({
    stage,
    time: row.split_hundredths[k]! / 100,
    turns: row.split_turns[k] ?? null,
  })),
});

/** The columns written for a record, in the order of `valuesOf`: the account, the id, the others. */
export const WRITTEN: readonly string[] = ['account_id', ...COLUMNS.map(({ name }) => name)];

export const valuesOf = (account: string, entry: LogEntry): unknown[] => [
  account,
  ...COLUMNS.map(({ of }) => of(entry)),
];

/**
 * `$1::uuid`, `$2::uuid` … for the values of a record. Typed, as an empty array has no type, and a
 * value that is selected is else taken for text.
 */
export const placeholders = (): string[] =>
  ['uuid', ...COLUMNS.map(({ type }) => type)].map((type, k) => `$${k + 1}::${type}`);

/** The columns and their types, of rows that are handed over as JSON by `jsonOf`. */
export const JSON_COLUMNS = COLUMNS.map(({ name, type }) => `${name} ${type}`).join(', ');

/** Many records as one value: reading as many values as they have columns takes the database twice as long. */
export const jsonOf = (entries: readonly LogEntry[]): string =>
  JSON.stringify(
    entries.map((entry) => Object.fromEntries(COLUMNS.map(({ name, of }) => [name, of(entry)]))),
  );
