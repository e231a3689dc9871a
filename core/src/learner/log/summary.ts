import { type Stage, STAGES } from '../../teaching/stages/index.js';
import { dayOf, hundredthsOf, type LogEntry, newestFirst } from './entry.js';
import { type Middle, middleOf, secondsOf } from './quantiles.js';
import { type Streaks, streaksOf } from './streaks.js';

/** The times of one day: seconds. */
interface DaySummary extends Middle {
  day: string;
  count: number;
}

/** How many times fell in each step of the same width: `counts[k]` from `from + k·width` on. */
export interface Spread {
  from: number;
  width: number;
  counts: number[];
}

/** What a stage took, over the records in which it was timed. */
export interface StageSummary {
  stage: Stage;
  count: number;
  /** Median seconds. */
  median: number;
  /** Over all of them together, where turns are known; null where none are. */
  turnsPerSecond: number | null;
}

/** What the charts of a log show. Only what was finished with a time counts, but for streaks. */
export interface LogSummary {
  /** All records meant, and those of them that were finished with a time. */
  count: number;
  timed: number;
  best: { id: string; time: number } | null;
  /** The median of the last twelve; null while there are none. */
  typical: number | null;
  days: DaySummary[];
  spread: Spread | null;
  streaks: Streaks;
}

/** How many of the newest times the typical one is the median of. */
export const TYPICAL_OF = 12;

/** Whether a record counts: it was finished, and its time is known. */
export const isTimed = (entry: LogEntry): entry is LogEntry & { time: number } =>
  entry.outcome === 'finished' && entry.time !== null;

/** The summary of some records, in any order; `today` is where streaks are seen from. */
export function summarise(entries: readonly LogEntry[], today: string): LogSummary {
  const timed = entries.filter(isTimed).sort(newestFirst);
  const hundredths = timed.map(({ time }) => hundredthsOf(time));
  const best = bestOf(timed);
  const lately = middleOf(hundredths.slice(0, TYPICAL_OF));
  return {
    count: entries.length,
    timed: timed.length,
    best: best && { id: best.id, time: best.time },
    typical: lately && secondsOf(lately.median),
    days: daysOf(timed),
    spread: spreadOf(hundredths),
    streaks: streaksOf([...new Set(entries.map(dayOf))].sort(), today),
  };
}

/** The fastest; of equal ones the one that was first. */
function bestOf<T extends LogEntry & { time: number }>(newest: readonly T[]): T | null {
  return newest.reduce<T | null>(
    (best, entry) => (best && best.time < entry.time ? best : entry),
    null,
  );
}

/** A middle half of hundredths in seconds. */
export const inSeconds = ({ lower, median, upper }: Middle): Middle => ({
  lower: secondsOf(lower),
  median: secondsOf(median),
  upper: secondsOf(upper),
});

function daysOf(timed: readonly (LogEntry & { time: number })[]): DaySummary[] {
  const byDay = new Map<string, number[]>();
  for (const entry of timed) {
    const day = dayOf(entry);
    const times = byDay.get(day) ?? [];
    times.push(hundredthsOf(entry.time));
    byDay.set(day, times);
  }
  return [...byDay]
    .map(([day, times]) => ({ day, count: times.length, ...inSeconds(middleOf(times)!) }))
    .sort((a, b) => (a.day < b.day ? -1 : 1));
}

const STEPS = 24;
const WIDTHS = [10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000, 30_000, 60_000, 360_000];

/** The width of a step, in hundredths: round, and such that there are not too many of them. */
export const spreadWidth = (least: number, most: number): number =>
  WIDTHS.find((width) => Math.floor(most / width) - Math.floor(least / width) < STEPS) ??
  Math.ceil((most - least + 1) / (STEPS - 1));

/** The spread of times given in hundredths. */
function spreadOf(hundredths: readonly number[]): Spread | null {
  if (hundredths.length === 0) return null;
  const least = hundredths.reduce((a, b) => Math.min(a, b));
  const most = hundredths.reduce((a, b) => Math.max(a, b));
  const width = spreadWidth(least, most);
  const counts = new Map<number, number>();
  for (const time of hundredths) {
    const step = Math.floor(time / width);
    counts.set(step, (counts.get(step) ?? 0) + 1);
  }
  return spreadFrom(counts, width);
}

/** The spread from how many times fell in each step, steps being counted from 0 seconds. */
export function spreadFrom(steps: ReadonlyMap<number, number>, width: number): Spread {
  // There may be more than can be spread into the arguments of a function.
  const numbers = [...steps.keys()];
  const first = numbers.reduce((a, b) => Math.min(a, b));
  const last = numbers.reduce((a, b) => Math.max(a, b));
  return {
    from: secondsOf(first * width),
    width: secondsOf(width),
    counts: Array.from({ length: last - first + 1 }, (_, k) => steps.get(first + k) ?? 0),
  };
}

/** The stages timed in some records, in the order of a solve. */
export function stageSummaries(timed: readonly LogEntry[]): StageSummary[] {
  const splits = timed.flatMap((one) => one.splits);
  return STAGES.flatMap((stage) => {
    const own = splits.filter((split) => split.stage === stage);
    const middle = middleOf(own.map(({ time }) => hundredthsOf(time)));
    if (!middle) return [];
    let turns = 0;
    let time = 0;
    for (const split of own) {
      if (split.turns === null || split.time === 0) continue;
      turns += split.turns;
      time += hundredthsOf(split.time);
    }
    const turnsPerSecond = time === 0 ? null : turnRate(turns, time);
    return [{ stage, count: own.length, median: secondsOf(middle.median), turnsPerSecond }];
  });
}

/** Turns per second, with hundredths, from turns and hundredths of a second. */
export const turnRate = (turns: number, hundredths: number): number =>
  Math.round((turns * 10_000) / hundredths) / 100;
