import type {
  ChangeLive,
  HereTold,
  JoinLive,
  LiveSession,
  Offer,
  Present,
} from '@sleetcrest/contract/table';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Caller } from '../access/caller.js';
import { newCode } from '../groups/service.js';
import { withConnection } from '../database/connection.js';
import { inside } from '../database/inside.js';
import { HttpProblem } from '../http/problem.js';
import { CHANNEL, MOST_TOLD, type News } from './news.js';

interface SessionRow {
  id: string;
  group_id: string;
  group_name: string;
  code: string;
  offer: Offer | null;
  shows_times: boolean;
  begun_at: Date;
  teaches: boolean;
  joined: boolean;
}

/** Sessions that are being held: who sits there, what they are at, and what is shown to them. */
export class LiveService {
  constructor(private readonly sequelize: Sequelize) {}

  /** Those somebody teaches, sits at, or could sit down at as a learner of the group. */
  list(caller: Caller): Promise<LiveSession[]> {
    return this.sessions(
      `WHERE archived_at IS NULL AND (${TEACHES} OR ${SITS} OR EXISTS (SELECT FROM group_members
         WHERE group_members.group_id = groups.id AND learner_id = $1))`,
      caller.id,
    );
  }

  async one(caller: Pick<Caller, 'id'>, live: string): Promise<LiveSession> {
    const [session] = await this.sessions('WHERE live_sessions.id = $2', caller.id, live);
    if (!session) throw sessionOver();
    return session;
  }

  /** The same, and who they are there, as whoever sits at it is told first of all. */
  async seated(account: string, live: string): Promise<[LiveSession, Present | undefined]> {
    const values = [account, live];
    const { rows } = await withConnection(this.sequelize, (connection) =>
      connection.query<SessionRow & { own: Present | null }>({ ...SEATED, values }),
    );
    if (!rows[0]) throw sessionOver();
    return [sessionOf(rows[0]), rows[0].own ?? undefined];
  }

  /** Begins a session of a group; where one is being held, it is that. */
  async begin(coach: Caller, group: string, id: string): Promise<LiveSession> {
    await this.sequelize.query(
      `INSERT INTO live_sessions (id, group_id, code) VALUES ($1, $2, $3)
       ON CONFLICT (group_id) DO NOTHING`,
      { bind: [id, group, newCode(6)] },
    );
    const [session] = await this.sessions('WHERE group_id = $2', coach.id, group);
    if (!session) throw sessionOver();
    return session;
  }

  /** Ends it: what it showed, and guests who came for it, are gone. */
  async end(live: string): Promise<void> {
    await this.sequelize.transaction(async (transaction) => {
      await this.tell({ live, of: 'over' }, transaction);
      await this.sequelize.query('DELETE FROM live_sessions WHERE id = $1', {
        ...{ bind: [live], transaction },
      });
    });
  }

  async change(caller: Caller, live: string, change: ChangeLive): Promise<LiveSession> {
    await this.sequelize.transaction(async (transaction) => {
      const changed = await this.sequelize.query(
        `UPDATE live_sessions SET offer = CASE WHEN $2 THEN $3::jsonb ELSE offer END,
           shows_times = coalesce($4, shows_times) WHERE id = $1 RETURNING id`,
        {
          bind: [
            ...[live, change.offer !== undefined],
            ...[change.offer ? JSON.stringify(change.offer) : null, change.showsTimes ?? null],
          ],
          type: QueryTypes.SELECT,
          transaction,
        },
      );
      if (changed.length === 0) throw sessionOver();
      await this.tell({ live, of: 'session' }, transaction);
    });
    return this.one(caller, live);
  }

  /** The session whose code is on the board. */
  async byCode(code: string): Promise<string> {
    const [row] = await this.sequelize.query<{ id: string }>(
      'SELECT id FROM live_sessions WHERE code = $1',
      { bind: [code], type: QueryTypes.SELECT },
    );
    if (!row) throw new HttpProblem(404, 'No session has this code now; look at the board again.');
    return row.id;
  }

