import {
  liveSessionSchema,
  presentSchema,
  type LiveSession,
  type Present,
} from '@sleetcrest/contract/table';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import { withConnection } from '../database/connection.js';
import { CHANNEL, MOST_TOLD } from '../database/notices.js';
import { changed, moment, rowOf, rowsOf, THERE } from '../database/statement.js';
import type { WhoseSeats } from './seats.js';

/** Nobody's id: what is asked for all is asked for nobody. */
const NOBODY = 'ffffffff-ffff-4fff-bfff-ffffffffffff';

const NAME = `coalesce(accounts.name, nickname, 'Guest')`;

/** A `Present`, as the database writes it. */
const PRESENT = `json_build_object('id', account_id, 'name', ${NAME},
  'guest', accounts.role = 'guest', 'here', here, 'since', ${moment('since')},
  'handAt', ${moment('hand_at')}, 'toldAt', ${moment('told_at')})`;

const TEACHES = `(groups.coach_id = $1 OR EXISTS (SELECT FROM group_assistants
  WHERE group_assistants.group_id = groups.id AND group_assistants.coach_id = $1))`;
const SITS = `EXISTS (SELECT FROM live_presence
  WHERE session_id = live_sessions.id AND account_id = $1)`;

/** A `LiveSession` with its code, and whether account $1 teaches there and is told it. */
const SESSION = `live_sessions.id, group_id AS group, groups.name AS "groupName", live_sessions.code,
  offer, shows_times AS "showsTimes", ${moment('begun_at')} AS "begunAt",
  ${SITS} AS joined, ${TEACHES} AS teaches`;
const SESSIONS = 'live_sessions JOIN groups ON groups.id = group_id';
const sessionRow = liveSessionSchema.extend({ teaches: z.boolean() });

function told({ teaches, ...session }: z.infer<typeof sessionRow>): LiveSession {
  return { ...session, code: teaches ? session.code : null };
}

/** Sessions that somebody teaches, sits at, or could sit down at as a learner of the group. */
export async function sessionsFor(sequelize: Sequelize, account: string): Promise<LiveSession[]> {
  const rows = await rowsOf(
    sequelize,
    sessionRow,
    `SELECT ${SESSION} FROM ${SESSIONS}
     WHERE archived_at IS NULL AND (${TEACHES} OR ${SITS} OR EXISTS (SELECT FROM group_members
       WHERE group_members.group_id = groups.id AND learner_id = $1))
     ORDER BY begun_at`,
    [account],
  );
  return rows.map(told);
}

/** A session, by its id or by its group, as somebody is told of it. */
export async function sessionFor(
  sequelize: Sequelize,
  account: string,
  which: { live: string } | { group: string },
  transaction?: Transaction,
): Promise<LiveSession | undefined> {
  const [column, id] =
    'live' in which ? ['live_sessions.id', which.live] : ['group_id', which.group];
  const row = await rowOf(
    sequelize,
    sessionRow,
    `SELECT ${SESSION} FROM ${SESSIONS} WHERE ${column} = $2`,
    [account, id],
    transaction,
  );
  return row && told(row);
}

/** A session with its code, for those who are told it. */
export async function sessionWhole(
  sequelize: Sequelize,
  live: string,
): Promise<LiveSession | undefined> {
  const row = await rowOf(
    sequelize,
    sessionRow,
    `SELECT ${SESSION} FROM ${SESSIONS} WHERE live_sessions.id = $2`,
    [NOBODY, live],
  );
  if (!row) return undefined;
  const { teaches: _, ...session } = row;
  return session;
}

/** What whoever follows a session is told first of all. */
export interface Followed {
  /** With the code, whoever asks: who is told it is known by what they follow. */
  session: LiveSession;
  /** Who they are there; null where they do not sit there. */
  own: Present | null;
  /** Whether the session they call by has not ended. */
  signedIn: boolean;
}

/** When a process has gone, everybody comes at once: prepared once on each connection. */
const FOLLOWED = {
  name: 'followed',
  text: `SELECT ${SESSION}, (SELECT ${PRESENT} FROM live_presence
         JOIN accounts ON accounts.id = account_id
         WHERE session_id = live_sessions.id AND account_id = $1) AS own,
       EXISTS (SELECT FROM sessions WHERE token_hash = $3 AND account_id = $1
         AND expires_at > now()) AS "signedIn"
       FROM ${SESSIONS} WHERE live_sessions.id = $2 AND archived_at IS NULL`,
};

