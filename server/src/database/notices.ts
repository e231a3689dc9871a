import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

/**
 * What is told to all processes once it holds: that something changed which pages are following.
 *
 * - `one`: somebody at a session; `event` is what boards are told, absent where it has to be asked for.
 * - `session`: what is shown there, or how.
 * - `over`: the session has ended, and why.
 * - `rights`: what these accounts may follow is to be looked at again, at this session or at all.
 */
export type Notice =
  | { of: 'one'; live: string; who: string; event?: unknown }
  | { of: 'session'; live: string }
  | { of: 'over'; live: string; why: Ended }
  | { of: 'rights'; accounts: readonly string[] | null; group: string | null };

/** Why somebody follows a session no more. */
export type Ended = 'ended' | 'archived' | 'dissolved';

/** The channel of the database. */
export const CHANNEL = 'sleetcrest_live';
/** What the database tells in one piece; beyond it what changed is asked for. */
export const MOST_TOLD = 7500;
/** Accounts named in one notice; of more it is said that it may be anybody. */
const MOST_NAMED = 100;

const waiting = new WeakMap<Transaction, string[]>();

const payloadOf = (notice: Notice): string => {
  const whole = JSON.stringify(notice);
  if (Buffer.byteLength(whole) <= MOST_TOLD) return whole;
  return JSON.stringify({ ...notice, event: undefined });
};

/** Has something told to all processes with the commit of a transaction, and never without it. */
export function tell(transaction: Transaction, ...notices: readonly Notice[]): void {
  const all = waiting.get(transaction) ?? [];
  waiting.set(transaction, [...all, ...notices.map(payloadOf)]);
}

/** Tells that what these accounts may follow is to be looked at again; of a group's, where one is named. */
export function tellRights(
  transaction: Transaction,
  accounts: readonly string[],
  group: string | null = null,
): void {
  if (accounts.length === 0) return;
  const named = accounts.length > MOST_NAMED ? null : accounts;
  tell(transaction, { of: 'rights', accounts: named, group });
}

/** Sends what waits, as the last statement before the commit; the database holds it back until then. */
export async function sendNotices(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  const all = waiting.get(transaction);
  if (!all) return;
  waiting.delete(transaction);
  await sequelize.query(
    `SELECT pg_notify($1, notice) FROM unnest($2::text[]) WITH ORDINALITY AS told (notice, place)
     ORDER BY place`,
    { bind: [CHANNEL, all], type: QueryTypes.SELECT, transaction },
  );
}
