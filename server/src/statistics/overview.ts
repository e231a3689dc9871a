import {
  daysBefore,
  GROUP_DAYS,
  type Grouping,
  inSeconds,
  LEAST_OTHERS,
  type LogFilter,
  type LogGroup,
  type LogOverview,
  type LogSummary,
  momentWith,
  ridgeDays,
  secondsOf,
  spreadFrom,
  spreadWidth,
  type StageSummary,
  streaksOf,
  turnRate,
} from '@sleetcrest/core/learner/log';
import type { Sequelize } from 'sequelize';
import { whereOf, type SeenFilter, type Where } from '../log/where.js';
import {
  daysOf,
  firstOf,
  grouped,
  groupsOf,
  groupStages,
  othersIn,
  spreadOf,
  stagesOf,
  typicalOf,
  type DayRow,
  type KindRow,
} from './queries.js';

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
    const [days, typical] = await Promise.all([daysOf(this.sequelize, where), this.typical(where)]);
    const timed = days.filter((day) => day.timed > 0);
    const [best, spread] = await Promise.all([this.best(where, timed), this.spread(where, timed)]);
    return {
      count: days.reduce((sum, { count }) => sum + count, 0),
      timed: timed.reduce((sum, day) => sum + day.timed, 0),
      best,
      typical,
      days: timed.map(({ day, timed: count, quarters }) => {
        const [lower, median, upper] = quarters!;
        return { day, count, ...inSeconds({ lower, median, upper }) };
      }),
      spread,
      streaks: streaksOf(
        days.map(({ day }) => day),
        today,
      ),
    };
  }

  /** Days or sessions, newest first. */
  async groups(account: string, filter: SeenFilter, by: Grouping): Promise<LogGroup[]> {
    const where = whereOf(account, filter);
    const found: LogGroup[] = [];
    let key: string | undefined;
    for (const row of await grouped(this.sequelize, where, by)) {
      if (row.key !== key) found.push(spanOf(row));
      key = row.key;
      if (!row.is_timed) continue;
      found.at(-1)!.times.push({
        stage: row.stage,
        count: row.count,
        best: secondsOf(row.best!),
        median: secondsOf(row.median!),
      });
    }
    return found;
  }

  private async best(where: Where, timed: readonly DayRow[]): Promise<LogSummary['best']> {
    if (timed.length === 0) return null;
    const least = leastOf(timed);
    const days = timed.filter((day) => day.least === least).map(({ day }) => day);
    const row = await firstOf(this.sequelize, where, least, days);
    return row ? { id: row.id, time: least / 100 } : null;
  }

  private async typical(where: Where): Promise<number | null> {
    const row = await typicalOf(this.sequelize, where);
    return row?.median == null ? null : secondsOf(row.median);
  }

  private async spread(where: Where, timed: readonly DayRow[]): Promise<LogSummary['spread']> {
    if (timed.length === 0) return null;
    const least = leastOf(timed);
    const most = timed.reduce((so, { most }) => Math.max(so, most!), 0);
    const width = spreadWidth(least, most);
    const rows = await spreadOf(this.sequelize, where, width);
    return spreadFrom(new Map(rows.map(({ step, count }) => [step, count])), width);
  }

  private async stages(where: Where): Promise<StageSummary[]> {
    const rows = await stagesOf(this.sequelize, where);
    return rows.map(({ stage, count, median, turns, hundredths }) => ({
      stage,
      count,
      median: secondsOf(median),
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
    const groups = await groupsOf(this.sequelize, account, through);
    if (groups.length === 0) return null;
    const others = await othersIn(
      this.sequelize,
      account,
      groups.map(({ id }) => id),
    );
    if (others.length < LEAST_OTHERS) return 'too few';
    const from = daysBefore(new Date().toISOString().slice(0, 10), GROUP_DAYS - 1);
    // What is for somebody alone is in no figure that others see.
    const meant = { from, byCoach: true, ...(method && { method }), ...(stage && { stage }) };
    const where = whereOf(
      others.map(({ id }) => id),
      meant,
    );
    const rows = await groupStages(this.sequelize, where);
    if (rows.length === 0) return 'too few';
    return rows.map(({ stage, count, median, rate }) => ({
      stage,
      count,
      median: secondsOf(median),
      turnsPerSecond: rate === null ? null : Math.round(rate * 100) / 100,
    }));
  }
}

/** A day or session without its times. */
const spanOf = (row: KindRow): LogGroup => ({
  from: momentWith(row.first, row.first_offset),
  to: momentWith(row.last, row.last_offset),
  count: row.whole,
  times: [],
});

/** The least hundredths of all days; infinite without any. */
const leastOf = (timed: readonly DayRow[]): number =>
  timed.reduce((so, { least }) => Math.min(so, least!), Infinity);
