import type { Stage } from '../../teaching/stages/index.js';
import { dayOf, type EntryKind, type LogEntry, type Outcome } from './entry.js';

/** A record with this tag is for whoever recorded it alone: no coach sees it, or anything reckoned from it. */
export const FOR_ONESELF = 'private';

/** Which records are meant; what is not given leaves nothing out. */
export interface LogFilter {
  /** Days, both included. */
  from?: string | undefined;
  to?: string | undefined;
  kind?: EntryKind | undefined;
  stage?: Stage | undefined;
  method?: string | undefined;
  outcome?: Outcome | undefined;
  tag?: string | undefined;
  /** Found in the note, the reason, the cube or a tag; upper and lower case are the same. */
  text?: string | undefined;
}

/** Whether a record is one of those meant. A solve is of a stage when that stage was timed in it. */
export function isMeant(entry: LogEntry, filter: LogFilter): boolean {
  const { from, to, kind, stage, method, outcome, tag, text } = filter;
  const day = dayOf(entry);
  return (
    (from === undefined || day >= from) &&
    (to === undefined || day <= to) &&
    (kind === undefined || entry.kind === kind) &&
    (stage === undefined || isOfStage(entry, stage)) &&
    (method === undefined || entry.method === method) &&
    (outcome === undefined || entry.outcome === outcome) &&
    (tag === undefined || entry.tags.includes(tag)) &&
    (text === undefined || holdsText(entry, text))
  );
}

const isOfStage = (entry: LogEntry, stage: Stage): boolean =>
  entry.stage === stage || entry.splits.some((split) => split.stage === stage);

function holdsText({ note, reason, cube, tags }: LogEntry, text: string): boolean {
  const sought = text.toLowerCase();
  return [note, reason, cube, ...tags].some((words) => words.toLowerCase().includes(sought));
}
