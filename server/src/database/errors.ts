import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  ForeignKeyConstraintError,
  UniqueConstraintError,
} from 'sequelize';
import { NO_ANSWER } from './connection.js';

/** The database was lost before the commit: nothing was kept. */
export class NothingKept extends Error {
  constructor(readonly parent: unknown) {
    super('the database was lost before the commit');
  }
}

/** The database was lost while it committed: whether it did is not known. */
export class PerhapsKept extends Error {
  constructor(readonly parent: unknown) {
    super('the database was lost in the commit');
  }
}

/**
 * What went wrong with the database, as far as somebody can do something about it:
 *
 * - `unreachable`: it was not asked. - `full`: all connections are lent, or it takes no more.
 * - `lost`: it was gone before it answered: what was asked may have been done.
 * - `too long`: it gave the statement up: nothing was done. - `conflict`: two waited for each other.
 * - `standby`: it takes no changes, as another is the one that does.
 * - `account gone`: what was kept belongs to an account that is no more.
 * - `gone`: it belongs to something else that is no more. - `taken`: something else has this id.
 */
export type Trouble =
  | 'unreachable'
  | 'full'
  | 'lost'
  | 'too long'
  | 'conflict'
  | 'standby'
  | 'account gone'
  | 'gone'
  | 'taken';

/** The keys by which what is kept belongs to whoever asks. */
const OWNERS: readonly string[] = [
  'sessions_account_id_fkey',
  'saved_solves_owner_id_fkey',
  'own_methods_owner_id_fkey',
  'log_entries_account_id_fkey',
  'practice_reviews_account_id_fkey',
  'settings_account_id_fkey',
  'groups_coach_id_fkey',
  'group_members_learner_id_fkey',
  'work_learner_id_fkey',
  'work_notes_author_id_fkey',
  'live_presence_account_id_fkey',
  'assignment_said_learner_id_fkey',
  'print_jobs_asked_by_fkey',
];

/** By the beginning of a SQLSTATE, or by the name of a fault of the network. */
const BY_CODE: readonly (readonly [begins: string, trouble: Trouble])[] = [
  ['25006', 'standby'],
  ['57014', 'too long'],
  ['25P03', 'lost'],
  ['57', 'lost'],
  ['08', 'lost'],
  ['ECONNRESET', 'lost'],
  ['EPIPE', 'lost'],
  ['ECONNREFUSED', 'unreachable'],
  ['53', 'full'],
  ['40', 'conflict'],
  ['55P03', 'conflict'],
];

/** What the driver says, without a code, of a connection that is no more. */
const GONE = /Connection terminated|not queryable|Client was closed/;

/** What the driver said of an error that Sequelize wrapped. */
function saidOf(error: unknown): { code?: string; constraint?: string; message?: string } {
  const wrapped = error instanceof DatabaseError || error instanceof ConnectionError;
  return (wrapped ? error.parent : error) ?? {};
}

/** What went wrong with the database; undefined for what is none of its faults. */
export function troubleOf(error: unknown): Trouble | undefined {
  if (error instanceof PerhapsKept) return 'lost';
  if (error instanceof NothingKept) return 'unreachable';
  if (error instanceof ConnectionAcquireTimeoutError) return 'full';
  const { code, constraint = '', message = '' } = saidOf(error);
  if (code?.startsWith('53')) return 'full';
  // While it starts, stops or stands by it lets nobody in.
  if (error instanceof ConnectionError) return 'unreachable';
  if (code === '23503' || error instanceof ForeignKeyConstraintError) {
    return OWNERS.includes(constraint) ? 'account gone' : 'gone';
  }
  if (code === '23505' || error instanceof UniqueConstraintError) return 'taken';
  if (message === NO_ANSWER || GONE.test(message)) return 'lost';
  return BY_CODE.find(([begins]) => code?.startsWith(begins))?.[1];
}

export const isConflict = (error: unknown): boolean => troubleOf(error) === 'conflict';

/** Whether an error is that a key of this name is taken. */
export function breaks(error: unknown, constraint: string): boolean {
  const said = error instanceof UniqueConstraintError ? error.parent : saidOf(error);
  return (said as { constraint?: string }).constraint === constraint;
}
