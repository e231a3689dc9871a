import { QueryTypes, type Sequelize } from 'sequelize';
import { BEFORE_ACCOUNTS } from '../database/migrations/0004-accounts.js';

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
  /** What remembers that something was done on a day. */
  dailyWork: 30,
} as const;

const older = (column: string, days: number): string =>
  `${column} < now() - interval '${days} days'`;

/** What goes, in this order: a guest goes once no session is left to be known by. */
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
  ['daily_work', older('done_on', KEPT_DAYS.dailyWork)],
  [
    'accounts',
    // One that was made this very moment has its session in the same transaction.
    `role = 'guest' AND id <> '${BEFORE_ACCOUNTS}'
       AND NOT EXISTS (SELECT FROM sessions WHERE account_id = accounts.id)`,
  ],
];

/** Rows removed by one statement: few enough to hold nobody up. */
const AT_ONCE = 500;

/** Removes for good what is kept no longer; gives how many rows went, by table. */
export async function purge(sequelize: Sequelize): Promise<Record<string, number>> {
  const gone: Record<string, number> = {};
  for (const [table, where] of GOING) {
    gone[table] = 0;
    for (let count = AT_ONCE; count === AT_ONCE; gone[table] += count) {
      const rows = await sequelize.query(
        `DELETE FROM ${table} WHERE ctid IN (
           SELECT ctid FROM ${table} WHERE ${where} LIMIT ${AT_ONCE} FOR UPDATE SKIP LOCKED)
         RETURNING 1`,
        { type: QueryTypes.SELECT },
      );
      count = rows.length;
    }
  }
  return gone;
}
