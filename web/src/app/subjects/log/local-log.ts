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
import Papa from 'papaparse';
import { Replica } from '../../base/replica/replica';
import { MOST_HELD } from './log-book';
import { SAY } from './words';

/** A deleted record is marked, so that it can be brought back. */
interface Row {
  id: string;
  entry: LogEntry;
  deleted: boolean;
}

const MOST_TAGS = 20;

const row = (entry: LogEntry): Row => ({ id: entry.id, entry, deleted: false });

/**
 * A log in this browser: the records in IndexedDB, counted by core. Runs in a worker. It is a guest's
 * log, or what is held of an account's for when the server cannot be reached.
 */
export class LocalLog {
  private readonly held: Replica<Row>;
  /** The records as read last, newest first; undefined when something may have changed. */
  private known: LogEntry[] | undefined;

  constructor(name: string) {
    this.held = new Replica(name, 2, 'entries', [], () => (this.known = undefined));
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
    if (!found) throw new Error(SAY.noRecordIsKeptUnder);
    return found;
  }

  /** Keeps records; those that are there already add nothing, those deleted come back. */
  async addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    const put = await this.held.put(entries.map(row), (one, known) => {
      if (known && !known.deleted) return undefined;
      return known ? { ...known, deleted: false } : one;
    });
    this.known = undefined;
    return { added: put.length, known: entries.length - put.length };
  }

  async addBatch(batch: Blob): Promise<BatchAnswer> {
    const { entries } = JSON.parse(await batch.text()) as { entries: LogEntry[] };
    return this.addAll(entries);
  }

  async change(id: string, change: ChangeEntry): Promise<LogEntry> {
    const entry = logEntrySchema.parse({ ...(await this.read(id)), ...change });
    await this.held.put([row(entry)]);
    this.known = undefined;
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
    await this.held.moved(ids);
    this.known = undefined;
  }

  /** Up to when what changed on the server is in here; undefined for a log never held. */
  since(): Promise<string | undefined> {
    return this.held.since();
  }

  /** Puts records as the server has them in the place of what is here, and takes out those deleted. */
  async hold(
    changed: readonly { entry: LogEntry; deleted: boolean }[],
    since?: string,
  ): Promise<void> {
    await this.held.put(changed.map(({ entry, deleted }) => ({ ...row(entry), deleted })));
    if (since !== undefined) await this.held.heardUntil(since);
    this.known = undefined;
    const older = (await this.entries()).slice(MOST_HELD);
    if (older.length > 0) await this.moved(older.map(({ id }) => id));
  }

  /** Forgets everything. */
  async forget(): Promise<void> {
    await this.held.forget();
    this.known = undefined;
  }

  private async edit(ids: readonly string[], change: (one: Row) => Row): Promise<void> {
    await this.held.edit(ids, change);
    this.known = undefined;
  }

  private async meant(filter: LogFilter): Promise<LogEntry[]> {
    return (await this.entries()).filter((entry) => isMeant(entry, filter));
  }

  private async entries(): Promise<LogEntry[]> {
    if (this.known) return this.known;
    this.known = (await this.held.all())
      .filter(({ deleted }) => !deleted)
      .map(({ entry }) => entry)
      .sort(newestFirst);
    return this.known;
  }
}
