import { dayOf, hundredthsOf, type LogEntry } from './entry.js';
import { middleOf, secondsOf } from './quantiles.js';

/** How a log may be grouped: by day, or by stretches without a long pause. */
export const GROUPINGS = ['day', 'session'] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** After a pause this long a new session begins, in minutes between two beginnings. */
export const SESSION_PAUSE = 30;

/** Records that belong together. */
export interface LogGroup {
  /** When the first and the last of them began, ISO 8601 with offset. */
  from: string;
  to: string;
  count: number;
  /** Seconds, over those that were finished with a time. */
  best: number | null;
  median: number | null;
}

/** The groups of some records, newest first. */
export function groupsOf(entries: readonly LogEntry[], by: Grouping): LogGroup[] {
  const oldestFirst = entries
    .map((entry) => ({ entry, at: Date.parse(entry.beganAt) }))
    .sort((a, b) => a.at - b.at || (a.entry.id < b.entry.id ? -1 : 1));
  const groups = new Map<string, LogEntry[]>();
  let key = '';
  let before = -Infinity;
  for (const { entry, at } of oldestFirst) {
    if (by === 'day') key = dayOf(entry);
    else if (at - before > SESSION_PAUSE * 60_000) key = entry.beganAt;
    before = at;
    const group = groups.get(key) ?? [];
    group.push(entry);
    groups.set(key, group);
  }
  return [...groups.values()].map(summed).sort((a, b) => Date.parse(b.from) - Date.parse(a.from));
}

function summed(entries: readonly LogEntry[]): LogGroup {
  const times = entries.flatMap(({ outcome, time }) =>
    outcome === 'finished' && time !== null ? [hundredthsOf(time)] : [],
  );
  const middle = middleOf(times);
  return {
    from: entries[0]!.beganAt,
    to: entries[entries.length - 1]!.beganAt,
    count: entries.length,
    best: middle && secondsOf(times.reduce((a, b) => Math.min(a, b))),
    median: middle && secondsOf(middle.median),
  };
}
