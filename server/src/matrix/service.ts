import { createHash } from 'node:crypto';
import type { Group } from '@sleetcrest/contract/accounts';
import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import { DEFAULT_METHOD, methodById, type Method, type Stage } from '@sleetcrest/core';
import { FOR_ONESELF } from '@sleetcrest/core/log';
import type { Review } from '@sleetcrest/core/practice';
import {
  RECENT_DAYS,
  stageStanding,
  standingBySolves,
  type StageDone,
} from '@sleetcrest/core/table';
import { LRUCache } from 'lru-cache';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { PracticeService } from '../practice/service.js';
import type { Columns, PracticeStanding } from './standing-thinker.js';
import { columnsOf, standingsOf } from './thinking.js';

/** Learners whose answers are handed to a thread at once. */
const AT_ONCE = 10;
const MOST_REMEMBERED = 2000;

/** A method as a group has it: by name, or written out. */
export const methodOf = (chosen: Group['method']): Method =>
  typeof chosen === 'string' ? (methodById(chosen) ?? DEFAULT_METHOD) : chosen;

/** How each learner of a group stands, from lessons, practice and solves. */
export class MatrixService {
  // Answers are only ever added: what was reckoned from so many stays so for the day.
  private readonly standings = new LRUCache<string, PracticeStanding>({ max: MOST_REMEMBERED });
  private readonly columns = new LRUCache<string, Columns>({ max: 50 });

  constructor(
    private readonly sequelize: Sequelize,
    private readonly practice: PracticeService,
  ) {}

  async of(group: Group, day: string): Promise<Matrix> {
    const columns = await this.columnsOf(group);
    const ids = group.learners.map(({ id }) => id);
    const [practised, stages, solved] = await Promise.all([
      this.practised(ids, columns, day),
      this.stages(ids, day),
      this.solved(ids, day),
    ]);
    const rows = group.learners.map(({ id, name }): MatrixRow => {
      const { lastDay, cases, ...own } = practised.get(id)!;
      const whole = solved.get(id);
      const days = [lastDay, whole?.lastDay ?? null].filter((one) => one !== null);
      // Who solves whole cubes has a way through each stage, also one that their own has not got.
      const doneOf = (stage: Stage): StageDone =>
        stages.get(`${id} ${stage}`) ?? whole?.done ?? NEVER;
      const inStage = (stage: Stage) =>
        cases.filter((_, k) => columns.columns[k]!.stage === stage).map((one) => one.standing);
      return {
        ...{ ...own, id, name, typical: whole?.typical ?? null },
        lastDay: days.length > 0 ? Math.max(...days) : null,
        cases: cases.map((one, k) => {
          const { stage } = columns.columns[k]!;
          const none = inStage(stage).every((standing) => standing === 'new');
          return { ...one, standing: standingBySolves(one.standing, doneOf(stage), none) };
        }),
        stages: columns.stages.map(({ stage }) => {
          const done = doneOf(stage);
          return { stage, standing: stageStanding(inStage(stage), done), ...done };
        }),
      };
    });
    return { columns: columns.columns, stages: columns.stages, rows, day };
  }

  private async columnsOf({ method, firstColour }: Group): Promise<Columns> {
    const key = digest(JSON.stringify([method, firstColour]));
    let columns = this.columns.get(key);
    if (!columns) {
      columns = await columnsOf({ method: methodOf(method), firstColour });
      this.columns.set(key, columns);
    }
    return columns;
  }

  private async practised(
    ids: readonly string[],
    { cases }: Columns,
    day: string,
  ): Promise<Map<string, PracticeStanding>> {
    const counts = await this.sequelize.query<{ id: string; count: number; last: Date }>(
      `SELECT account_id AS id, count(*)::int AS count, max(arrived_at) AS last
       FROM practice_reviews WHERE account_id = ANY ($1::uuid[]) GROUP BY account_id`,
      { bind: [ids], type: QueryTypes.SELECT },
    );
    const states = new Map(counts.map(({ id, count, last }) => [id, `${count} ${last.getTime()}`]));
    const about = digest(JSON.stringify([cases, day]));
    const keyOf = (id: string): string => `${id} ${states.get(id) ?? 'none'} ${about}`;
    const missing = ids.filter((id) => !this.standings.has(keyOf(id)));
    const found = new Map<string, PracticeStanding>();
    for (let k = 0; k < missing.length; k += AT_ONCE) {
      const some = missing.slice(k, k + AT_ONCE);
      const learners = await Promise.all(
        some.map(async (id) => ({ id, reviews: states.has(id) ? await this.reviews(id) : [] })),
      );
      for (const one of await standingsOf({ cases, learners, day })) {
        this.standings.set(keyOf(one.id), one);
        found.set(one.id, one);
      }
    }
    for (const id of ids) found.set(id, found.get(id) ?? this.standings.get(keyOf(id))!);
    return found;
  }

