import { Injectable, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { logEntrySchema, type ChangeEntry } from '@sleetcrest/contract/log';
import type { LogEntry } from '@sleetcrest/core/log';
import { get, update } from 'idb-keyval';
import { accountFeature } from '../account/account.feature';

const KEY = 'log records to be sent';

interface Waiting {
  account: string;
  entry: LogEntry;
}

/** Records the server could not be told: they wait in the browser, and are sent when it answers. */
@Injectable({ providedIn: 'root' })
export class Outbox {
  private readonly account = inject(Store).selectSignal(accountFeature.selectAccount);
  /** How many records of this account wait. */
  readonly count = signal(0);

  async put(entry: LogEntry): Promise<void> {
    const account = this.account()?.id;
    if (account === undefined) return;
    await this.edit((waiting) => [
      ...waiting.filter((one) => one.entry.id !== entry.id),
      { account, entry },
    ]);
  }

  /** The records of this account, oldest first. */
  async all(): Promise<LogEntry[]> {
    const waiting = (await get<Waiting[]>(KEY).catch(() => undefined)) ?? [];
    const own = waiting.filter(({ account }) => account === this.account()?.id);
    this.count.set(own.length);
    return own.map(({ entry }) => entry);
  }

  /** Changes a record that still waits; undefined when it does not. */
  async change(id: string, change: ChangeEntry): Promise<LogEntry | undefined> {
    const before = (await this.all()).find((entry) => entry.id === id);
    if (!before) return undefined;
    const entry = logEntrySchema.parse({ ...before, ...change });
    await this.put(entry);
    return entry;
  }

  /** Takes out what was sent; one changed meanwhile is kept. */
  async sent(entries: readonly LogEntry[]): Promise<void> {
    const done = new Set(entries.map((entry) => JSON.stringify(entry)));
    await this.edit((waiting) => waiting.filter(({ entry }) => !done.has(JSON.stringify(entry))));
  }

  private async edit(change: (waiting: Waiting[]) => Waiting[]): Promise<void> {
    await update<Waiting[]>(KEY, (waiting) => change(waiting ?? []));
    await this.all();
  }
}
