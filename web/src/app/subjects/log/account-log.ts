import { inject, Injectable } from '@angular/core';
import {
  batchAnswerSchema,
  entryHistorySchema,
  logChangesSchema,
  logEntrySchema,
  logGroupsSchema,
  logOverviewSchema,
  logPageSchema,
  type BatchAnswer,
  type ChangeEntry,
  type EntryHistory,
  type LogPage,
} from '@sleetcrest/contract/log';
import type {
  Grouping,
  LogEntry,
  LogFilter,
  LogGroup,
  LogOverview,
} from '@sleetcrest/core/learner/log';
import type { Asking, Later } from '../../base/work/worker-of';
import { Client } from '../../base/api/client';
import { apiFailure } from '../../base/api/failure';
import type { Deeds, Outcome } from '../../base/outbox/change';
import { onceAtATime } from '../../base/replica/once';
import { workersOf } from '../../base/replica/workers-of';
import { Outbox } from '../../base/outbox/outbox';
import { WHOSE } from '../../base/outbox/whose';
import type { LocalLog } from './local-log';
import type { RecordDeeds } from './record-deeds';
import { records } from './records';
import { MOST_HELD, type LogBook, type LogReader, type Whereabouts } from './log-book';
import { readAnswer } from '../../base/api/read-answer';

/** A log on the server: one's own, or that of a learner one coaches. */
export class ServerLog implements LogReader {
  constructor(
    protected readonly client: Client,
    private readonly base: string,
  ) {}

  page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    return this.client.get(this.base, logPageSchema, { ...filter, offset, limit });
  }

  overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return this.client.get(`${this.base}/overview`, logOverviewSchema, { ...filter, today });
  }

  async groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    const path = `${this.base}/groups`;
    return (await this.client.get(path, logGroupsSchema, { ...filter, by })).items;
  }

  read(id: string): Promise<LogEntry> {
    return this.client.get(`${this.base}/entries/${id}`, logEntrySchema);
  }
}

/** How many records are asked for at once while they are fetched to be held. */
const WINDOW = 200;

/**
 * One's own log on the server. What is told goes through the outbox and, at once, into what is held of
 * the log here; that is read while the server cannot be reached.
 */
@Injectable({ providedIn: 'root' })
export class AccountLog extends ServerLog implements LogBook {
  private readonly outbox = inject(Outbox);
  private readonly whose = inject(WHOSE);
  private readonly worker = workersOf(records);
  /** Deleted before the server had heard of them: to bring one back is to tell it anew. */
  private readonly unheard = new Map<string, LogEntry>();

  constructor() {
    super(inject(Client), '/api/log');
  }

