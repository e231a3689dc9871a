import type { BatchAnswer, ChangeEntry, LogPage } from '@sleetcrest/contract/log';
import type {
  Grouping,
  LogEntry,
  LogFilter,
  LogGroup,
  LogOverview,
} from '@sleetcrest/core/learner/log';

/** Whether what was told is where it belongs, or waits here until the server can be reached. */
export type Whereabouts = 'kept' | 'waiting';

/** How many records of an account are held in the browser: the newest. */
export const MOST_HELD = 10_000;

/** A log that can be looked at. */
export interface LogReader {
  page(filter: LogFilter, offset: number, limit: number): Promise<LogPage>;
  overview(filter: LogFilter, today: string): Promise<LogOverview>;
  groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]>;
  read(id: string): Promise<LogEntry>;
}

/** One's own log, wherever it is kept: on the server for an account, in the browser for a guest. */
export interface LogBook extends LogReader {
  /** @throws Error with a sentence when it is refused, as all below do. */
  add(entry: LogEntry): Promise<Whereabouts>;
  addAll(entries: readonly LogEntry[]): Promise<BatchAnswer>;
  /** The same, of `{ entries }` as JSON: the page need not hold what only passes through it. */
  addBatch(batch: Blob): Promise<BatchAnswer>;
  change(id: string, change: ChangeEntry): Promise<LogEntry>;
  remove(ids: readonly string[]): Promise<Whereabouts>;
  restore(ids: readonly string[]): Promise<void>;
  tag(ids: readonly string[], add: readonly string[], remove: readonly string[]): Promise<void>;
  /** The records meant as a file, oldest first. */
  file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob>;
}
