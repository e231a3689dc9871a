import { STAGES } from '@sleetcrest/core';
import {
  type Grouping,
  LEAST_OTHERS,
  SESSION_PAUSE,
  TYPICAL_OF,
} from '@sleetcrest/core/learner/log';
import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { rowOf, rowsOf } from '../database/statement.js';
import { TIMED, type Where } from '../log/where.js';

/** Orders rows by their stage, as a solve goes through them. */
const IN_ORDER = `array_position(ARRAY[${STAGES.map((stage) => `'${stage}'`).join()}], split.stage)`;

/**
 * Days or sessions, newest first: a row for each kind of time in one, and one more for what has no time
 * that counts; hundredths. It is one pass over what is meant. To put kinds beside their day in a join, the
 * database would have to guess how many days there are, and compares each with each where it guesses few.
 */
export function grouped(sequelize: Sequelize, where: Where, by: Grouping) {
  const inOrder = 'OVER (ORDER BY began_at, id)';
  const begins = `began_at - lag(began_at) ${inOrder} > interval '${SESSION_PAUSE} minutes'`;
  const keyed =
    by === 'day'
      ? `SELECT *, day AS key FROM meant`
      : `SELECT *, sum(begins::int) ${inOrder} AS key
         FROM (SELECT *, coalesce(${begins}, true) AS begins FROM meant) marked`;
  return rowsOf(
    sequelize,
    z.object({
      key: z.string(),
      first: z.date(),
      first_offset: z.number(),
      last: z.date(),
      last_offset: z.number(),
      whole: z.number(),
      is_timed: z.boolean(),
      stage: z.enum(STAGES).nullable(),
      count: z.number(),
      best: z.number().nullable(),
      median: z.number().nullable(),
    }),
    `WITH meant AS (
       SELECT began_at, utc_offset, id, day, hundredths, stage, ${TIMED} AS is_timed
       FROM log_entries WHERE ${where.sql}
     ), keyed AS (${keyed}), spanned AS (
       SELECT key, is_timed, stage, hundredths, first_value(began_at) OVER all_of_it AS first,
         first_value(utc_offset) OVER all_of_it AS first_offset,
         last_value(began_at) OVER all_of_it AS last,
         last_value(utc_offset) OVER all_of_it AS last_offset,
         (count(*) OVER all_of_it)::int AS whole
       FROM keyed WINDOW all_of_it AS (PARTITION BY key ORDER BY began_at, id
         ROWS BETWEEN UNBOUNDED PRECEDING AND UNBOUNDED FOLLOWING)
     )
     SELECT key::text AS key, first, first_offset, last, last_offset, whole, is_timed,
       split.stage, count(*)::int AS count, min(hundredths) AS best,
       percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) AS median
     FROM spanned split
     GROUP BY split.key, first, first_offset, last, last_offset, whole, is_timed, split.stage
     ORDER BY first DESC, split.key, ${IN_ORDER} NULLS FIRST`,
    where.bind,
  );
}
export type KindRow = Awaited<ReturnType<typeof grouped>>[number];

/** Each day: how many records and timed ones, lower quarter, median and upper quarter, least and most; hundredths. */
export const daysOf = (sequelize: Sequelize, where: Where) =>
  rowsOf(
    sequelize,
    z.object({
      day: z.string(),
      count: z.number(),
      timed: z.number(),
      quarters: z.tuple([z.number(), z.number(), z.number()]).nullable(),
      least: z.number().nullable(),
      most: z.number().nullable(),
    }),
    `SELECT day::text AS day, count(*)::int AS count,
       count(*) FILTER (WHERE ${TIMED})::int AS timed,
       percentile_cont(ARRAY[0.25, 0.5, 0.75]) WITHIN GROUP (ORDER BY hundredths)
         FILTER (WHERE ${TIMED}) AS quarters,
       min(hundredths) FILTER (WHERE ${TIMED}) AS least,
       max(hundredths) FILTER (WHERE ${TIMED}) AS most
     FROM log_entries WHERE ${where.sql} GROUP BY day ORDER BY day`,
    where.bind,
  );
export type DayRow = Awaited<ReturnType<typeof daysOf>>[number];

/** The first record of so many hundredths on some days. Looked for on those alone, as finding it reads each. */
export const firstOf = (
  sequelize: Sequelize,
  where: Where,
  hundredths: number,
  days: readonly string[],
) =>
  rowOf(
    sequelize,
    z.object({ id: z.string() }),
    `SELECT id FROM log_entries WHERE ${where.sql} AND ${TIMED}
       AND day = ANY ($${where.bind.length + 1}::date[]) AND hundredths = $${where.bind.length + 2}
     ORDER BY began_at, id LIMIT 1`,
    [...where.bind, days, hundredths],
  );