  override page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    return this.there(
      () => super.page(filter, offset, limit),
      (held) => held.page(filter, offset, limit),
    );
  }

  override overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return this.there(
      () => super.overview(filter, today),
      (held) => held.overview(filter, today),
    );
  }

  override groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    return this.there(
      () => super.groups(filter, by),
      (held) => held.groups(filter, by),
    );
  }

  override read(id: string): Promise<LogEntry> {
    return this.there(
      () => super.read(id),
      (held) => held.read(id),
    );
  }

  /** What a record has said; nothing while the server cannot be reached. */
  history(id: string): Promise<EntryHistory> {
    return this.client.get(`/api/log/entries/${id}/history`, entryHistorySchema);
  }

  async add(entry: LogEntry): Promise<Whereabouts> {
    // First of all into the outbox, here and below: the page may go at any moment.
    const told = await this.outbox.post('record', [entry.id], { do: 'add', entry });
    await this.held((held) => held.hold([{ entry, deleted: false }]));
    return whereabouts(await told.outcome);
  }

  addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    return this.sent({ entries });
  }

  addBatch(batch: Blob): Promise<BatchAnswer> {
    return this.sent(batch);
  }

  private sent(batch: object): Promise<BatchAnswer> {
    return this.client.send('POST', '/api/log/batch', batchAnswerSchema, batch);
  }

  async change(id: string, change: ChangeEntry): Promise<LogEntry> {
    const told = await this.outbox.post('record', [id], { do: 'change', change });
    const before = await this.held((held) => held.read(id));
    const here = await this.held((held) => held.change(id, change));
    const outcome = await told.outcome;
    if (outcome.is === 'refused' && before) {
      await this.held((held) => held.hold([{ entry: before, deleted: false }]));
    }
    whereabouts(outcome);
    const answer = outcome.is === 'kept' ? outcome.answer : null;
    if (answer === null) return here ?? this.read(id);
    const entry = readAnswer(logEntrySchema, answer);
    await this.held((held) => held.hold([{ entry, deleted: false }]));
    return entry;
  }

  async remove(ids: readonly string[]): Promise<Whereabouts> {
    for (const id of ids) {
      for (const { deed } of this.outbox.about('record', id)) {
        if (deed.do === 'add') this.unheard.set(id, deed.entry);
      }
    }
    return this.with(
      ids,
      { do: 'remove' },
      (held) => held.remove(ids),
      (held) => held.restore(ids),
    );
  }

  async restore(ids: readonly string[]): Promise<void> {
    const heard = ids.filter((id) => !this.unheard.has(id));
    if (heard.length > 0) {
      await this.with(
        heard,
        { do: 'restore' },
        (held) => held.restore(heard),
        (held) => held.remove(heard),
      );
    }
    for (const id of ids) {
      const entry = this.unheard.get(id);
      if (entry) await this.add(entry);
    }
  }

  async tag(
    ids: readonly string[],
    add: readonly string[],
    remove: readonly string[],
  ): Promise<void> {
    await this.with(
      ids,
      { do: 'tag', add, remove },
      (held) => held.tag(ids, add, remove),
      (held) => held.tag(ids, remove, add),
    );
  }

  file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob> {
    return this.there(
      () => this.client.file('/api/log/export', { ...filter, as }),
      (held) => held.file(filter, as),
    );
  }

  /** Brings what is held here up to date, so that it can be read without a network. */
  readonly hold = onceAtATime(() => this.fetch());

  /** Forgets what is held of an account. */
  async forget(account: string): Promise<void> {
    await this.heldOf(account).ask(({ log }) => log.forget());
  }

  private async fetch(): Promise<void> {
    const since = await this.held((held) => held.since());
    const ask = (query: Record<string, string>) =>
      this.client.get('/api/log/changes', logChangesSchema, query);
    if (since === undefined) {
      const { next } = await ask({});
      for (let offset = 0; offset < MOST_HELD; offset += WINDOW) {
        const { items, total } = await super.page({}, offset, WINDOW);
        const changed = items.map((entry) => ({ entry, deleted: false }));
        await this.held((held) => held.hold(changed));
        if (offset + WINDOW >= total) break;
      }
      await this.held((held) => held.hold([], next.since));
      return;
    }
    for (let query: Record<string, string> = { since }; ;) {
      const { items, next } = await ask(query);
      // What waits here is newer than what the server has of it.
      const known = items.filter(({ entry }) => this.outbox.about('record', entry.id).length === 0);
      await this.held((held) => held.hold(known, next.since));
      if (!next.after) return;
      query = { since: next.since, after: next.after };
    }
  }

  /** Asks the server; what is held here where it cannot be reached, or has not heard all of it. */
  private async there<T>(
    server: () => Promise<T>,
    held: (held: Later<LocalLog>) => Promise<T>,
  ): Promise<T> {
    const waits = (): boolean => this.outbox.waiting().some(({ kind }) => kind === 'record');
    if (waits()) await this.outbox.flush();
    if (!waits()) {
      try {
        return await server();
      } catch (error) {
        if (!apiFailure(error).unreachable) throw error;
      }
    }
    const account = this.whose();
    if (account == null) return server();
    return this.heldOf(account).ask(({ log }) => held(log));
  }

  /** Tells something of records, and does it here too; what is refused is taken back here. */
  private async with(
    ids: readonly string[],
    deed: Deeds['record'],
    here: (held: Later<LocalLog>) => Promise<void>,
    takeBack: (held: Later<LocalLog>) => Promise<void>,
  ): Promise<Whereabouts> {
    const told = await this.outbox.post('record', ids, deed);
    await this.held(here);
    const outcome = await told.outcome;
    if (outcome.is === 'refused') await this.held(takeBack);
    return whereabouts(outcome);
  }

  /** Does something with what is held; where storage is closed to us, nothing. */
  private async held<T>(deed: (held: Later<LocalLog>) => Promise<T>): Promise<T | undefined> {
    const account = this.whose();
    if (account == null) return undefined;
    return this.heldOf(account)
      .ask(({ log }) => deed(log))
      .catch(() => undefined);
  }

  private heldOf(account: string): Asking<RecordDeeds> {
    return this.worker(`sleetcrest-log-${account}`);
  }
}

/** @throws Error with the server's sentence where it was refused */
function whereabouts(outcome: Outcome): Whereabouts {
  if (outcome.is === 'refused') throw new Error(outcome.message);
  return outcome.is;
}
