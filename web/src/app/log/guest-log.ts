import { Injectable, type OnDestroy } from '@angular/core';
import type { BatchAnswer, ChangeEntry, LogPage } from '@sleetcrest/contract/log';
import type { Grouping, LogEntry, LogFilter, LogGroup, LogOverview } from '@sleetcrest/core/log';
import { wrap, type Remote } from 'comlink';
import type { GuestDeeds } from './guest-deeds';
import type { Kept, LogBook } from './log-book';

/** A guest's log, kept in this browser and counted in a worker. */
@Injectable({ providedIn: 'root' })
export class GuestLog implements LogBook, OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<GuestDeeds> | undefined;

  private begun(): Remote<GuestDeeds> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./guest.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<GuestDeeds>(this.worker);
    }
    return this.remote;
  }

  page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    return this.begun().page(filter, offset, limit);
  }

  overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return this.begun().overview(filter, today);
  }

  groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    return this.begun().groups(filter, by);
  }

  read(id: string): Promise<LogEntry> {
    return this.begun().read(id);
  }

  async add(entry: LogEntry): Promise<Kept> {
    await this.begun().addAll([entry]);
    return 'kept';
  }

  addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    return this.begun().addAll(entries);
  }

  change(id: string, change: ChangeEntry): Promise<LogEntry> {
    return this.begun().change(id, change);
  }

  remove(ids: readonly string[]): Promise<void> {
    return this.begun().remove(ids);
  }

  restore(ids: readonly string[]): Promise<void> {
    return this.begun().restore(ids);
  }

  tag(ids: readonly string[], add: readonly string[], remove: readonly string[]): Promise<void> {
    return this.begun().tag(ids, add, remove);
  }

  file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob> {
    return this.begun().file(filter, as);
  }

  some(count: number): Promise<LogEntry[]> {
    return this.begun().some(count);
  }

  moved(ids: readonly string[]): Promise<void> {
    return this.begun().moved(ids);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
