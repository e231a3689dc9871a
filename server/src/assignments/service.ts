import type { Assignment, Progress, SetAssignment, Task } from '@sleetcrest/contract/table';
import { FOR_ONESELF } from '@sleetcrest/core/log';
import { wholeOf } from '@sleetcrest/core/table';
import { QueryTypes, type Sequelize } from 'sequelize';
import { HttpProblem, refusal } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';

interface Row {
  id: string;
  group_id: string;
  group_name: string;
  task: Task;
  note: string;
  until: string | null;
  for_all: boolean;
  set_at: Date;
  learners: { id: string; name: string; said: string | null }[];
}

/** What was done for one learner, as records and answers say. */
interface Done {
  learner: string;
  done: number;
  right: number | null;
  seconds: number | null;
  at: Date | null;
}

/** Sets work for learners; whether it was done is told from what they practise and record. */
export class AssignmentService {
  constructor(private readonly sequelize: Sequelize) {}

  /** All of a group's, newest first, with how far each learner has come. */
  ofGroup(group: string): Promise<Assignment[]> {
    return this.list('WHERE group_id = $1', group);
  }

  /** A learner's own, of all their groups: what is to be done first. */
  ofLearner(learner: string): Promise<Assignment[]> {
    return this.list(
      `WHERE groups.archived_at IS NULL AND group_id IN
         (SELECT group_id FROM group_members WHERE learner_id = $1)
       AND (for_all OR EXISTS (SELECT FROM assignment_learners
         WHERE assignment_id = assignments.id AND learner_id = $1))`,
      learner,
      learner,
    );
  }

  /** Sets it, once, however often it is sent. */
  async set(group: string, given: SetAssignment): Promise<Assignment> {
    await this.sequelize.transaction(async (transaction) => {
      const ask = <T extends object>(sql: string, bind: unknown[]) =>
        this.sequelize.query<T>(sql, { bind, type: QueryTypes.SELECT, transaction });
      const [count] = await ask<{ count: number }>(
        'SELECT count(*)::int AS count FROM assignments WHERE group_id = $1 AND id <> $2',
        [group, given.id],
      );
      if (count!.count >= MOST_KEPT.assignmentsOfGroup) {
        throw noRoom('things set for a group', MOST_KEPT.assignmentsOfGroup);
      }
      if (given.for !== null) {
        const known = await ask(
          'SELECT FROM group_members WHERE group_id = $1 AND learner_id = ANY ($2::uuid[])',
          [group, given.for],
        );
        if (known.length < new Set(given.for).size) {
          throw refusal('for', 'somebody in it is no learner of this group');
        }
      }
      const made = await ask(
        `INSERT INTO assignments (id, group_id, task, note, until_day, for_all)
         VALUES ($1, $2, $3::jsonb, $4, $5, $6) ON CONFLICT DO NOTHING RETURNING id`,
        [
          ...[given.id, group, JSON.stringify(given.task), given.note],
          ...[given.until, given.for === null],
        ],
      );
      if (made.length > 0 && given.for !== null) {
        await ask(
          `INSERT INTO assignment_learners (assignment_id, learner_id)
           SELECT $1, unnest($2::uuid[]) RETURNING assignment_id`,
          [given.id, [...new Set(given.for)]],
        );
      }
    });
    const [kept] = await this.list(
      'WHERE assignments.id = $1 AND group_id = $2',
      given.id,
      null,
      group,
    );
    if (!kept) throw new HttpProblem(409, 'Something else has this id; make a new id.');
    return kept;
  }

  async remove(group: string, id: string): Promise<void> {
    const gone = await this.sequelize.query(
      'DELETE FROM assignments WHERE id = $1 AND group_id = $2 RETURNING id',
      { bind: [id, group], type: QueryTypes.SELECT },
    );
    if (gone.length === 0) throw new HttpProblem(404, 'Nothing that was set is known by this id.');
  }

  /** A learner says that it is done, or takes that back. */
  async say(learner: string, id: string, done: boolean): Promise<Assignment> {
    const own = (await this.ofLearner(learner)).find((one) => one.id === id);
    if (!own) throw new HttpProblem(404, 'Nothing set for you is known by this id.');
    await this.sequelize.query(
      done
        ? `INSERT INTO assignment_said (assignment_id, learner_id) VALUES ($1, $2)
           ON CONFLICT DO NOTHING`
        : 'DELETE FROM assignment_said WHERE assignment_id = $1 AND learner_id = $2',
      { bind: [id, learner] },
    );
    return (await this.ofLearner(learner)).find((one) => one.id === id)!;
  }

