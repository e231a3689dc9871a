import type { Stage } from '@sleetcrest/core';
import {
  inSeconds,
  ridgeDays,
  secondsOf,
  spreadFrom,
  spreadWidth,
  streaksOf,
  turnRate,
  TYPICAL_OF,
  type LogFilter,
  type LogGroup,
  type LogOverview,
  type LogSummary,
  type StageSummary,
} from '@sleetcrest/core/log';
import { SESSION_PAUSE, type Grouping } from '@sleetcrest/core/log';
import { QueryTypes, type Sequelize } from 'sequelize';
import { momentWith } from './rows.js';
import { TIMED, whereOf, type Where } from './where.js';

const STAGES_IN_ORDER = `array_position(ARRAY['daisy','cross','corners','middle','yellow-cross',
  'yellow-edges','corner-places','corner-twists','yellow-face','corner-swap','edge-cycle'], stage)`;

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

  async overview(account: string, filter: LogFilter, today: string): Promise<LogOverview> {
    const days = ridgeDays(filter, today);
    const { from, to } = days.now;
    const [summary, now, earlier, group] = await Promise.all([
      this.summary(account, filter, today),
      this.stages(whereOf(account, days.now)),
      this.stages(whereOf(account, days.earlier)),
      this.groupStages(account, days.now),
    ]);
    return { summary, ridge: { from, to, now, earlier, group } };
  }

  async summary(account: string, filter: LogFilter, today: string): Promise<LogSummary> {
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
  async groups(account: string, filter: LogFilter, by: Grouping): Promise<LogGroup[]> {
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
      best: number | null;
      median: number | null;
    }>(
      `WITH meant AS (
         SELECT began_at, utc_offset, id, day, hundredths, outcome FROM log_entries
         WHERE ${where.sql}
       ), keyed AS (${keyed})
       SELECT min(began_at) AS first, max(began_at) AS last,
         (array_agg(utc_offset ORDER BY began_at, id))[1] AS first_offset,
         (array_agg(utc_offset ORDER BY began_at DESC, id DESC))[1] AS last_offset,
         count(*)::int AS count,
         min(hundredths) FILTER (WHERE ${TIMED}) AS best,
         percentile_cont(0.5) WITHIN GROUP (ORDER BY hundredths) FILTER (WHERE ${TIMED}) AS median
       FROM keyed GROUP BY key ORDER BY first DESC`,
      where,
    );
    return rows.map((row) => ({
      from: momentWith(row.first, row.first_offset),
      to: momentWith(row.last, row.last_offset),
      count: row.count,
      best: row.best === null ? null : secondsOf(row.best),
      median: row.median === null ? null : secondsOf(row.median),
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
    const least = Math.min(...timed.map((day) => day.least!));
    const most = Math.max(...timed.map((day) => day.most!));
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
       GROUP BY split.stage ORDER BY ${STAGES_IN_ORDER.replace('stage)', 'split.stage)')}`,
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

  /** All learners of the groups somebody belongs to or coaches; null where there are none. */
  private async groupStages(account: string, filter: LogFilter): Promise<StageSummary[] | null> {
    const learners = await this.select<{ id: string }>(
      `SELECT DISTINCT learner_id AS id FROM group_members WHERE group_id IN (
         SELECT id FROM groups WHERE coach_id = $1
         UNION SELECT group_id FROM group_members WHERE learner_id = $1)`,
      { sql: '', bind: [account] },
    );
    if (learners.length === 0) return null;
    const { sql, bind } = whereOf(account, filter);
    const everyone = { sql: sql.replace('account_id = $1', 'account_id = ANY($1::uuid[])'), bind };
    return this.stages({ ...everyone, bind: [learners.map(({ id }) => id), ...bind.slice(1)] });
  }

  private select<T extends object>(sql: string, { bind }: Where): Promise<T[]> {
    return this.sequelize.query<T>(sql, { bind, type: QueryTypes.SELECT });
  }
}
