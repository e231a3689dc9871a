export {
  BLANK_ENTRY,
  ENTRY_KINDS,
  hundredthsOf,
  type LogEntry,
  newestFirst,
  type Outcome,
  OUTCOMES,
  type Split,
} from './entry.js';
export { FOR_ONESELF, isMeant, type LogFilter } from './filter.js';
export {
  type Grouping,
  GROUPINGS,
  groupsOf,
  type KindTimes,
  type LogGroup,
  SESSION_PAUSE,
} from './groups.js';
export {
  canonicalMoment,
  FIRST_YEAR,
  LAST_YEAR,
  momentWith,
  MOST_OFFSET,
  offsetOf,
} from './moments.js';
export {
  GROUP_DAYS,
  LEAST_OTHERS,
  type LogOverview,
  overviewOf,
  type Ridge,
  ridgeDays,
} from './overview.js';
export { secondsOf } from './quantiles.js';
export { daysBefore, streaksOf } from './streaks.js';
export {
  inSeconds,
  type LogSummary,
  spreadFrom,
  spreadWidth,
  type StageSummary,
  summarise,
  turnRate,
  TYPICAL_OF,
} from './summary.js';
