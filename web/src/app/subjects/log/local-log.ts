import { rowOf, LOG_COLUMNS, logEntrySchema, type ChangeEntry } from '@sleetcrest/contract/log';
import type { BatchAnswer, LogPage } from '@sleetcrest/contract/log';
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
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import Papa from 'papaparse';
import { MOST_HELD } from './log-book';

interface Row {
  id: string;
  entry: LogEntry;
  deleted: boolean;
}

interface Schema extends DBSchema {
  /** A deleted record is marked, so that it can be brought back. */
  entries: { key: string; value: Row };
  /** Of a log that is held for an account: up to when what changed on the server is in it. */
  since: { key: string; value: string };
}

const MOST_TAGS = 20;

const row = (entry: LogEntry): Row => ({ id: entry.id, entry, deleted: false });

/**
 * A log in this browser: the records in IndexedDB, counted by core. Runs in a worker. It is a guest's
 * log, or what is held of an account's for when the server cannot be reached.
 */
export class LocalLog {
  private database: Promise<IDBPDatabase<Schema>> | undefined;
  /** The records as read last, newest first; undefined when something may have changed. */
  private known: LogEntry[] | undefined;
  private readonly channel: BroadcastChannel;

  constructor(private readonly name: string) {
    this.channel = new BroadcastChannel(name);
    // Another tab has changed the log.
    this.channel.onmessage = () => (this.known = undefined);
  }

  async page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    const meant = await this.meant(filter);
    return { items: meant.slice(offset, offset + limit), total: meant.length };
  }

  async overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return overviewOf(await this.entries(), filter, today);
  }

  async groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    return groupsOf(await this.meant(filter), by);
  }

  async read(id: string): Promise<LogEntry> {
    const found = (await this.entries()).find((entry) => entry.id === id);
    if (!found) throw new Error('No record is kept under this id; it may have been deleted.');
    return found;
  }

  /** Keeps records; those that are there already add nothing, those deleted come back. */
  async addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    const transaction = (await this.open()).transaction('entries', 'readwrite');
    let added = 0;
    for (const entry of entries) {
      const known = await transaction.store.get(entry.id);
      if (known && !known.deleted) continue;
      await transaction.store.put(known ? { ...known, deleted: false } : row(entry));
      added++;
    }
    await transaction.done;
    this.changed();
    return { added, known: entries.length - added };
  }

  async addBatch(batch: Blob): Promise<BatchAnswer> {
    const { entries } = JSON.parse(await batch.text()) as { entries: LogEntry[] };
    return this.addAll(entries);
  }

  async change(id: string, change: ChangeEntry): Promise<LogEntry> {
    const entry = logEntrySchema.parse({ ...(await this.read(id)), ...change });
    await (await this.open()).put('entries', row(entry));
    this.changed();
    return entry;
  }

  remove(ids: readonly string[]): Promise<void> {
    return this.edit(ids, (one) => ({ ...one, deleted: true }));
  }

  restore(ids: readonly string[]): Promise<void> {
    return this.edit(ids, (one) => ({ ...one, deleted: false }));
  }

  tag(ids: readonly string[], add: readonly string[], remove: readonly string[]): Promise<void> {
    return this.edit(ids, ({ entry }) => {
      const all = [...new Set([...entry.tags, ...add])];
      const tags = all.filter((one) => !remove.includes(one)).slice(0, MOST_TAGS);
      return row({ ...entry, tags });
    });
  }

  async file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob> {
    const entries = (await this.meant(filter)).reverse();
    if (as === 'json') {
      const document = { format: 'sleetcrest/log@1', entries };
      return new Blob([`${JSON.stringify(document, null, 1)}\n`], { type: 'application/json' });
    }
    const columns = LOG_COLUMNS.map(({ name }) => name);
    const csv = Papa.unparse(
      { fields: columns, data: entries.map((entry) => rowOf(entry)) },
      { newline: '\r\n' },
    );
    return new Blob([csv, '\r\n'], { type: 'text/csv;charset=utf-8' });
  }

  /** Some of the records, for moving them into an account. */
  async some(count: number): Promise<LogEntry[]> {
    return (await this.entries()).slice(0, count);
  }

  /** Takes records out for good: they are kept elsewhere now. */
  async moved(ids: readonly string[]): Promise<void> {
    const transaction = (await this.open()).transaction('entries', 'readwrite');
    for (const id of ids) await transaction.store.delete(id);
    await transaction.done;
    this.changed();
  }

  /** Up to when what changed on the server is in here; undefined for a log never held. */
  async since(): Promise<string | undefined> {
    return (await this.open()).get('since', 'since');
  }

  /** Puts records as the server has them in the place of what is here, and takes out those deleted. */
  async hold(
    changed: readonly { entry: LogEntry; deleted: boolean }[],
    since?: string,
  ): Promise<void> {
    const transaction = (await this.open()).transaction(['entries', 'since'], 'readwrite');
    const entries = transaction.objectStore('entries');
    for (const { entry, deleted } of changed) await entries.put({ ...row(entry), deleted });
    if (since !== undefined) await transaction.objectStore('since').put(since, 'since');
    await transaction.done;
    this.changed();
    const older = (await this.entries()).slice(MOST_HELD);
    if (older.length > 0) await this.moved(older.map(({ id }) => id));
  }

  /** Forgets everything. */
  async forget(): Promise<void> {
    const transaction = (await this.open()).transaction(['entries', 'since'], 'readwrite');
    await transaction.objectStore('entries').clear();
    await transaction.objectStore('since').clear();
    await transaction.done;
    this.changed();
  }

  private async edit(ids: readonly string[], change: (one: Row) => Row): Promise<void> {
    const transaction = (await this.open()).transaction('entries', 'readwrite');
    for (const id of ids) {
      const one = await transaction.store.get(id);
      if (one) await transaction.store.put(change(one));
    }
    await transaction.done;
    this.changed();
  }

  private changed(): void {
    this.known = undefined;
    this.channel.postMessage('changed');
  }

  private async meant(filter: LogFilter): Promise<LogEntry[]> {
    return (await this.entries()).filter((entry) => isMeant(entry, filter));
  }

  private async entries(): Promise<LogEntry[]> {
    if (this.known) return this.known;
    const all = await (await this.open()).getAll('entries');
    this.known = all
      .filter(({ deleted }) => !deleted)
      .map(({ entry }) => entry)
      .sort(newestFirst);
    return this.known;
  }

  private open(): Promise<IDBPDatabase<Schema>> {
    this.database ??= openDB<Schema>(this.name, 2, {
      upgrade: (database, version) => {
        if (version < 1) database.createObjectStore('entries', { keyPath: 'id' });
        database.createObjectStore('since');
      },
    });
    return this.database;
  }
}
