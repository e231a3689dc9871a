import { createHash } from 'node:crypto';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import type { Caller } from '../access/caller.js';
import { withConnection } from '../database/connection.js';
import { changed, rowOf, rowsOf, THERE } from '../database/statement.js';

/** Asked for with nearly every request: prepared once on each connection. */
const WHO_CALLS = {
  name: 'who calls',
  text: `SELECT accounts.id, accounts.role, accounts.name, phrase_given AS begins,
           seen_on < current_date AS stale
         FROM sessions JOIN accounts ON accounts.id = sessions.account_id
         WHERE token_hash = $1 AND expires_at > now()`,
};

/** Who is behind a token, and whether that was not yet noted down today. */
export async function whoCalls(
  sequelize: Sequelize,
  tokenHash: Buffer,
): Promise<(Caller & { stale: boolean }) | undefined> {
  const { rows } = await withConnection(sequelize, (connection) =>
    connection.query<Caller & { stale: boolean }>({ ...WHO_CALLS, values: [tokenHash] }),
  );
  return rows[0];
}

/** Once a day: sessions that are used no more are not kept. */
export async function seenToday(sequelize: Sequelize, tokenHash: Buffer): Promise<void> {
  await changed(
    sequelize,
    `UPDATE sessions SET seen_on = current_date
     WHERE token_hash = $1 AND seen_on < current_date RETURNING 1`,
    [tokenHash],
  );
}

/** Begins a session for an account whose phrase is still the one that was given; gives whether it did. */
export async function beginByPhrase(
  sequelize: Sequelize,
  given: { tokenHash: Buffer; account: string; phraseHash: string; expiresAt: Date },
): Promise<boolean> {
  const begun = await changed(
    sequelize,
    `INSERT INTO sessions (token_hash, account_id, expires_at)
     SELECT $1, id, $2::timestamptz
     FROM (SELECT id FROM accounts WHERE id = $3 AND phrase_hash = $4 FOR SHARE) account
     RETURNING 1`,
    [given.tokenHash, given.expiresAt, given.account, given.phraseHash],
  );
  return begun === 1;
}

const signedInRow = z.object({
  id: z.string(),
  created_at: z.date(),
  seen_on: z.string(),
  here: z.boolean(),
});

/** Where somebody is signed in, the newest first. */
export const signedIn = (sequelize: Sequelize, account: string, tokenHash: Buffer) =>
  rowsOf(
    sequelize,
    signedInRow,
    `SELECT id, created_at, seen_on::text, token_hash = $2 AS here FROM sessions
     WHERE account_id = $1 AND expires_at > now() ORDER BY created_at DESC, id`,
    [account, tokenHash],
  );

/** What of others' goes with an account, or with one group alone. */
export const leaving = (sequelize: Sequelize, account: string, group: string | null) =>
  rowOf(
    sequelize,
    z.object({
      groups: z.int(),
      learners: z.int(),
      plans: z.int(),
      assignments: z.int(),
      work: z.int(),
      notes: z.int(),
    }),
    `WITH going AS (SELECT id FROM groups WHERE coach_id = $1 AND ($2::uuid IS NULL OR id = $2))
     SELECT (SELECT count(*)::int FROM going) AS groups,
       (SELECT count(DISTINCT learner_id)::int FROM group_members
         WHERE group_id IN (SELECT id FROM going)) AS learners,
       (SELECT count(*)::int FROM session_plans WHERE group_id IN (SELECT id FROM going)) AS plans,
       (SELECT count(*)::int FROM assignments WHERE group_id IN (SELECT id FROM going))
         AS assignments,
       (SELECT count(*)::int FROM work WHERE group_id IN (SELECT id FROM going)
         AND learner_id <> $1) AS work,
       (SELECT count(*)::int FROM work_notes JOIN work ON work.id = work_id
         WHERE (author_id = $1) <> (learner_id = $1) AND $2::uuid IS NULL) AS notes`,
    [account, group],
  );

/** Moves what a guest kept to an account; where they sit at a table they stay, under their own name. */
export async function moveKept(
  sequelize: Sequelize,
  from: string,
  to: string,
  transaction: Transaction,
): Promise<void> {
  const move = (sql: string): Promise<number> => changed(sequelize, sql, [from, to], transaction);
  // A method that both have under one id stays the account's own.
  await move(
    `DELETE FROM own_methods WHERE owner_id = $1
     AND id IN (SELECT id FROM own_methods WHERE owner_id = $2) RETURNING 1`,
  );
  await move('UPDATE own_methods SET owner_id = $2 WHERE owner_id = $1 RETURNING 1');
  await move('UPDATE saved_solves SET owner_id = $2 WHERE owner_id = $1 RETURNING 1');
  await move(
    `UPDATE live_presence SET account_id = $2, nickname = NULL WHERE account_id = $1
       AND session_id NOT IN (SELECT session_id FROM live_presence WHERE account_id = $2)
     RETURNING 1`,
  );
}

const PARTS = 2000;

/** Parts of an account that may have hundreds of thousands of rows: those go some at a time. */
const LARGE = [
  ['log_told', 'account_id'],
  ['log_entries', 'account_id'],
  ['practice_reviews', 'account_id'],
] as const;

