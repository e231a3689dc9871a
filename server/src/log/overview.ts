import { STAGES, type Stage } from '@sleetcrest/core';
import {
  daysBefore,
  GROUP_DAYS,
  inSeconds,
  LEAST_OTHERS,
  momentWith,
  ridgeDays,
  secondsOf,
  spreadFrom,
  spreadWidth,
  streaksOf,
  turnRate,
  TYPICAL_OF,
  type LogFilter,
  type KindTimes,
  type LogGroup,
  type LogOverview,
  type LogSummary,
  type StageSummary,
} from '@sleetcrest/core/log';
import { SESSION_PAUSE, type Grouping } from '@sleetcrest/core/log';
import { QueryTypes, type Sequelize } from 'sequelize';
import { TIMED, whereOf, type SeenFilter, type Where } from './where.js';

/** Orders rows by their stage, as a solve goes through them. */
const IN_ORDER = `array_position(ARRAY[${STAGES.map((stage) => `'${stage}'`).join()}], split.stage)`;

interface DayRow {
  day: string;
  count: number;
  timed: number;
  /** Lower quarter, median and upper quarter. */
  quarters: [number, number, number] | null;
  least: number | null;
  most: number | null;
}

interface StageRow {
  stage: Stage;
  count: number;
  median: number;
  turns: string | null;
  hundredths: string | null;
}

/**
 * What the charts show, counted by the database. The same as core's `summarise` over the same
 * records; a spec holds the two against each other.
 */
export class LogStatistics {
  constructor(private readonly sequelize: Sequelize) {}

  /** `through` is the coach who looks at a learner's log; without, people look at their own. */
  async overview(
    account: string,
    filter: SeenFilter,
    today: string,
    through?: string,
  ): Promise<LogOverview> {
    const days = ridgeDays(filter, today);
    const { from, to } = days.now;
    const [summary, now, earlier, group] = await Promise.all([
      this.summary(account, filter, today),
      this.stages(whereOf(account, { ...days.now, byCoach: filter.byCoach })),
      this.stages(whereOf(account, { ...days.earlier, byCoach: filter.byCoach })),
      this.groupStages(account, filter, through),
    ]);
    return { summary, ridge: { from, to, now, earlier, group } };
  }

  async summary(account: string, filter: SeenFilter, today: string): Promise<LogSummary> {
    const where = whereOf(account, filter);
    const [days, best, typical] = await Promise.all([
      this.days(where),
      this.best(where),
      this.typical(where),
    ]);
    const timed = days.filter((day) => day.timed > 0);
    return {
      count: days.reduce((sum, { count }) => sum + count, 0),
      timed: timed.reduce((sum, day) => sum + day.timed, 0),
      best,
      typical,
      days: timed.map(({ day, timed: count, quarters }) => {
        const [lower, median, upper] = quarters!;
        return { day, count, ...inSeconds({ lower, median, upper }) };
      }),
      spread: await this.spread(where, timed),
      streaks: streaksOf(
        days.map(({ day }) => day),
        today,
      ),
    };
  }

  /** Days or sessions, newest first. */
  async groups(account: string, filter: SeenFilter, by: Grouping): Promise<LogGroup[]> {
    const where = whereOf(account, filter);
    const inOrder = 'OVER (ORDER BY began_at, id)';
    const begins = `began_at - lag(began_at) ${inOrder} > interval '${SESSION_PAUSE} minutes'`;
    const keyed =
      by === 'day'
        ? `SELECT *, day AS key FROM meant`
        : `SELECT *, sum(begins::int) ${inOrder} AS key
           FROM (SELECT *, coalesce(${begins}, true) AS begins FROM meant) marked`;
    const rows = await this.select<{
      first: Date;
      first_offset: number;
      last: Date;
      last_offset: number;
      count: number;
      times: KindTimes[] | null;
    }>(
      `WITH meant AS (
         SELECT began_at, utc_offset, id, day, hundredths, outcome, stage FROM log_entries
         WHERE ${where.sql}
       ), keyed AS (${keyed}), kinds AS (
         SELECT key, split.stage, count(*)::int AS count, min(hundredths) AS best,
           percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) AS median
         FROM keyed split WHERE ${TIMED} GROUP BY key, split.stage
       ), times AS (
         SELECT key, json_agg(json_build_object(
           'stage', split.stage, 'count', count, 'best', best, 'median', median
         ) ORDER BY ${IN_ORDER} NULLS FIRST) AS times
         FROM kinds split GROUP BY key
       ), whole AS (
       SELECT key, min(began_at) AS first, max(began_at) AS last,
         (array_agg(utc_offset ORDER BY began_at, id))[1] AS first_offset,
         (array_agg(utc_offset ORDER BY began_at DESC, id DESC))[1] AS last_offset,
         count(*)::int AS count
       FROM keyed GROUP BY key)
       SELECT whole.*, times.times FROM whole LEFT JOIN times USING (key) ORDER BY first DESC`,
      where,
    );
    return rows.map((row) => ({
      from: momentWith(row.first, row.first_offset),
      to: momentWith(row.last, row.last_offset),
      count: row.count,
      times: (row.times ?? []).map(({ best, median, ...kind }) => ({
        ...kind,
        ...{ best: secondsOf(best), median: secondsOf(median) },
      })),
    }));
  }

