import { type Stage, STAGES } from '@sleetcrest/core';
import { FOR_ONESELF } from '@sleetcrest/core/learner/log';
import { RECENT_DAYS, type StageDone } from '@sleetcrest/core/learner/standing';
import type { Sequelize } from 'sequelize';
import * as z from 'zod';
import { rowsOf } from '../database/statement.js';

const SEEN = `account_id = ANY ($1::uuid[]) AND deleted_at IS NULL
  AND NOT tags @> ARRAY['${FOR_ONESELF}']::text[]`;
const COUNTS = `${SEEN} AND outcome = 'finished' AND hundredths IS NOT NULL`;

const stageRow = z.object({
  id: z.string(),
  stage: z.enum(STAGES),
  times: z.number(),
  days: z.number(),
  last: z.number(),
  typical: z.number(),
});

/** By learner and stage (`id stage`): how often and when it was finished, in whole solves or alone. */
export async function stagesDone(
  sequelize: Sequelize,
  ids: readonly string[],
  day: string,
): Promise<Map<string, StageDone>> {
  const rows = await rowsOf(
    sequelize,
    stageRow,
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
    [ids, day],
  );
  const keyOf = (id: string, stage: Stage): string => `${id} ${stage}`;
  return new Map(
    rows.map(({ id, stage, times, days, last, typical }) => [
      keyOf(id, stage),
      { times, days, lastDay: last, typical: Math.round(typical) / 100 },
    ]),
  );
}

/** What is typical of somebody's last whole solves, how often they did any, and when they recorded last. */
export interface Solved {
  typical: number | null;
  lastDay: number;
  done: StageDone | null;
}

const solvedRow = z.object({
  id: z.string(),
  last: z.number(),
  typical: z.number().nullable(),
  times: z.number(),
  days: z.number(),
  last_whole: z.number().nullable(),
});

/** By learner: what is typical of their last whole solves, and when they last recorded anything. */
export async function solvedBy(
  sequelize: Sequelize,
  ids: readonly string[],
  day: string,
): Promise<Map<string, Solved>> {
  const rows = await rowsOf(
    sequelize,
    solvedRow,
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
    [ids, day],
  );
  return new Map(
    rows.map((row) => {
      const typical = row.typical === null ? null : Math.round(row.typical) / 100;
      const { times, days, last_whole: lastDay } = row;
      const done = times > 0 ? { times, days, lastDay, typical: null } : null;
      return [row.id, { typical, lastDay: row.last, done }];
    }),
  );
}
