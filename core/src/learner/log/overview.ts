import type { LogEntry } from './entry.js';
import { isMeant, type LogFilter } from './filter.js';
import { daysBefore } from './streaks.js';
import {
  isTimed,
  type LogSummary,
  stageSummaries,
  type StageSummary,
  summarise,
} from './summary.js';

/**
 * What is shown of a group is never one person's: so many learners, besides whoever it is shown of,
 * must stand behind each of its figures.
 */
export const LEAST_OTHERS = 4;
/** Over how many days up to now a group's figures are: they follow from nothing that is asked. */
export const GROUP_DAYS = 30;

/** What stages took over some days, over the thirty days before them, and in the group. */
export interface Ridge {
  from: string;
  to: string;
  now: StageSummary[];
  earlier: StageSummary[];
  /** The group's other learners over its own days, each counted as one; null outside a group. */
  group: StageSummary[] | 'too few' | null;
}

/** The summary of some records, and where their time goes. */
export interface LogOverview {
  summary: LogSummary;
  ridge: Ridge;
}

const MONTH = 30;

/**
 * The days whose stages are set beside those before: the ones asked for, or, where no first one is
 * given, the thirty up to the last.
 */
export function ridgeDays(
  filter: LogFilter,
  today: string,
): { now: LogFilter & { from: string; to: string }; earlier: LogFilter } {
  const to = filter.to ?? today;
  const from = filter.from ?? daysBefore(to, MONTH - 1);
  return {
    now: { ...filter, from, to },
    earlier: { ...filter, from: daysBefore(from, MONTH), to: daysBefore(from, 1) },
  };
}

/** What the charts show of those records that are meant. */
export function overviewOf(
  entries: readonly LogEntry[],
  filter: LogFilter,
  today: string,
): LogOverview {
  const { now, earlier } = ridgeDays(filter, today);
  const stages = (meant: LogFilter): StageSummary[] =>
    stageSummaries(entries.filter((entry) => isTimed(entry) && isMeant(entry, meant)));
  return {
    summary: summarise(
      entries.filter((entry) => isMeant(entry, filter)),
      today,
    ),
    ridge: { from: now.from, to: now.to, now: stages(now), earlier: stages(earlier), group: null },
  };
}
