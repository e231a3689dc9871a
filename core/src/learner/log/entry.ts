import type { Stage } from '../../teaching/stages/index.js';

/** What a record is of: a whole solve, or one stage practised alone. */
export const ENTRY_KINDS = ['solve', 'stage'] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** How it ended. What was set aside is kept, with the reason, and counts in no statistic. */
export const OUTCOMES = ['finished', 'unfinished', 'aside'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** How long one stage took, and in how many turns where they are known. */
export interface Split {
  stage: Stage;
  /** Seconds with hundredths. */
  time: number;
  turns: number | null;
}

/** One solve or stage practice of a learner's log. */
export interface LogEntry {
  /** A UUID made by whoever records it, so that recording it again adds nothing. */
  id: string;
  kind: EntryKind;
  /** The stage practised; null for a whole solve. */
  stage: Stage | null;
  /** ISO 8601 with the offset of the place it was done at: its day is the day there. */
  beganAt: string;
  /** Seconds with hundredths; null where none was measured. */
  time: number | null;
  outcome: Outcome;
  /** Why it was set aside; empty otherwise. */
  reason: string;
  note: string;
  /** The id of the method, a named one's or one's own; empty where it is not known. */
  method: string;
  /** Which of one's cubes was used. */
  cube: string;
  /** Turns from solved, white up and green in front, in the prime dialect. */
  scramble: string;
  /** The turns done after it; empty where they are not known. */
  turns: string;
  splits: Split[];
  tags: string[];
}

/** A whole solve of which nothing is told yet. */
export const BLANK_ENTRY: Omit<LogEntry, 'id' | 'beganAt'> = {
  kind: 'solve',
  stage: null,
  time: null,
  outcome: 'finished',
  reason: '',
  note: '',
  method: '',
  cube: '',
  scramble: '',
  turns: '',
  splits: [],
  tags: [],
};

/** The day of a record at the place it was done at, `YYYY-MM-DD`. */
export const dayOf = ({ beganAt }: Pick<LogEntry, 'beganAt'>): string => beganAt.slice(0, 10);

/** Whole hundredths of a second; what is counted with, since they add up without rounding. */
export const hundredthsOf = (seconds: number): number => Math.round(seconds * 100);

/** Newest first; of the same moment, by id. */
export function newestFirst(a: LogEntry, b: LogEntry): number {
  const later = Date.parse(b.beganAt) - Date.parse(a.beganAt);
  return later !== 0 ? later : a.id < b.id ? 1 : a.id > b.id ? -1 : 0;
}
