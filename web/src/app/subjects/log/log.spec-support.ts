import { anEntry } from '@sleetcrest/contract/testing';
import type { BatchAnswer, ChangeEntry, LogPage } from '@sleetcrest/contract/log';
import {
  type Grouping,
  groupsOf,
  isMeant,
  type LogEntry,
  type LogFilter,
  type LogGroup,
  type LogOverview,
  newestFirst,
  overviewOf,
} from '@sleetcrest/core/learner/log';
import { signal } from '@angular/core';
import type { Change } from '../../base/outbox/change';
import type { LogBook, Whereabouts } from './log-book';

export { anEntry };

/** The records of a batch as it is sent. */
export const entriesIn = async (batch: Blob): Promise<LogEntry[]> =>
  (JSON.parse(await batch.text()) as { entries: LogEntry[] }).entries;

/** A log in memory. While `failure` is set, asking fails with it. */
export class FakeBook implements LogBook {
  failure: unknown;
  readonly deleted: LogEntry[] = [];

  constructor(public entries: LogEntry[] = []) {}

  private asked(): void {
    if (this.failure !== undefined) throw this.failure as Error;
  }

  private meant(filter: LogFilter): LogEntry[] {
    this.asked();
    return this.entries.filter((entry) => isMeant(entry, filter)).sort(newestFirst);
  }

  async page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    const meant = this.meant(filter);
    return { items: meant.slice(offset, offset + limit), total: meant.length };
  }

  async overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return overviewOf(this.meant({}), filter, today);
  }

  async groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    return groupsOf(this.meant(filter), by);
  }

  async read(id: string): Promise<LogEntry> {
    this.asked();
    return this.entries.find((entry) => entry.id === id)!;
  }

  async add(entry: LogEntry): Promise<Whereabouts> {
    this.asked();
    // As in every log book, what is told twice is there once.
    if (!this.entries.some(({ id }) => id === entry.id)) this.entries.push(entry);
    return 'kept';
  }

  async addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    this.asked();
    this.entries.push(...entries);
    return { added: entries.length, known: 0 };
  }

  async addBatch(batch: Blob): Promise<BatchAnswer> {
    return this.addAll(await entriesIn(batch));
  }

  async change(id: string, change: ChangeEntry): Promise<LogEntry> {
    const changed = { ...(await this.read(id)), ...change };
    this.entries = this.entries.map((entry) => (entry.id === id ? changed : entry));
    return changed;
  }

  async remove(ids: readonly string[]): Promise<Whereabouts> {
    this.asked();
    this.deleted.push(...this.entries.filter(({ id }) => ids.includes(id)));
    this.entries = this.entries.filter(({ id }) => !ids.includes(id));
    return 'kept';
  }

  async restore(ids: readonly string[]): Promise<void> {
    this.asked();
    this.entries.push(...this.deleted.filter(({ id }) => ids.includes(id)));
  }

  async tag(ids: readonly string[], add: readonly string[]): Promise<void> {
    this.asked();
    this.entries = this.entries.map((entry) =>
      ids.includes(entry.id) ? { ...entry, tags: [...entry.tags, ...add] } : entry,
    );
  }

  async file(): Promise<Blob> {
    this.asked();
    return new Blob([]);
  }
}

/** Stands for the log books: one's own is this one, and so is anybody's. */
export const fakeBooks = (book: FakeBook) => ({
  own: signal<LogBook>(book),
  of: () => book,
  waiting: signal(0),
  arrivals: signal(0),
  refused: signal<readonly Change[]>([]),
  isCutOff: signal(false),
  isFull: signal(false),
  history: undefined,
  settle: () => Promise.resolve(),
});
