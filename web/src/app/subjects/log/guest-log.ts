import { Injectable } from '@angular/core';
import type { BatchAnswer, ChangeEntry, LogPage } from '@sleetcrest/contract/log';
import type {
  Grouping,
  LogEntry,
  LogFilter,
  LogGroup,
  LogOverview,
} from '@sleetcrest/core/learner/log';
import type { LogBook, Whereabouts } from './log-book';
import { records } from './records';

/** A guest's log, kept in this browser and counted in a worker. */
@Injectable({ providedIn: 'root' })
export class GuestLog implements LogBook {
  private readonly worker = records('sleetcrest-log');

  page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    return this.worker.ask(({ log }) => log.page(filter, offset, limit));
  }

  overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return this.worker.ask(({ log }) => log.overview(filter, today));
  }

  groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    return this.worker.ask(({ log }) => log.groups(filter, by));
  }

  read(id: string): Promise<LogEntry> {
    return this.worker.ask(({ log }) => log.read(id));
  }

  async add(entry: LogEntry): Promise<Whereabouts> {
    await this.worker.ask(({ log }) => log.addAll([entry]));
    return 'kept';
  }

  addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    return this.worker.ask(({ log }) => log.addAll(entries));
  }

  addBatch(batch: Blob): Promise<BatchAnswer> {
    return this.worker.ask(({ log }) => log.addBatch(batch));
  }

  change(id: string, change: ChangeEntry): Promise<LogEntry> {
    return this.worker.ask(({ log }) => log.change(id, change));
  }

  async remove(ids: readonly string[]): Promise<Whereabouts> {
    await this.worker.ask(({ log }) => log.remove(ids));
    return 'kept';
  }

  restore(ids: readonly string[]): Promise<void> {
    return this.worker.ask(({ log }) => log.restore(ids));
  }

  tag(ids: readonly string[], add: readonly string[], remove: readonly string[]): Promise<void> {
    return this.worker.ask(({ log }) => log.tag(ids, add, remove));
  }

  file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob> {
    return this.worker.ask(({ log }) => log.file(filter, as));
  }

  some(count: number): Promise<LogEntry[]> {
    return this.worker.ask(({ log }) => log.some(count));
  }

  moved(ids: readonly string[]): Promise<void> {
    return this.worker.ask(({ log }) => log.moved(ids));
  }
}
