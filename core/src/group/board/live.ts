/** What a learner is at, as they tell it from moment to moment. */
export const DOINGS = ['idle', 'walk', 'lesson', 'practice', 'solve', 'done'] as const;
type Doing = (typeof DOINGS)[number];

/** Where a learner is now. Moments are milliseconds of the clock of whoever looks. */
export interface Here {
  readonly doing: Doing;
  /** How far, of how many: steps of a walk, stages of a solve, cards of a practice. */
  readonly at: number;
  readonly of: number;
  /** When this step was begun. */
  readonly since: number;
  /** When the hand went up; null where it is down. */
  readonly hand: number | null;
  /** When their page last told anything. */
  readonly told: number;
}

/** Milliseconds between signs of life from a learner's page; it is away after three without one. */
export const SIGN_OF_LIFE = 30_000;
const AWAY_AFTER = 3 * SIGN_OF_LIFE;

/**
 * Whether a learner's page is gone: shut, asleep or without a network.
 * @param heard until when whoever looks has heard at all
 */
export const isAway = (here: Here, heard: number): boolean => heard - here.told > AWAY_AFTER;

/** Longer than so many times one's own usual step is stuck … */
const TIMES_USUAL = 3;
/** … but nobody is after less than this, and everybody after the other; milliseconds. */
const LEAST = 60_000;
const MOST = 600_000;
/** Steps after which one's own usual is known; before, it is taken for `UNKNOWN`. */
const ENOUGH = 5;
const UNKNOWN = 60_000;

/**
 * After how long in one step a learner counts as stuck: three times the median of their own steps of
 * today, never under a minute and never over ten; three minutes where too few are known.
 * @param steps how long each of their steps took, in milliseconds
 */
export function stuckAfter(steps: readonly number[]): number {
  const sorted = [...steps].sort((a, b) => a - b);
  const usual = sorted.length < ENOUGH ? UNKNOWN : sorted[sorted.length >> 1]!;
  return Math.min(MOST, Math.max(LEAST, TIMES_USUAL * usual));
}

/** Doing nothing, or being done, is not being stuck. */
export const isStuck = (here: Here, usual: number, now: number): boolean =>
  here.doing !== 'idle' && here.doing !== 'done' && now - here.since > usual;

/** How a learner at the table is, as a board shows it; in the order of whose need of the coach is greatest. */
export const STATES_AT_TABLE = ['hand', 'stuck', 'well', 'idle', 'done', 'away'] as const;
export type StateAtTable = (typeof STATES_AT_TABLE)[number];

/** A hand stays up whatever else is true; what a page that is gone told last says nothing of now. */
export function stateAtTable(here: Here, usual: number, now: number, heard = now): StateAtTable {
  if (here.hand !== null) return 'hand';
  if (isAway(here, heard)) return 'away';
  if (isStuck(here, usual, now)) return 'stuck';
  return here.doing === 'idle' || here.doing === 'done' ? here.doing : 'well';
}

/** Whose need of the coach is greater: hands by how long they are up, then the stuck, then the rest. */
export function byNeed<T extends { readonly here: Here; readonly usual: number }>(
  all: readonly T[],
  now: number,
  heard = now,
): T[] {
  const rank = ({ here, usual }: T): number =>
    STATES_AT_TABLE.indexOf(stateAtTable(here, usual, now, heard));
  const waits = ({ here }: T): number => here.hand ?? here.since;
  return [...all].sort((a, b) => rank(a) - rank(b) || waits(a) - waits(b));
}