export async function followed(
  sequelize: Sequelize,
  account: string,
  live: string,
  tokenHash: Buffer,
): Promise<Followed | undefined> {
  type Row = LiveSession & { teaches: boolean; own: Present | null; signedIn: boolean };
  const { rows } = await withConnection(sequelize, (connection) =>
    connection.query<Row>({ ...FOLLOWED, values: [account, live, tokenHash] }),
  );
  if (!rows[0]) return undefined;
  const { own, signedIn, teaches: _, ...session } = rows[0];
  return { session, own, signedIn };
}

/** A page that follows a session, as the database is asked about it. */
export interface Follower {
  account: string;
  live: string;
  tokenHash: Buffer;
}

/** What is so of those who follow something, in their order. */
const standingRow = z.object({
  place: z.number(),
  signed_in: z.boolean(),
  held: z.boolean(),
  archived: z.boolean(),
  sits: z.boolean(),
  teaches: z.boolean(),
});
export type Standing = z.infer<typeof standingRow>;

/** Whether each of many who follow something still may: one statement, however many. */
export const standings = (sequelize: Sequelize, who: readonly Follower[]): Promise<Standing[]> =>
  rowsOf(
    sequelize,
    standingRow,
    `SELECT place::int,
       EXISTS (SELECT FROM sessions WHERE sessions.token_hash = asked.hash
         AND account_id = asked.account AND expires_at > now()) AS signed_in,
       live_sessions.id IS NOT NULL AS held,
       coalesce(archived_at IS NOT NULL, false) AS archived,
       EXISTS (SELECT FROM live_presence WHERE session_id = asked.live
         AND account_id = asked.account) AS sits,
       coalesce(groups.coach_id = asked.account, false) OR EXISTS (SELECT FROM group_assistants helper
         WHERE helper.group_id = groups.id AND helper.coach_id = asked.account
           AND 'see' = ANY (rights)) AS teaches
     FROM unnest($1::uuid[], $2::uuid[], $3::bytea[]) WITH ORDINALITY
         AS asked (account, live, hash, place)
       LEFT JOIN live_sessions ON live_sessions.id = asked.live
       LEFT JOIN groups ON groups.id = group_id
     ORDER BY place`,
    [
      who.map(({ account }) => account),
      who.map(({ live }) => live),
      who.map(({ tokenHash }) => `\\x${tokenHash.toString('hex')}`),
    ],
  );

const presentRow = z.object({ present: presentSchema });

/** Everybody who sits at a session, or one of them. */
export async function present(
  sequelize: Sequelize,
  live: string,
  only: string | null = null,
  transaction?: Transaction,
): Promise<Present[]> {
  const rows = await rowsOf(
    sequelize,
    presentRow,
    `SELECT ${PRESENT} AS present FROM live_presence JOIN accounts ON accounts.id = account_id
     WHERE session_id = $1 AND ($2::uuid IS NULL OR account_id = $2) ORDER BY ${NAME}`,
    [live, only],
    transaction,
  );
  return rows.map((row) => row.present);
}

/**
 * Told by everybody every few seconds: prepared once on each connection. It makes sure itself that who
 * calls may, and keeps and tells in one: boards hear of changes in the order in which they were kept.
 */
const HERE = {
  name: 'here',
  text: `WITH changed AS (
       UPDATE live_presence SET here = $3::jsonb, told_at = now(),
         since = now() - make_interval(secs => $4),
         hand_at = CASE WHEN $5::boolean THEN coalesce(hand_at, now()) END
       WHERE session_id = $1 AND account_id = $2 AND EXISTS (SELECT FROM sessions
         WHERE token_hash = $6 AND sessions.account_id = $2 AND expires_at > now())
       RETURNING *),
     shown AS (SELECT ${PRESENT} AS present FROM changed JOIN accounts ON accounts.id = account_id),
     news AS (SELECT present, json_build_object('of', 'one', 'live', $1::uuid, 'who', $2::uuid) AS short,
       json_build_object('of', 'one', 'live', $1::uuid, 'who', $2::uuid,
         'event', json_build_object('is', 'one', 'present', present))::text AS whole FROM shown)
     SELECT present, pg_notify('${CHANNEL}',
       CASE WHEN octet_length(whole) > ${MOST_TOLD} THEN short::text ELSE whole END) FROM news`,
};

