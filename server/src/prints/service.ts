import type { Account } from '@sleetcrest/contract/accounts';
import type { AskPrint, PrintJob } from '@sleetcrest/contract/table';
import { FOR_ONESELF } from '@sleetcrest/core/log';
import { taskWords } from '@sleetcrest/core/table';
import type { Logger } from 'pino';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { GroupService } from '../groups/service.js';
import { errorFields } from '../http/logging.js';
import { HttpProblem, refusal } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import type { AssignmentService } from '../assignments/service.js';
import { methodOf, type MatrixService } from '../matrix/service.js';
import type { PageAsked } from './asked.js';
import { SEASON } from './letter.js';
import { bound, pageOf } from './thinking.js';

/** Seconds of silence after which a job is taken over: whoever worked at it has ended. */
const SILENT = 15;
/** Milliseconds between looks for jobs that nobody works at. */
const LOOK = 5000;

interface JobRow {
  id: string;
  group_id: string;
  asked_by: string;
  coach_name: string;
  asked: AskPrint;
}

interface StateRow {
  id: string;
  asked: AskPrint;
  state: PrintJob['state'];
  done: number;
  of: number;
  asked_at: Date;
}

/**
 * Makes paper for a group, learner by learner. A job is in the database: whichever process is free takes it,
 * and one whose process has ended is taken over by another.
 */
