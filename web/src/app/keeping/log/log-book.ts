import type { BatchAnswer, ChangeEntry, LogPage } from '@sleetcrest/contract/log';
import type { Grouping, LogEntry, LogFilter, LogGroup, LogOverview } from '@sleetcrest/core/log';

/** Whether a record is where it belongs, or waits here until the server can be reached. */
export type Kept = 'kept' | 'waiting';

/** A log that can be looked at. */
export interface LogReader {
  page(filter: LogFilter, offset: number, limit: number): Promise<LogPage>;
  overview(filter: LogFilter, today: string): Promise<LogOverview>;
  groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]>;
  read(id: string): Promise<LogEntry>;
}

/** One's own log, wherever it is kept: on the server for an account, in the browser for a guest. */
export interface LogBook extends LogReader {
  add(entry: LogEntry): Promise<Kept>;
  addAll(entries: readonly LogEntry[]): Promise<BatchAnswer>;
  change(id: string, change: ChangeEntry): Promise<LogEntry>;
  remove(ids: readonly string[]): Promise<void>;
  restore(ids: readonly string[]): Promise<void>;
  tag(ids: readonly string[], add: readonly string[], remove: readonly string[]): Promise<void>;
  /** The records meant as a file, oldest first. */
  file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob>;
}

/** Today where this browser is, `YYYY-MM-DD`. */
export function today(now = new Date()): string {
  return momentHere(now).slice(0, 10);
}

/** A moment with the offset of this place, ISO 8601. */
export function momentHere(at: Date): string {
  const offset = -at.getTimezoneOffset();
  const there = new Date(at.getTime() + offset * 60_000).toISOString().slice(0, -1);
  const minutes = Math.abs(offset);
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${there}${offset < 0 ? '-' : '+'}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}
