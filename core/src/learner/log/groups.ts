import { type Stage, STAGES } from '../../teaching/stages/index.js';
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
  /** Of those finished with a time, each kind for itself: whole solves first, then stage by stage. */
  times: KindTimes[];
}

/** The times of one kind: whole solves, or one stage practised alone. */
export interface KindTimes {
  /** The stage practised; null for whole solves. */
  stage: Stage | null;
  count: number;
  /** Seconds. */
  best: number;
  median: number;
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
  return {
    from: entries[0]!.beganAt,
    to: entries[entries.length - 1]!.beganAt,
    count: entries.length,
    times: [null, ...STAGES].flatMap((stage) => timesOf(entries, stage)),
  };
}

function timesOf(entries: readonly LogEntry[], stage: Stage | null): KindTimes[] {
  const times = entries.flatMap((entry) =>
    entry.outcome === 'finished' && entry.time !== null && entry.stage === stage
      ? [hundredthsOf(entry.time)]
      : [],
  );
  const middle = middleOf(times);
  if (!middle) return [];
  const best = secondsOf(times.reduce((a, b) => Math.min(a, b)));
  return [{ stage, count: times.length, best, median: secondsOf(middle.median) }];
}
