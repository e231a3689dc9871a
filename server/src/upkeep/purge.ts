import type { Sequelize } from 'sequelize';
import { abandoned } from '../accounts/queries.js';
import { AccountService } from '../accounts/service.js';
import { BEFORE_ACCOUNTS } from '../database/migrations/0004-accounts.js';
import { removeSomeOf } from './queries.js';

/** Days for which what nobody uses any more is kept; docs/privacy.md tells them. */
export const KEPT_DAYS = {
  /** A deleted cube, method or record can be brought back so long. */
  deleted: 30,
  /** What a field of a record said before can be taken back so long. */
  toldBefore: 30,
  /** A session that was not used. One that is used ends 400 days after it began. */
  session: 180,
  /** An address an account signed in at and then no more. */
  familiarAddress: 180,
  /** Paper that was made to be handed out. */
  prints: 1,
  /** A session of a table that nobody ended, with who sat at it. */
  live: 1,
  /** A move that a learner was asked about, and did not answer. */
  moves: 30,
  /** What remembered, before there were jobs, that something was done on a day. */
  dailyWork: 30,
} as const;

const older = (column: string, days: number): string =>
  `${column} < now() - interval '${days} days'`;

/** What goes, in this order. */
const GOING: readonly [table: string, where: string][] = [
  ['saved_solves', older('deleted_at', KEPT_DAYS.deleted)],
  ['own_methods', older('deleted_at', KEPT_DAYS.deleted)],
  ['log_entries', older('deleted_at', KEPT_DAYS.deleted)],
  ['log_told', older('heard_at', KEPT_DAYS.toldBefore)],
  ['sessions', `expires_at < now() OR ${older('seen_on', KEPT_DAYS.session)}`],
  ['familiar_addresses', older('seen_on', KEPT_DAYS.familiarAddress)],
  ['group_invitations', 'expires_at < now()'],
  ['print_jobs', older('asked_at', KEPT_DAYS.prints)],
  ['live_sessions', older('begun_at', KEPT_DAYS.live)],
  ['tries', 'expire < extract(epoch FROM now()) * 1000'],
  ['coach_invitations', 'expires_at < now()'],
  ['group_moves', older('asked_at', KEPT_DAYS.moves)],
  ['daily_work', older('done_on', KEPT_DAYS.dailyWork)],
];

/**
 * Removes for good what is kept no longer; gives how many rows went, by table. A guest goes once no session is left to
 * be known by, and so does what an account left that was deleted. Cut short, it goes on the next time.
 */
export async function purge(
  sequelize: Sequelize,
  signal?: AbortSignal,
): Promise<Record<string, number>> {
  const gone: Record<string, number> = {};
  for (const [table, where] of GOING) {
    signal?.throwIfAborted();
    gone[table] = await removeSomeOf(sequelize, table, where);
  }
  const accounts = new AccountService(sequelize);
  gone['accounts'] = 0;
  for (;;) {
    const some = await abandoned(sequelize, BEFORE_ACCOUNTS);
    for (const { id } of some) {
      signal?.throwIfAborted();
      await accounts.removeRest(id);
    }
    gone['accounts'] += some.length;
    if (some.length === 0) return gone;
  }
}
