import { HttpClient, HttpParams } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import {
  batchAnswerSchema,
  logEntrySchema,
  logGroupsSchema,
  logOverviewSchema,
  logPageSchema,
  type BatchAnswer,
  type ChangeEntry,
  type LogPage,
} from '@sleetcrest/contract/log';
import type { Grouping, LogEntry, LogFilter, LogGroup, LogOverview } from '@sleetcrest/core/log';
import { firstValueFrom } from 'rxjs';
import { apiFailure } from '../../sending/solves-api';
import type { Kept, LogBook, LogReader } from './log-book';
import { Outbox } from './outbox';

const params = (filter: LogFilter, more: Record<string, string | number> = {}): HttpParams =>
  new HttpParams({
    fromObject: Object.fromEntries(
      Object.entries({ ...filter, ...more }).filter(([, value]) => value !== undefined),
    ) as Record<string, string | number>,
  });

/** A log on the server: one's own, or that of a learner one coaches. */
class ServerLog implements LogReader {
  constructor(
    protected readonly http: HttpClient,
    private readonly base: string,
  ) {}

  async page(filter: LogFilter, offset: number, limit: number): Promise<LogPage> {
    return logPageSchema.parse(await this.get('', params(filter, { offset, limit })));
  }

  async overview(filter: LogFilter, today: string): Promise<LogOverview> {
    return logOverviewSchema.parse(await this.get('/overview', params(filter, { today })));
  }

  async groups(filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
    return logGroupsSchema.parse(await this.get('/groups', params(filter, { by }))).items;
  }

  async read(id: string): Promise<LogEntry> {
    return logEntrySchema.parse(await this.get(`/entries/${id}`, new HttpParams()));
  }

  private get(path: string, query: HttpParams): Promise<object> {
    return firstValueFrom(this.http.get(`${this.base}${path}`, { params: query }));
  }
}

/** The log of a learner of one's groups. */
export const learnerLog = (http: HttpClient, learner: string): LogReader =>
  new ServerLog(http, `/api/learners/${learner}/log`);

/** One's own log on the server. What it cannot be told now waits in the browser. */
@Injectable({ providedIn: 'root' })
export class AccountLog extends ServerLog implements LogBook {
  private readonly outbox = inject(Outbox);

  constructor() {
    super(inject(HttpClient), '/api/log');
  }

  async add(entry: LogEntry): Promise<Kept> {
    try {
      await firstValueFrom(this.http.post('/api/log', entry));
      return 'kept';
    } catch (error) {
      if (!apiFailure(error).unreachable) throw error;
      await this.outbox.put(entry);
      return 'waiting';
    }
  }

  async addAll(entries: readonly LogEntry[]): Promise<BatchAnswer> {
    return batchAnswerSchema.parse(await this.post('batch', { entries }));
  }

  async change(id: string, change: ChangeEntry): Promise<LogEntry> {
    const waiting = await this.outbox.change(id, change);
    if (waiting) return waiting;
    return logEntrySchema.parse(
      await firstValueFrom(this.http.patch(`/api/log/entries/${id}`, change)),
    );
  }

  async remove(ids: readonly string[]): Promise<void> {
    await this.post('remove', { ids });
  }

  async restore(ids: readonly string[]): Promise<void> {
    await this.post('restore', { ids });
  }

  async tag(
    ids: readonly string[],
    add: readonly string[],
    remove: readonly string[],
  ): Promise<void> {
    await this.post('tags', { ids, add, remove });
  }

  file(filter: LogFilter, as: 'csv' | 'json'): Promise<Blob> {
    return firstValueFrom(
      this.http.get('/api/log/export', { params: params(filter, { as }), responseType: 'blob' }),
    );
  }

  private post(path: string, body: object): Promise<object> {
    return firstValueFrom(this.http.post(`/api/log/${path}`, body));
  }
}