export class PrintService {
  private timer: NodeJS.Timeout | undefined;
  private working = false;
  private closed = false;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly logger: Logger,
    private readonly groups: GroupService,
    private readonly matrix: MatrixService,
    private readonly assignments: AssignmentService,
  ) {}

  /** Looks for jobs from now on. */
  begin(): void {
    this.timer ??= setInterval(() => void this.look(), LOOK).unref();
  }

  /** Takes no more jobs; the one at hand is left for another process. */
  close(): void {
    this.closed = true;
    clearInterval(this.timer);
  }

  async list(group: string): Promise<PrintJob[]> {
    const rows = await this.sequelize.query<StateRow>(
      `SELECT id, asked, state, done, of, asked_at FROM print_jobs WHERE group_id = $1
       ORDER BY asked_at DESC LIMIT 20`,
      { bind: [group], type: QueryTypes.SELECT },
    );
    return rows.map(jobOf);
  }

  /** Asks for paper; sent again it is the same job. */
  async ask(account: Account, group: string, asked: AskPrint): Promise<PrintJob> {
    if (asked.for !== null) {
      const { learners } = await this.groups.one(account, group);
      const known = new Set(learners.map(({ id }) => id));
      if (asked.for.some((id) => !known.has(id))) {
        throw refusal('for', 'somebody in it is no learner of this group');
      }
    }
    const [count] = await this.sequelize.query<{ count: number }>(
      'SELECT count(*)::int AS count FROM print_jobs WHERE group_id = $1 AND id <> $2',
      { bind: [group, asked.id], type: QueryTypes.SELECT },
    );
    if (count!.count >= MOST_KEPT.printsOfGroup) {
      throw noRoom('things printed for a group', MOST_KEPT.printsOfGroup);
    }
    await this.sequelize.query(
      `INSERT INTO print_jobs (id, group_id, asked_by, asked) VALUES ($1, $2, $3, $4::jsonb)
       ON CONFLICT DO NOTHING`,
      { bind: [asked.id, group, account.id, JSON.stringify(asked)] },
    );
    const job = (await this.list(group)).find(({ id }) => id === asked.id);
    if (!job) throw new HttpProblem(409, 'Something else has this id; make a new id.');
    void this.look();
    return job;
  }

  /** The file, once it is made. */
  async pdf(group: string, id: string): Promise<{ name: string; pdf: Buffer }> {
    const [row] = await this.sequelize.query<{ asked: AskPrint; pdf: Buffer | null }>(
      'SELECT asked, pdf FROM print_jobs WHERE id = $1 AND group_id = $2',
      { bind: [id, group], type: QueryTypes.SELECT },
    );
    if (!row) throw unknownJob();
    if (!row.pdf) throw new HttpProblem(409, 'It is not made yet; wait for it.');
    return { name: `sleetcrest-${row.asked.kind}-${row.asked.day}.pdf`, pdf: row.pdf };
  }

  /** Cancels it, or throws away what was made. */
  async remove(group: string, id: string): Promise<void> {
    const gone = await this.sequelize.query(
      'DELETE FROM print_jobs WHERE id = $1 AND group_id = $2 RETURNING id',
      { bind: [id, group], type: QueryTypes.SELECT },
    );
    if (gone.length === 0) throw unknownJob();
  }

  /** Does what waits, one job after the other. */
  async look(): Promise<void> {
    if (this.working || this.closed) return;
    this.working = true;
    try {
      for (let job = await this.take(); job; job = await this.take()) await this.work(job);
    } catch (error) {
      // The database may be gone for a moment: it is looked at again.
      this.logger.warn({ work: 'print', error: errorFields(error) }, 'no job could be taken');
    } finally {
      this.working = false;
    }
  }

  private async take(): Promise<JobRow | undefined> {
    if (this.closed) return undefined;
    const [job] = await this.sequelize.query<JobRow>(
      `UPDATE print_jobs SET state = 'working', seen_at = now(), done = 0
       FROM accounts WHERE accounts.id = asked_by AND print_jobs.id = (
         SELECT id FROM print_jobs WHERE state = 'waiting'
           OR (state = 'working' AND seen_at < now() - interval '${SILENT} seconds')
         ORDER BY asked_at LIMIT 1 FOR UPDATE SKIP LOCKED)
       RETURNING print_jobs.id, group_id, asked_by, accounts.name AS coach_name, asked`,
      { type: QueryTypes.SELECT },
    );
    return job;
  }

  private async work(job: JobRow): Promise<void> {
    try {
      const pages = await this.pages(job);
      if (!(await this.tell(job, 0, pages.length))) return;
      const parts: Uint8Array[] = [];
      for (const page of pages) {
        parts.push(await pageOf(page));
        // Gone means cancelled; and a process that ends leaves the rest to another.
        if (this.closed || !(await this.tell(job, parts.length, pages.length))) return;
      }
      const pdf = Buffer.from(await bound(parts));
      await this.sequelize.query(
        `UPDATE print_jobs SET state = 'done', pdf = $2, seen_at = now() WHERE id = $1`,
        { bind: [job.id, pdf] },
      );
    } catch (error) {
      this.logger.error({ work: 'print', error: errorFields(error) }, 'a print job failed');
      await this.sequelize.query(`UPDATE print_jobs SET state = 'failed' WHERE id = $1`, {
        bind: [job.id],
      });
    }
  }

  private async tell(job: JobRow, done: number, of: number): Promise<boolean> {
    const there = await this.sequelize.query(
      'UPDATE print_jobs SET done = $2, of = $3, seen_at = now() WHERE id = $1 RETURNING id',
      { bind: [job.id, done, of], type: QueryTypes.SELECT },
    );
    return there.length > 0;
  }

  /** What goes on each learner's pages. */
  private async pages({ asked, group_id, asked_by, coach_name }: JobRow): Promise<PageAsked[]> {
    const coach: Account = { id: asked_by, name: coach_name, role: 'coach' };
    const group = await this.groups.one(coach, group_id);
    const { columns, stages, rows } = await this.matrix.of(group, asked.day);
    const set = await this.assignments.ofGroup(group_id);
    const meant = rows.filter(({ id }) => asked.for === null || asked.for.includes(id));
    const days = await this.days(
      meant.map(({ id }) => id),
      asked.day,
    );
    const titles = new Map<string, string>([
      ...columns.map((one): [string, string] => [one.case, one.title]),
      ...stages.map(({ stage, title }): [string, string] => [stage, title]),
    ]);
    return meant.map((row) => ({
      ...{ kind: asked.kind, paper: asked.paper, day: asked.day, group: group.name },
      ...{ coach: coach_name, method: methodOf(group.method), firstColour: group.firstColour },
      ...{ stages, columns, row, days: days.get(row.id) ?? 0 },
      set: set
        .filter(
          ({ until, progress }) =>
            (until === null || until >= asked.day) &&
            progress.some(({ learner, doneAt }) => learner === row.id && doneAt === null),
        )
        .map(({ task, until, note }) => ({
          words: taskWords(task, (id) => titles.get(id) ?? id),
          ...{ until, note },
        })),
    }));
  }

  /** By learner, the different days of the season on which they practised or recorded anything. */
  private async days(ids: readonly string[], day: string): Promise<Map<string, number>> {
    const rows = await this.sequelize.query<{ id: string; days: number }>(
      `SELECT account_id AS id, count(DISTINCT day)::int AS days FROM (
         SELECT account_id, (at AT TIME ZONE 'UTC' + make_interval(mins => utc_offset))::date AS day
         FROM practice_reviews WHERE account_id = ANY ($1::uuid[])
         UNION ALL
         SELECT account_id, day FROM log_entries WHERE account_id = ANY ($1::uuid[])
           AND deleted_at IS NULL AND NOT tags @> ARRAY['${FOR_ONESELF}']::text[]) all_days
       WHERE day <= $2::date AND day > $2::date - ${SEASON.days} GROUP BY account_id`,
      { bind: [ids, day], type: QueryTypes.SELECT },
    );
    return new Map(rows.map(({ id, days }) => [id, days]));
  }
}

const jobOf = ({ id, asked, state, done, of, asked_at }: StateRow): PrintJob => ({
  ...{ id, kind: asked.kind, day: asked.day, state, done, of, askedAt: asked_at.toISOString() },
});

const unknownJob = (): HttpProblem =>
  new HttpProblem(404, 'Nothing that was printed is known by this id; it is kept for a day.');
