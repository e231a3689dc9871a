import type { QueryResult } from 'pg';
import type { Logger } from 'pino';
import PgBoss from 'pg-boss';
import type { Sequelize } from 'sequelize';
import { wasRefused, withConnection } from '../database/connection.js';
import { errorFields } from '../http/logging.js';
import { oldestJob } from './queries.js';
import { POLLED, QUEUES, SCHEDULES, type JobData, type JobKind } from './queues.js';

/** Milliseconds for what is being done to be handed back when the process ends. */
const HANDED_BACK = 3000;
const AGAIN = 3000;

type Work<Kind extends JobKind> = (data: JobData[Kind], signal: AbortSignal) => Promise<void>;

/**
 * Asks the database what pg-boss wants asked. Some of that begins a transaction of its own, which is over before
 * the connection is lent again: of several processes that make the tables at once, all but one are refused in it.
 */
function asked(sequelize: Sequelize, text: string, values: unknown[]): Promise<QueryResult> {
  return withConnection(sequelize, async (connection) => {
    try {
      return await connection.query(text, values);
    } catch (error) {
      if (wasRefused(error)) await connection.query('ROLLBACK');
      throw error;
    }
  });
}

/** A process that only asks for jobs, and leaves doing them to others. */
export type Sending = Pick<Jobs, 'send'>;

/**
 * What is done beside requests, by whichever process is free: kept in the database by pg-boss, tried again later
 * where it failed or its process ended, and given up after so many tries.
 */
export class Jobs {
  private readonly boss: PgBoss;
  private readonly works = new Map<JobKind, Work<never>>();
  private readonly workers = new Map<JobKind, string>();
  private readonly ending = new AbortController();
  private started: Promise<void> | undefined;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly logger: Logger,
  ) {
    this.boss = new PgBoss({
      db: { executeSql: (text, values) => asked(sequelize, text, values) },
      // Each on the clock of the database; whoever comes first does it.
      schedule: true,
      supervise: true,
      retentionDays: 7,
      archiveCompletedAfterSeconds: 3600,
      deleteAfterDays: 2,
    });
    this.boss.on('error', (error) => {
      this.logger.warn(
        { work: 'jobs', error: errorFields(error) },
        'jobs could not be looked after',
      );
    });
  }

  /** Says how a kind of job is done. */
  on<Kind extends JobKind>(kind: Kind, work: Work<Kind>): void {
    this.works.set(kind, work);
  }

  /** Does jobs from now on; where the database is gone it is tried again. */
  async begin(): Promise<void> {
    while (!this.ending.signal.aborted) {
      try {
        await this.start();
        for (const [kind, work] of this.works) await this.workAt(kind, work);
        for (const [kind, cron] of Object.entries(SCHEDULES)) await this.boss.schedule(kind, cron);
        return;
      } catch (error) {
        this.logger.warn({ work: 'jobs', error: errorFields(error) }, 'jobs could not be begun');
        await new Promise((resolve) => setTimeout(resolve, AGAIN).unref());
      }
    }
  }

  /** Makes what jobs are kept in, where it is not there. */
  async start(): Promise<void> {
    this.started ??= (async () => {
      await this.boss.start();
      for (const [name, options] of Object.entries(QUEUES)) {
        await this.boss.createQueue(name, { name, ...options });
      }
    })().catch((error: unknown) => {
      this.started = undefined;
      throw error;
    });
    await this.started;
  }

  /** Asks for a job; the same id, or the same key within so many seconds, is the same job. */
  async send<Kind extends JobKind>(
    kind: Kind,
    data: JobData[Kind],
    options: Pick<PgBoss.SendOptions, 'id' | 'singletonKey' | 'singletonSeconds'> = {},
  ): Promise<void> {
    await this.start();
    await this.boss.send(kind, data, options);
    const worker = this.workers.get(kind);
    if (worker !== undefined) this.boss.notifyWorker(worker);
  }

  /** Takes a job from a process that says nothing any more: it is tried again, or given up. */
  async takeBack(kind: JobKind, id: string): Promise<void> {
    await this.start();
    await this.boss.fail(kind, id, { message: 'its process ended' });
  }

  /** Seconds for which the oldest job that waits has waited; 0 where none does. */
  oldest(): Promise<number> {
    return oldestJob(this.sequelize);
  }

  /** Takes no more jobs, and hands back what is being done. */
  async close(): Promise<void> {
    this.ending.abort();
    await this.started?.catch(() => undefined);
    if (!this.started) return;
    await this.boss.stop({ graceful: true, wait: true, close: false, timeout: HANDED_BACK });
  }

  private async workAt(kind: JobKind, work: Work<never>): Promise<void> {
    const options = { batchSize: 1, pollingIntervalSeconds: POLLED[kind] };
    const id = await this.boss.work<never>(kind, options, async (jobs) => {
      for (const { data } of jobs) await this.done(kind, work, data);
    });
    this.workers.set(kind, id);
  }

  private async done(kind: JobKind, work: Work<never>, data: never): Promise<void> {
    try {
      await work(data, this.ending.signal);
    } catch (error) {
      this.logger.error(
        { work: kind, error: errorFields(error) },
        'a job failed; it is tried again',
      );
      throw error;
    }
  }
}