  /** The session a group is holding. */
  async ofGroup(group: string): Promise<string> {
    const [row] = await this.sequelize.query<{ id: string }>(
      'SELECT id FROM live_sessions WHERE group_id = $1',
      { bind: [group], type: QueryTypes.SELECT },
    );
    if (!row) throw new HttpProblem(404, 'This group is not meeting just now.');
    return row.id;
  }

  /** Somebody sits down; a guest who came for this is gone with it. */
  async sit(
    caller: Caller,
    live: string,
    nickname: JoinLive['nickname'],
    cameForIt: boolean,
  ): Promise<LiveSession> {
    await this.sequelize.transaction(async (transaction) => {
      const [row] = await this.sequelize.query<{ others: number }>(
        `SELECT (SELECT count(*)::int FROM live_presence WHERE session_id = $1 AND account_id <> $2)
           AS others
         FROM live_sessions WHERE id = $1 FOR SHARE`,
        { bind: [live, caller.id], type: QueryTypes.SELECT, transaction },
      );
      if (!row) throw sessionOver();
      if (row.others >= MOST_SEATS) {
        throw new HttpProblem(
          409,
          `There are ${MOST_SEATS} at this table, as many as there is room for.`,
        );
      }
      await this.sequelize.query(
        `INSERT INTO live_presence (session_id, account_id, nickname) VALUES ($1, $2, $3)
         ON CONFLICT (session_id, account_id) DO UPDATE SET nickname = excluded.nickname`,
        { bind: [live, caller.id, caller.role === 'guest' ? nickname : null], transaction },
      );
      if (caller.role === 'guest' && cameForIt) {
        await this.sequelize.query('UPDATE accounts SET guest_of = $2 WHERE id = $1', {
          ...{ bind: [caller.id, live], transaction },
        });
      }
      await this.tellOne(live, caller.id, transaction);
    });
    return this.one(caller, live);
  }

  /**
   * Where somebody is now, who calls by a session of this hash; undefined where they may not, or do not
   * sit there. A hand is up from when it was first told until it is told to be down.
   */
  async here(
    account: string,
    session: Buffer,
    live: string,
    told: HereTold,
  ): Promise<Present | undefined> {
    const { forSeconds, ...here } = told;
    const values = [live, account, JSON.stringify(here), forSeconds, here.hand, session];
    const { rows } = await withConnection(this.sequelize, (connection) =>
      connection.query<{ present: Present }>({ ...HERE, values }),
    );
    return rows[0]?.present;
  }

  /** The coach has seen a hand: it goes down. */
  async lower(live: string, learner: string): Promise<void> {
    await this.sequelize.transaction(async (transaction) => {
      const changed = await this.sequelize.query(
        `UPDATE live_presence SET hand_at = NULL,
           here = CASE WHEN here IS NULL THEN NULL ELSE jsonb_set(here, '{hand}', 'false') END
         WHERE session_id = $1 AND account_id = $2 RETURNING account_id`,
        { bind: [live, learner], type: QueryTypes.SELECT, transaction },
      );
      if (changed.length === 0) throw new HttpProblem(404, 'Nobody called so sits at this table.');
      await this.tellOne(live, learner, transaction);
    });
  }

  /** Somebody gets up. */
  async leave(account: string, live: string): Promise<void> {
    await this.sequelize.transaction(async (transaction) => {
      await this.sequelize.query(
        'DELETE FROM live_presence WHERE session_id = $1 AND account_id = $2',
        { bind: [live, account], transaction },
      );
      await this.tell(
        { live, of: 'one', who: account, event: { is: 'left', id: account } },
        transaction,
      );
    });
  }

  /** Everybody who sits at a session. */
  async present(live: string): Promise<Present[]> {
    return this.presence(`WHERE session_id = $1 ORDER BY ${NAME}`, [live]);
  }

  /** One who does; undefined for who has got up. */
  async presentOne(live: string, account: string): Promise<Present | undefined> {
    const [one] = await this.presence('WHERE session_id = $1 AND account_id = $2', [live, account]);
    return one;
  }