/** Removes some of what is kept for an account that is leaving; gives whether there was any. */
export async function removeSome(sequelize: Sequelize, account: string): Promise<boolean> {
  for (const [table, owner] of LARGE) {
    const gone = await changed(
      sequelize,
      `DELETE FROM ${table} WHERE ctid IN
         (SELECT ctid FROM ${table} WHERE ${owner} = $1 LIMIT ${PARTS}) RETURNING 1`,
      [account],
    );
    if (gone > 0) return true;
  }
  return false;
}

/** Accounts that nobody can be known by any more: those who left, and guests whose sessions ended. */
export const abandoned = (sequelize: Sequelize, kept: string) =>
  rowsOf(
    sequelize,
    z.object({ id: z.string() }),
    `SELECT id FROM accounts WHERE role = 'guest' AND id <> $1
       AND NOT EXISTS (SELECT FROM sessions WHERE account_id = accounts.id) LIMIT 500`,
    [kept],
  );

/** Leaves of an account nothing by which anybody is known: it is nobody's from then on, and goes in parts. */
export const nameless = (sequelize: Sequelize, account: string, transaction: Transaction) =>
  changed(
    sequelize,
    `UPDATE accounts SET role = 'guest', name = NULL, name_key = NULL, phrase_hash = NULL,
       phrase_given = false, made_in = NULL WHERE id = $1 RETURNING 1`,
    [account],
    transaction,
  );

/** Takes somebody out of every plan, and away the paper that they stand on. */
export async function forgottenByGroups(
  sequelize: Sequelize,
  account: string,
  transaction: Transaction,
): Promise<void> {
  await changed(
    sequelize,
    `DELETE FROM print_jobs WHERE (asked -> 'for' = 'null' AND group_id IN
         (SELECT group_id FROM group_members WHERE learner_id = $1))
       OR asked -> 'for' @> to_jsonb($1::text) RETURNING 1`,
    [account],
    transaction,
  );
  await changed(
    sequelize,
    `UPDATE session_plans SET changed_at = greatest(clock_timestamp(), changed_at + interval '1 millisecond'),
       plan = jsonb_set(jsonb_set(plan, '{comes}', (plan -> 'comes') - $1::text), '{tables}',
         (SELECT coalesce(jsonb_agg(jsonb_set(one, '{learners}', (one -> 'learners') - $1::text)
           ORDER BY place), '[]') FROM jsonb_array_elements(plan -> 'tables')
           WITH ORDINALITY AS tables (one, place)))
     WHERE plan -> 'comes' @> to_jsonb($1::text) OR EXISTS (
       SELECT FROM jsonb_array_elements(plan -> 'tables') one
       WHERE one -> 'learners' @> to_jsonb($1::text)) RETURNING 1`,
    [account],
    transaction,
  );
}

/** What is kept of an account besides what has a file of its own in its export. */
export const aboutAccount = (sequelize: Sequelize, account: string) =>
  rowOf(
    sequelize,
    z.object({ createdAt: z.date() }),
    'SELECT created_at AS "createdAt" FROM accounts WHERE id = $1',
    [account],
  );
export const sessionsKept = (sequelize: Sequelize, account: string) =>
  rowsOf(
    sequelize,
    z.object({ createdAt: z.date(), seenOn: z.string(), expiresAt: z.date() }),
    `SELECT created_at AS "createdAt", seen_on::text AS "seenOn", expires_at AS "expiresAt"
     FROM sessions WHERE account_id = $1 ORDER BY created_at`,
    [account],
  );
export const placesKept = (sequelize: Sequelize, account: string) =>
  rowsOf(
    sequelize,
    z.object({ seenOn: z.string() }),
    'SELECT seen_on::text AS "seenOn" FROM familiar_addresses WHERE account_id = $1 ORDER BY 1',
    [account],
  );

/** Where somebody is, as it is kept: a hash that tells nobody where that is. */
export const placeHash = (...parts: string[]): Buffer =>
  createHash('sha256').update(parts.join('\0')).digest();

/** Whether somebody who may not exist signed in at a place before. */
export const isFamiliar = async (
  sequelize: Sequelize,
  account: string,
  place: string,
): Promise<boolean> => {
  const found = await rowsOf(
    sequelize,
    THERE,
    'SELECT FROM familiar_addresses WHERE account_id::text = $1 AND address_hash = $2',
    [account, placeHash(account, place)],
  );
  return found.length > 0;
};

/** Remembers that somebody signed in at a place; of who is no more nothing is. */
export const rememberPlace = (sequelize: Sequelize, account: string, place: string) =>
  changed(
    sequelize,
    `INSERT INTO familiar_addresses (account_id, address_hash)
     SELECT id, $2 FROM accounts WHERE id = $1
     ON CONFLICT (account_id, address_hash) DO UPDATE SET seen_on = current_date RETURNING 1`,
    [account, placeHash(account, place)],
  );

/** Uses a code up by which a coach may sign up; gives whether it was good. Without any coach none is needed. */
export async function useCoachInvitation(
  sequelize: Sequelize,
  code: string | undefined,
  transaction: Transaction,
): Promise<boolean> {
  const used = await changed(
    sequelize,
    'DELETE FROM coach_invitations WHERE code = $1 AND expires_at > now() RETURNING 1',
    [code ?? ''],
    transaction,
  );
  if (used > 0) return true;
  const coaches = await rowsOf(
    sequelize,
    THERE,
    `SELECT FROM accounts WHERE role = 'coach' LIMIT 1`,
    [],
    transaction,
  );
  return coaches.length === 0;
}
