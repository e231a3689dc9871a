import { taskSchema } from '@sleetcrest/contract/table';
import { FOR_ONESELF } from '@sleetcrest/core/learner/log';
import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { rowsOf } from '../database/statement.js';

const setRow = z.object({
  id: z.string(),
  group_id: z.string(),
  group_name: z.string(),
  task: taskSchema,
  note: z.string(),
  until: z.string().nullable(),
  for_all: z.boolean(),
  set_at: z.date(),
  learners: z.array(z.object({ id: z.string(), name: z.string(), said: z.string().nullable() })),
});
/** What was set, and for whom of those who belong to its group now. */
export type SetTold = z.infer<typeof setRow>;

/** Which are meant: all of a group's, those for one learner, or one. */
export type Which = { group: string } | { learner: string } | { id: string; group: string };

/** What was set, the newest first, in one statement however many there are. */
export function tasksSet(sequelize: Sequelize, which: Which): Promise<SetTold[]> {
  const only = 'learner' in which ? which.learner : null;
  const bind = ['group' in which ? which.group : null, only, 'id' in which ? which.id : null];
  return rowsOf(
    sequelize,
    setRow,
    `WITH meant AS (
       SELECT assignments.*, groups.name AS group_name
       FROM assignments JOIN groups ON groups.id = group_id
       WHERE ($1::uuid IS NULL OR group_id = $1) AND ($3::uuid IS NULL OR assignments.id = $3)
         AND ($2::uuid IS NULL OR (archived_at IS NULL
           AND group_id IN (SELECT group_id FROM group_members WHERE learner_id = $2)
           AND (for_all OR EXISTS (SELECT FROM assignment_learners
             WHERE assignment_id = assignments.id AND learner_id = $2))))
     ), whom AS (
       SELECT meant.id, jsonb_agg(jsonb_build_object('id', learner.id, 'name', learner.name,
           'said', said_at) ORDER BY learner.name) AS learners
       FROM meant JOIN group_members member ON member.group_id = meant.group_id
         JOIN accounts learner ON learner.id = member.learner_id
         LEFT JOIN assignment_learners chosen
           ON chosen.assignment_id = meant.id AND chosen.learner_id = learner.id
         LEFT JOIN assignment_said said
           ON said.assignment_id = meant.id AND said.learner_id = learner.id
       WHERE (for_all OR chosen.learner_id IS NOT NULL) AND ($2::uuid IS NULL OR learner.id = $2)
       GROUP BY meant.id
     )
     SELECT meant.id, group_id, group_name, task, note, until_day::text AS until, for_all, set_at,
       coalesce(learners, '[]') AS learners
     FROM meant LEFT JOIN whom USING (id) ORDER BY set_at DESC, meant.id`,
    bind,
  );
}

const doneRow = z.object({
  id: z.string(),
  learner: z.string(),
  done: z.number(),
  right: z.number().nullable(),
  seconds: z.number().nullable(),
  at: z.date().nullable(),
});
/** What was done for something that was set, by one learner, as records and answers say. */
export type Done = z.infer<typeof doneRow>;

/** The assignments, each with those it is for, as rows to join. */
const ASKED = `unnest($1::uuid[], $2::uuid[]) AS asked (id, learner)
  JOIN assignments ON assignments.id = asked.id`;

/** How far lessons and cases that were set have come, by what was answered since. */
const ANSWERED = `
  SELECT asked.id, asked.learner,
    (CASE WHEN task ->> 'do' = 'lesson' THEN least(1, count(*) FILTER (WHERE is_right))
      ELSE count(*) FILTER (WHERE is_right AND nth <= (task ->> 'times')::int) END)::int AS done,
    CASE WHEN task ->> 'do' = 'cases' THEN (count(*) FILTER (WHERE is_right))::int END AS right,
    NULL::float8 AS seconds,
    CASE WHEN task ->> 'do' = 'lesson' THEN min(at) FILTER (WHERE is_right)
      ELSE max(at) FILTER (WHERE is_right AND nth <= (task ->> 'times')::int) END AS at
  FROM ${ASKED}, LATERAL (
    SELECT at, is_right, row_number() OVER (PARTITION BY item, is_right ORDER BY at, id) AS nth
    FROM practice_reviews
    WHERE account_id = asked.learner AND at >= assignments.set_at
      AND (CASE WHEN task ->> 'do' = 'lesson' THEN kind = 'both' AND item = task ->> 'case'
        ELSE kind IN ('see', 'both') AND task -> 'cases' ? item END)) answers
  WHERE task ->> 'do' IN ('lesson', 'cases')
  GROUP BY asked.id, asked.learner, task`;

/** How far stages and scrambles that were set have come, by what was recorded since. */
const RECORDED = `
  SELECT asked.id, asked.learner, count(*)::int AS done, NULL::int AS right,
    percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) / 100 AS seconds, max(began_at) AS at
  FROM ${ASKED} JOIN log_entries ON account_id = asked.learner AND began_at >= assignments.set_at
    AND deleted_at IS NULL AND outcome = 'finished'
    AND NOT tags @> ARRAY['${FOR_ONESELF}']::text[]
    AND (CASE WHEN task ->> 'do' = 'stage' THEN kind = 'stage' AND stage = task ->> 'stage'
      ELSE scramble = task ->> 'scramble' END)
  WHERE task ->> 'do' IN ('stage', 'scramble')
  GROUP BY asked.id, asked.learner`;

/** What was done of what was set, for whom: two statements, however many were set. */
export async function progress(sequelize: Sequelize, set: readonly SetTold[]): Promise<Done[]> {
  const pairs = set.flatMap(({ id, learners }) => learners.map((learner) => [id, learner.id]));
  const bind = [pairs.map(([id]) => id), pairs.map(([, learner]) => learner)];
  const [answered, recorded] = await Promise.all([
    rowsOf(sequelize, doneRow, ANSWERED, bind),
    rowsOf(sequelize, doneRow, RECORDED, bind),
  ]);
  return [...answered, ...recorded];
}