  /** With the progress of everybody it is for, or of one alone. */
  private async list(
    where: string,
    about: string,
    only: string | null = null,
    group?: string,
  ): Promise<Assignment[]> {
    const rows = await this.sequelize.query<Row>(
      `SELECT assignments.id, group_id, groups.name AS group_name, task, note,
         until_day::text AS until, for_all, set_at,
         (SELECT coalesce(jsonb_agg(jsonb_build_object('id', learner.id, 'name', learner.name,
             'said', (SELECT said_at FROM assignment_said
               WHERE assignment_id = assignments.id AND learner_id = learner.id))
             ORDER BY learner.name), '[]')
           FROM group_members member JOIN accounts learner ON learner.id = member.learner_id
           WHERE member.group_id = assignments.group_id
             AND (${only === null ? 'true' : 'learner.id = $1'})
             AND (for_all OR EXISTS (SELECT FROM assignment_learners meant
               WHERE meant.assignment_id = assignments.id AND meant.learner_id = learner.id))
         ) AS learners
       FROM assignments JOIN groups ON groups.id = group_id
       ${where} ORDER BY set_at DESC, assignments.id`,
      { bind: group === undefined ? [about] : [about, group], type: QueryTypes.SELECT },
    );
    return Promise.all(rows.map((row) => this.withProgress(row)));
  }

  private async withProgress(row: Row): Promise<Assignment> {
    const ids = row.learners.map(({ id }) => id);
    const done = await this.doneOf(row.task, row.set_at, ids);
    const of = wholeOf(row.task);
    const progress = row.learners.map(({ id, name, said }): Progress => {
      const own = done.get(id);
      const count = Math.min(of, own?.done ?? 0);
      const doneAt = count >= of ? (own?.at ?? null) : null;
      const saidAt = said === null ? null : new Date(said);
      return {
        ...{ learner: id, name, of, right: own?.right ?? null, seconds: own?.seconds ?? null },
        ...{ done: saidAt ? of : count, said: saidAt !== null },
        doneAt: (doneAt ?? saidAt)?.toISOString() ?? null,
      };
    });
    return {
      ...{ id: row.id, group: row.group_id, groupName: row.group_name, task: row.task },
      ...{ note: row.note, until: row.until, forAll: row.for_all, progress },
      setAt: row.set_at.toISOString(),
    };
  }

  private async doneOf(task: Task, since: Date, ids: string[]): Promise<Map<string, Done>> {
    if (ids.length === 0 || task.do === 'cube' || task.do === 'plan') return new Map();
    const asked = this.question(task);
    const rows = await this.sequelize.query<Done>(asked.sql, {
      bind: [ids, since, ...asked.bind],
      type: QueryTypes.SELECT,
    });
    return new Map(rows.map((row) => [row.learner, row]));
  }

  private question(task: Task): { sql: string; bind: unknown[] } {
    if (task.do === 'lesson') {
      // A lesson ends with the case done alone.
      return {
        sql: `SELECT account_id AS learner, 1 AS done, NULL::int AS right, NULL::float8 AS seconds,
            min(at) AS at
          FROM practice_reviews WHERE ${ANSWERED} AND kind = 'both' AND item = $3 AND is_right
          GROUP BY account_id`,
        bind: [task.case],
      };
    }
    if (task.do === 'cases') {
      return {
        sql: `WITH answers AS (
            SELECT account_id, item, at, is_right, row_number() OVER
              (PARTITION BY account_id, item, is_right ORDER BY at, id) AS count
            FROM practice_reviews
            WHERE ${ANSWERED} AND kind IN ('see', 'both') AND item = ANY ($3::text[]))
          SELECT account_id AS learner,
            (count(*) FILTER (WHERE is_right AND count <= $4))::int AS done,
            (count(*) FILTER (WHERE is_right))::int AS right, NULL::float8 AS seconds,
            max(at) FILTER (WHERE is_right AND count <= $4) AS at
          FROM answers GROUP BY account_id`,
        bind: [task.cases, task.times],
      };
    }
    const [condition, value] =
      task.do === 'stage'
        ? ["kind = 'stage' AND stage = $3", task.stage]
        : ['scramble = $3', task.do === 'scramble' ? task.scramble : ''];
    return {
      sql: `SELECT account_id AS learner, count(*)::int AS done, NULL::int AS right,
          percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) / 100 AS seconds,
          max(began_at) AS at
        FROM log_entries
        WHERE account_id = ANY ($1::uuid[]) AND began_at >= $2 AND deleted_at IS NULL
          AND outcome = 'finished' AND NOT tags @> ARRAY['${FOR_ONESELF}']::text[] AND ${condition}
        GROUP BY account_id`,
      bind: [value],
    };
  }
}

const ANSWERED = 'account_id = ANY ($1::uuid[]) AND at >= $2';
