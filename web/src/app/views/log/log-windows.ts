import { DataSource, type CollectionViewer } from '@angular/cdk/collections';
import { signal } from '@angular/core';
import type { LogEntry, LogFilter } from '@sleetcrest/core/learner/log';
import type { Subscription } from 'rxjs';
import { BehaviorSubject, type Observable } from 'rxjs';
import type { LogReader } from '../../subjects/log';

/** How many records are asked for at once. */
const WINDOW = 100;

/** A row of the table: a record, or the place of one that is still being fetched. */
export type LogLine = LogEntry | null;

/**
 * The records a filter means, as a long list of which only what is looked at is fetched. Scrolling
 * through a hundred thousand holds the windows that were looked at, and no more than that.
 */
export class LogWindows extends DataSource<LogLine> {
  /** How many records there are. */
  readonly total = signal(0);
  /** Why a window could not be fetched; null where all could. */
  readonly trouble = signal<unknown>(null);
  private readonly lines = new BehaviorSubject<LogLine[]>([]);
  private readonly asked = new Set<number>();
  private watching: Subscription | undefined;
  private closed = false;

  constructor(
    private readonly log: LogReader,
    private readonly filter: LogFilter,
  ) {
    super();
  }

  /** Fetches the first window; resolves when the length of the list is known. */
  async begin(): Promise<this> {
    await this.fetch(0);
    const trouble = this.trouble();
    if (trouble !== null) throw trouble as Error;
    return this;
  }

  connect(viewer: CollectionViewer): Observable<LogLine[]> {
    this.watching = viewer.viewChange.subscribe(({ start, end }) => {
      for (let window = Math.floor(start / WINDOW); window * WINDOW < end; window++) {
        void this.fetch(window);
      }
    });
    return this.lines;
  }

  disconnect(): void {
    this.watching?.unsubscribe();
  }

  close(): void {
    this.closed = true;
    this.disconnect();
  }

  private async fetch(window: number): Promise<void> {
    if (this.asked.has(window)) return;
    this.asked.add(window);
    try {
      const { items, total } = await this.log.page(this.filter, window * WINDOW, WINDOW);
      if (this.closed) return;
      const lines =
        this.lines.value.length === total
          ? [...this.lines.value]
          : new Array<LogLine>(total).fill(null).map((_, k) => this.lines.value[k] ?? null);
      items.forEach((entry, k) => (lines[window * WINDOW + k] = entry));
      this.lines.next(lines);
      this.total.set(total);
      this.trouble.set(null);
    } catch (error) {
      this.asked.delete(window);
      if (!this.closed) this.trouble.set(error);
    }
  }
}