  private async reviews(id: string): Promise<Review[]> {
    const all: Review[] = [];
    for await (const page of this.practice.all(id)) all.push(...page);
    return all;
  }

  /** By learner and stage: how often and when it was finished, in whole solves or alone. */
  private async stages(ids: readonly string[], day: string): Promise<Map<string, StageDone>> {
    const rows = await this.sequelize.query<{
      id: string;
      stage: Stage;
      times: number;
      days: number;
      last: number;
      typical: number;
    }>(
      `WITH done AS (
         SELECT account_id, day, began_at, split.of AS stage, split.took AS hundredths
         FROM log_entries, unnest(split_stages, split_hundredths) AS split (of, took)
         WHERE ${COUNTS} AND kind = 'solve'
         UNION ALL
         SELECT account_id, day, began_at, stage, hundredths FROM log_entries
         WHERE ${COUNTS} AND kind = 'stage'
       ), ranked AS (
         SELECT *, row_number() OVER (PARTITION BY account_id, stage ORDER BY began_at DESC) AS back
         FROM done WHERE day <= $2::date
       )
       SELECT account_id AS id, stage, count(*)::int AS times,
         (count(DISTINCT day) FILTER (WHERE day > $2::date - ${RECENT_DAYS}))::int AS days,
         max(day) - DATE '1970-01-01' AS last,
         percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) FILTER (WHERE back <= 12) AS typical
       FROM ranked GROUP BY account_id, stage`,
      { bind: [ids, day], type: QueryTypes.SELECT },
    );
    return new Map(
      rows.map(({ id, stage, times, days, last, typical }) => [
        `${id} ${stage}`,
        { times, days, lastDay: last, typical: Math.round(typical) / 100 },
      ]),
    );
  }

  /** By learner: what is typical of their last whole solves, and when they last recorded anything. */
  private async solved(ids: readonly string[], day: string): Promise<Map<string, Solved>> {
    const rows = await this.sequelize.query<SolvedRow>(
      `WITH ranked AS (
         SELECT account_id, day, hundredths, kind = 'solve' AND hundredths IS NOT NULL
             AND outcome = 'finished' AS whole,
           row_number() OVER (PARTITION BY account_id, kind, outcome ORDER BY began_at DESC) AS back
         FROM log_entries WHERE ${SEEN}
       )
       SELECT account_id AS id, max(day) - DATE '1970-01-01' AS last,
         percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths)
           FILTER (WHERE whole AND back <= 12) AS typical,
         (count(*) FILTER (WHERE whole AND day <= $2::date))::int AS times,
         (count(DISTINCT day) FILTER (WHERE whole AND day <= $2::date
           AND day > $2::date - ${RECENT_DAYS}))::int AS days,
         max(day) FILTER (WHERE whole AND day <= $2::date) - DATE '1970-01-01' AS last_whole
       FROM ranked GROUP BY account_id`,
      { bind: [ids, day], type: QueryTypes.SELECT },
    );
    return new Map(
      rows.map(({ id, last, typical, times, days, last_whole }) => [
        id,
        {
          ...{ lastDay: last, typical: typical === null ? null : Math.round(typical) / 100 },
          done: times > 0 ? { times, days, lastDay: last_whole, typical: null } : null,
        },
      ]),
    );
  }
}

/** What is typical of somebody's last whole solves, how often they did any, and when they recorded last. */
interface Solved {
  typical: number | null;
  lastDay: number;
  done: StageDone | null;
}

interface SolvedRow {
  id: string;
  last: number;
  typical: number | null;
  times: number;
  days: number;
  last_whole: number | null;
}

const NEVER: StageDone = { times: 0, days: 0, lastDay: null, typical: null };
const SEEN = `account_id = ANY ($1::uuid[]) AND deleted_at IS NULL
  AND NOT tags @> ARRAY['${FOR_ONESELF}']::text[]`;
const COUNTS = `${SEEN} AND outcome = 'finished' AND hundredths IS NOT NULL`;

const digest = (text: string): string => createHash('sha256').update(text).digest('base64url');