/** The median of the last ones; hundredths. */
export const typicalOf = (sequelize: Sequelize, where: Where) =>
  rowOf(
    sequelize,
    z.object({ median: z.number().nullable() }),
    `SELECT percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) AS median FROM (
       SELECT hundredths FROM log_entries WHERE ${where.sql} AND ${TIMED}
       ORDER BY began_at DESC, id DESC LIMIT ${TYPICAL_OF}
     ) lately`,
    where.bind,
  );

/** How many lie within each step of so many hundredths. */
export const spreadOf = (sequelize: Sequelize, where: Where, width: number) =>
  rowsOf(
    sequelize,
    z.object({ step: z.number(), count: z.number() }),
    `SELECT hundredths / ${width} AS step, count(*)::int AS count
     FROM log_entries WHERE ${where.sql} AND ${TIMED} GROUP BY step`,
    where.bind,
  );

/** Each stage: the median of its times, and turns with the hundredths they took. */
export const stagesOf = (sequelize: Sequelize, where: Where) =>
  rowsOf(
    sequelize,
    z.object({
      stage: z.enum(STAGES),
      count: z.number(),
      median: z.number(),
      turns: z.string().nullable(),
      hundredths: z.string().nullable(),
    }),
    `SELECT split.stage, count(*)::int AS count,
       percentile_cont(0.5) WITHIN GROUP (ORDER BY split.hundredths) AS median,
       sum(split.turns) FILTER (WHERE split.hundredths > 0) AS turns,
       sum(split.hundredths) FILTER (WHERE split.turns IS NOT NULL) AS hundredths
     FROM (SELECT * FROM log_entries WHERE ${where.sql} AND ${TIMED}) entries,
       unnest(split_stages, split_hundredths, split_turns) AS split(stage, hundredths, turns)
     GROUP BY split.stage ORDER BY ${IN_ORDER}`,
    where.bind,
  );

const idRow = z.object({ id: z.string() });

/** The groups of somebody; through a coach, those of them that this coach teaches and that go on. */
export const groupsOf = (sequelize: Sequelize, account: string, through: string | undefined) =>
  rowsOf(
    sequelize,
    idRow,
    through === undefined
      ? `SELECT id FROM groups WHERE coach_id = $1
         UNION SELECT group_id FROM group_members WHERE learner_id = $1`
      : `SELECT id FROM groups JOIN group_members ON group_id = id
         WHERE learner_id = $1 AND archived_at IS NULL AND (groups.coach_id = $2
           OR id IN (SELECT group_id FROM group_assistants WHERE coach_id = $2))`,
    through === undefined ? [account] : [account, through],
  );

/** The other learners of some groups. */
export const othersIn = (sequelize: Sequelize, account: string, groups: readonly string[]) =>
  rowsOf(
    sequelize,
    idRow,
    `SELECT DISTINCT learner_id AS id FROM group_members
     WHERE group_id = ANY ($2::uuid[]) AND learner_id <> $1`,
    [account, groups],
  );

/** Each stage: the median of what is typical of each learner, where enough stand behind it; hundredths, turns a second. */
export const groupStages = (sequelize: Sequelize, where: Where) =>
  rowsOf(
    sequelize,
    z.object({
      stage: z.enum(STAGES),
      count: z.number(),
      median: z.number(),
      rate: z.number().nullable(),
    }),
    `WITH each AS (
       SELECT split.stage,
         percentile_cont(0.5) WITHIN GROUP (ORDER BY split.hundredths) AS median,
         sum(split.turns) FILTER (WHERE split.hundredths > 0)::float8 * 100
           / nullif(sum(split.hundredths) FILTER (WHERE split.turns IS NOT NULL), 0) AS rate
       FROM (SELECT * FROM log_entries WHERE ${where.sql} AND ${TIMED}) entries,
         unnest(split_stages, split_hundredths, split_turns) AS split(stage, hundredths, turns)
       GROUP BY account_id, split.stage
     )
     SELECT stage, count(*)::int AS count,
       percentile_cont(0.5) WITHIN GROUP (ORDER BY median) AS median,
       CASE WHEN count(rate) >= ${LEAST_OTHERS}
         THEN percentile_cont(0.5) WITHIN GROUP (ORDER BY rate) END AS rate
     FROM each split GROUP BY stage HAVING count(*) >= ${LEAST_OTHERS} ORDER BY ${IN_ORDER}`,
    where.bind,
  );