  private async tellOne(live: string, account: string, transaction: Transaction): Promise<Present> {
    const [present] = await this.presence(
      'WHERE session_id = $1 AND account_id = $2',
      [live, account],
      transaction,
    );
    if (!present) throw sessionOver();
    await this.tell({ live, of: 'one', who: account, event: { is: 'one', present } }, transaction);
    return present;
  }

  /** Within a transaction it is told when that holds, and not before. */
  private async tell(news: News, transaction?: Transaction): Promise<void> {
    const whole = JSON.stringify(news);
    const { event: _, ...short } = news;
    const payload = Buffer.byteLength(whole) > MOST_TOLD ? JSON.stringify(short) : whole;
    await this.sequelize.query('SELECT pg_notify($1, $2)', {
      bind: [CHANNEL, payload],
      ...inside(transaction),
    });
  }

  private async presence(
    where: string,
    bind: unknown[],
    transaction?: Transaction,
  ): Promise<Present[]> {
    const rows = await this.sequelize.query<{ present: Present }>(
      `SELECT ${PRESENT} AS present
       FROM live_presence JOIN accounts ON accounts.id = account_id ${where}`,
      { bind, type: QueryTypes.SELECT, ...inside(transaction) },
    );
    return rows.map(({ present }) => present);
  }

  private async sessions(where: string, account: string, about?: string): Promise<LiveSession[]> {
    const rows = await this.sequelize.query<SessionRow>(
      `SELECT ${SESSION} FROM ${SESSIONS} ${where} ORDER BY begun_at`,
      { bind: about === undefined ? [account] : [account, about], type: QueryTypes.SELECT },
    );
    return rows.map(sessionOf);
  }
}

const sessionOf = (row: SessionRow): LiveSession => ({
  ...{ id: row.id, group: row.group_id, groupName: row.group_name, offer: row.offer },
  ...{ showsTimes: row.shows_times, joined: row.joined, begunAt: row.begun_at.toISOString() },
  code: row.teaches ? row.code : null,
});

const moment = (column: string): string =>
  `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
const NAME = `coalesce(accounts.name, nickname, 'Guest')`;

/** A `Present`, as the database writes it. */
const PRESENT = `json_build_object('id', account_id, 'name', ${NAME},
  'guest', accounts.role = 'guest', 'here', here, 'since', ${moment('since')},
  'handAt', ${moment('hand_at')}, 'toldAt', ${moment('told_at')})`;

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
     news AS (SELECT present, json_build_object('live', $1::uuid, 'of', 'one', 'who', $2::uuid) AS short,
       json_build_object('live', $1::uuid, 'of', 'one', 'who', $2::uuid,
         'event', json_build_object('is', 'one', 'present', present))::text AS whole FROM shown)
     SELECT present, pg_notify('${CHANNEL}',
       CASE WHEN octet_length(whole) > ${MOST_TOLD} THEN short::text ELSE whole END) FROM news`,
};

/** The most who sit at one session. */
const MOST_SEATS = 400;

const TEACHES = `(groups.coach_id = $1 OR EXISTS (SELECT FROM group_assistants
  WHERE group_assistants.group_id = groups.id AND group_assistants.coach_id = $1))`;
const SITS = `EXISTS (SELECT FROM live_presence
  WHERE session_id = live_sessions.id AND account_id = $1)`;

/** A `SessionRow`, as account $1 sees it. */
const SESSION = `live_sessions.id, group_id, groups.name AS group_name, live_sessions.code, offer,
  shows_times, begun_at, ${TEACHES} AS teaches, ${SITS} AS joined`;
const SESSIONS = 'live_sessions JOIN groups ON groups.id = group_id';

/** When a process has gone, everybody comes at once: prepared once on each connection. */
const SEATED = {
  name: 'seated',
  text: `SELECT ${SESSION}, (SELECT ${PRESENT} FROM live_presence
         JOIN accounts ON accounts.id = account_id
         WHERE session_id = live_sessions.id AND account_id = $1) AS own
       FROM ${SESSIONS} WHERE live_sessions.id = $2`,
};

export const sessionOver = (): HttpProblem => new HttpProblem(404, 'This session is over.');