  private days(where: Where): Promise<DayRow[]> {
    return this.select<DayRow>(
      `SELECT day::text AS day, count(*)::int AS count,
         count(*) FILTER (WHERE ${TIMED})::int AS timed,
         percentile_cont(ARRAY[0.25, 0.5, 0.75]) WITHIN GROUP (ORDER BY hundredths)
           FILTER (WHERE ${TIMED}) AS quarters,
         min(hundredths) FILTER (WHERE ${TIMED}) AS least,
         max(hundredths) FILTER (WHERE ${TIMED}) AS most
       FROM log_entries WHERE ${where.sql} GROUP BY day ORDER BY day`,
      where,
    );
  }

  private async best(where: Where): Promise<LogSummary['best']> {
    const [row] = await this.select<{ id: string; hundredths: number }>(
      `SELECT id, hundredths FROM log_entries WHERE ${where.sql} AND ${TIMED}
       ORDER BY hundredths, began_at, id LIMIT 1`,
      where,
    );
    return row ? { id: row.id, time: row.hundredths / 100 } : null;
  }

  private async typical(where: Where): Promise<number | null> {
    const [row] = await this.select<{ median: number | null }>(
      `SELECT percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) AS median FROM (
         SELECT hundredths FROM log_entries WHERE ${where.sql} AND ${TIMED}
         ORDER BY began_at DESC, id DESC LIMIT ${TYPICAL_OF}
       ) lately`,
      where,
    );
    return row?.median == null ? null : secondsOf(row.median);
  }

  private async spread(where: Where, timed: readonly DayRow[]): Promise<LogSummary['spread']> {
    if (timed.length === 0) return null;
    const least = timed.reduce((so, { least }) => Math.min(so, least!), Infinity);
    const most = timed.reduce((so, { most }) => Math.max(so, most!), 0);
    const width = spreadWidth(least, most);
    const rows = await this.select<{ step: number; count: number }>(
      `SELECT hundredths / ${width} AS step, count(*)::int AS count
       FROM log_entries WHERE ${where.sql} AND ${TIMED} GROUP BY step`,
      where,
    );
    return spreadFrom(new Map(rows.map(({ step, count }) => [step, count])), width);
  }

  private async stages(where: Where): Promise<StageSummary[]> {
    const rows = await this.select<StageRow>(
      `SELECT split.stage, count(*)::int AS count,
         percentile_cont(0.5) WITHIN GROUP (ORDER BY split.hundredths) AS median,
         sum(split.turns) FILTER (WHERE split.hundredths > 0) AS turns,
         sum(split.hundredths) FILTER (WHERE split.turns IS NOT NULL) AS hundredths
       FROM (SELECT * FROM log_entries WHERE ${where.sql} AND ${TIMED}) entries,
         unnest(split_stages, split_hundredths, split_turns) AS split(stage, hundredths, turns)
       GROUP BY split.stage ORDER BY ${IN_ORDER}`,
      where,
    );
    return rows.map(({ stage, count, median, turns, hundredths }) => ({
      ...{ stage, count, median: secondsOf(median) },
      turnsPerSecond:
        turns === null || Number(hundredths) === 0
          ? null
          : turnRate(Number(turns), Number(hundredths)),
    }));
  }

  /**
   * What is typical of the other learners of somebody's groups: by method and stage alone, over days
   * of its own, each learner counted as one, and only where enough of them stand behind a figure. So
   * it answers to nothing that could ask for one person's records. Null outside a group.
   */
  private async groupStages(
    account: string,
    { method, stage }: LogFilter,
    through: string | undefined,
  ): Promise<LogOverview['ridge']['group']> {
    const groups = await this.select<{ id: string }>(
      through === undefined
        ? `SELECT id FROM groups WHERE coach_id = $1
           UNION SELECT group_id FROM group_members WHERE learner_id = $1`
        : `SELECT id FROM groups JOIN group_members ON group_id = id
           WHERE learner_id = $1 AND archived_at IS NULL AND (groups.coach_id = $2
             OR id IN (SELECT group_id FROM group_assistants WHERE coach_id = $2))`,
      { sql: '', bind: [account, through].filter((one) => one !== undefined) },
    );
    if (groups.length === 0) return null;
    const others = await this.select<{ id: string }>(
      `SELECT DISTINCT learner_id AS id FROM group_members
       WHERE group_id = ANY ($2::uuid[]) AND learner_id <> $1`,
      { sql: '', bind: [account, groups.map(({ id }) => id)] },
    );
    if (others.length < LEAST_OTHERS) return 'too few';
    const from = daysBefore(new Date().toISOString().slice(0, 10), GROUP_DAYS - 1);
    // What is for somebody alone is in no figure that others see.
    const meant = { from, byCoach: true, ...(method && { method }), ...(stage && { stage }) };
    const where = whereOf(
      others.map(({ id }) => id),
      meant,
    );
    const rows = await this.select<{ stage: Stage; count: number; median: number; rate: number }>(
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
      where,
    );
    if (rows.length === 0) return 'too few';
    return rows.map(({ stage, count, median, rate }) => ({
      ...{ stage, count, median: secondsOf(median) },
      turnsPerSecond: rate === null ? null : Math.round(rate * 100) / 100,
    }));
  }

  private select<T extends object>(sql: string, { bind }: Where): Promise<T[]> {
    return this.sequelize.query<T>(sql, { bind, type: QueryTypes.SELECT });
  }
}