/** Where somebody is, and their session; gives how that is shown, or undefined where they may not tell it. */
export async function tellHere(
  sequelize: Sequelize,
  who: Follower,
  here: object,
  forSeconds: number,
  hand: boolean,
): Promise<Present | undefined> {
  const values = [who.live, who.account, JSON.stringify(here), forSeconds, hand, who.tokenHash];
  const { rows } = await withConnection(sequelize, (connection) =>
    connection.query<{ present: Present }>({ ...HERE, values }),
  );
  return rows[0]?.present;
}

/** A hand goes down; gives whether that person sits there. */
export const handDown = (
  sequelize: Sequelize,
  live: string,
  learner: string,
  transaction: Transaction,
): Promise<number> =>
  changed(
    sequelize,
    `UPDATE live_presence SET hand_at = NULL,
       here = CASE WHEN here IS NULL THEN NULL ELSE jsonb_set(here, '{hand}', 'false') END
     WHERE session_id = $1 AND account_id = $2 RETURNING 1`,
    [live, learner],
    transaction,
  );

const takenRow = z.object({ live: z.string(), who: z.string() });

/** Takes seats away; gives which. */
export const seatsTaken = (
  sequelize: Sequelize,
  { accounts, group, onlySignedOut = false }: WhoseSeats,
  transaction: Transaction,
) =>
  rowsOf(
    sequelize,
    takenRow,
    `DELETE FROM live_presence seat USING live_sessions live
     WHERE live.id = seat.session_id AND seat.account_id = ANY ($1::uuid[])
       AND ($2::uuid IS NULL OR live.group_id = $2)
       AND (NOT $3::boolean OR NOT EXISTS (SELECT FROM sessions
         WHERE sessions.account_id = seat.account_id AND expires_at > now()))
     RETURNING seat.session_id AS live, seat.account_id AS who`,
    [accounts, group ?? null, onlySignedOut],
    transaction,
  );

/** Ends the sessions of some groups; gives which. */
export const endedSessions = (
  sequelize: Sequelize,
  groups: readonly string[],
  transaction: Transaction,
) =>
  rowsOf(
    sequelize,
    z.object({ id: z.string() }),
    'DELETE FROM live_sessions WHERE group_id = ANY ($1::uuid[]) RETURNING id',
    [groups],
    transaction,
  );

/** A session that is kept from ending meanwhile, with how many others sit there. */
export const heldWith = (
  sequelize: Sequelize,
  live: string,
  account: string,
  transaction: Transaction,
) =>
  rowOf(
    sequelize,
    z.object({ others: z.int() }),
    `SELECT (SELECT count(*)::int FROM live_presence WHERE session_id = $1 AND account_id <> $2)
       AS others
     FROM live_sessions WHERE id = $1 FOR SHARE`,
    [live, account],
    transaction,
  );

/**
 * Whether a name, as names are compared, is that of somebody who belongs to the group of a session, or sits
 * there, other than whoever asks.
 */
export const isSomebodys = async (
  sequelize: Sequelize,
  live: string,
  account: string,
  key: string,
  transaction: Transaction,
): Promise<boolean> => {
  const rows = await rowsOf(
    sequelize,
    THERE,
    `SELECT FROM live_sessions JOIN groups ON groups.id = group_id
     WHERE live_sessions.id = $1 AND EXISTS (SELECT FROM accounts
       WHERE name_key = $3 AND accounts.id <> $2 AND (accounts.id = groups.coach_id
         OR accounts.id IN (SELECT coach_id FROM group_assistants WHERE group_id = groups.id)
         OR accounts.id IN (SELECT learner_id FROM group_members WHERE group_id = groups.id)
         OR accounts.id IN (SELECT account_id FROM live_presence WHERE session_id = $1)))`,
    [live, account, key],
    transaction,
  );
  return rows.length > 0;
};

/** The names that guests at a session go by. */
export const nicknames = async (
  sequelize: Sequelize,
  live: string,
  account: string,
  transaction: Transaction,
): Promise<string[]> => {
  const rows = await rowsOf(
    sequelize,
    z.object({ nickname: z.string() }),
    `SELECT nickname FROM live_presence
     WHERE session_id = $1 AND account_id <> $2 AND nickname IS NOT NULL`,
    [live, account],
    transaction,
  );
  return rows.map(({ nickname }) => nickname);
};
